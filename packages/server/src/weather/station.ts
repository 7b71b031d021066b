import { hourlyWeatherSchema, type HourlyWeather } from '@sleetbrook/core/weather';
import type { StationState } from '@sleetbrook/core/api';
import { z } from 'zod';
import type { StoreContext } from '../store-context';
import { packHours } from './packed';
import { weatherStore } from './store';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const EVERY_MS = 15 * 60_000;
const PATIENCE_MS = 10_000;
/** A month of hours is a tenth of it. */
const MOST_BYTES = 1_000_000;
const MOST_HOURS = 3000;
const BACK_DAYS = 400;
const AHEAD_DAYS = 16;

const answerSchema = z.object({ hours: z.array(z.unknown()).max(MOST_HOURS) });
const hourSchema = hourlyWeatherSchema.omit({ certainty: true, leastC: true, unread: true });

/**
 * The hours of a station's answer (docs/weather-station.md). One that can not be is left out and counted, the others are
 * taken: a broken gauge is no reason to know nothing.
 * @returns null where it is no answer at all
 */
export function readStation(answer: unknown, now: Date): { readonly hours: HourlyWeather[]; readonly dropped: number } | null {
  const parsed = answerSchema.safeParse(answer);
  if (!parsed.success) return null;
  const by = new Map<number, HourlyWeather>();
  for (const said of parsed.data.hours) {
    const hour = hourSchema.safeParse(said);
    const at = hour.success ? Date.parse(hour.data.at) : Number.NaN;
    const near = at > now.getTime() - BACK_DAYS * DAY && at < now.getTime() + AHEAD_DAYS * DAY;
    if (hour.success && at % HOUR === 0 && near) by.set(at, { ...hour.data, at: new Date(at).toISOString() });
  }
  return { hours: [...by.values()].sort((a, b) => a.at.localeCompare(b.at)), dropped: parsed.data.hours.length - by.size };
}

/** What is told of a station that does not answer as it should. */
class NoStation extends Error {}

async function ask(url: string, fetching: typeof fetch): Promise<unknown> {
  const response = await fetching(url, { signal: AbortSignal.timeout(PATIENCE_MS), redirect: 'error', headers: { Accept: 'application/json' } });
  if (!response.ok) throw new NoStation(`It answers with ${response.status}.`);
  const reader = response.body?.getReader();
  const parts: Uint8Array[] = [];
  for (let bytes = 0; reader;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.length;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      throw new NoStation('It answers with more than any station says.');
    }
    parts.push(value);
  }
  try {
    return JSON.parse(Buffer.concat(parts).toString('utf8')) as unknown;
  } catch {
    throw new NoStation('What it answers is no JSON.');
  }
}

export interface Station {
  readonly state: () => StationState;
  /** Asks it now. */
  readonly poll: () => Promise<void>;
  readonly end: () => void;
}

/** What is told where no station is asked. */
export const NO_STATION: StationState = { asked: false, lastGoodAt: null, fault: null, dropped: 0 };

/**
 * Asks a weather station every quarter of an hour. What it says is added to the hours that are there; while it is silent
 * nothing is lost, and what stands against it is told. Its address may hold a key: it is neither logged nor told.
 */
export function pollStation({ db, clock, log }: Pick<StoreContext, 'db' | 'clock' | 'log'>, url: string, fetching: typeof fetch = fetch): Station {
  const store = weatherStore(db);
  let state: StationState = { ...NO_STATION, asked: true };
  let ended = false;
  const fail = (fault: string) => {
    // said once, until it is another
    if (state.fault !== fault) log.warn({ fault }, 'the weather station does not answer as it should');
    state = { ...state, fault };
  };
  const poll = async (): Promise<void> => {
    try {
      const now = clock.now();
      const read = readStation(await ask(url, fetching), now);
      if (ended) return;
      if (!read) return fail('What it answers is no list of hours.');
      await store.add(packHours(read.hours), now, 'station');
      if (state.fault !== null || state.lastGoodAt === null) log.info({ hours: read.hours.length, dropped: read.dropped }, 'the weather station answers');
      const fault = read.hours.length === 0 ? 'It tells of no hour that can be.' : null;
      state = { asked: true, lastGoodAt: fault ? state.lastGoodAt : now.toISOString(), fault, dropped: read.dropped };
    } catch (error) {
      if (!ended) fail(error instanceof NoStation ? error.message : 'It can not be reached.');
    }
  };
  const timer = setInterval(() => void poll(), EVERY_MS);
  void poll();
  return {
    state: () => state,
    poll,
    end: () => {
      ended = true;
      clearInterval(timer);
    },
  };
}
