import { DateTime } from 'luxon';
import { instant, type Instant } from '../measure';

/** A calendar day at the garden, `YYYY-MM-DD`. */
export type LocalDay = string;

const DAY = 86_400_000;
const MOST_KEPT = 4000;
const starts = new Map<string, Map<LocalDay, Instant>>();

/**
 * The instant at which a local day begins. Kept once worked out: judging a ladder asks for the same few
 * days thousands of times.
 * @example dayStart('2026-05-26', 'Europe/London')
 */
export function dayStart(day: LocalDay, zone: string): Instant {
  let here = starts.get(zone);
  if (!here) starts.set(zone, (here = new Map()));
  let start = here.get(day);
  if (start === undefined) {
    start = instant(DateTime.fromISO(day, { zone }).startOf('day').toMillis());
    if (here.size >= MOST_KEPT) here.clear();
    here.set(day, start);
  }
  return start;
}

/**
 * A time by the clock on a local day; a time that a clock change leaves out comes as the one after it.
 * @example timeOn('2026-05-26', '17:30', 'Europe/London')
 */
export function timeOn(day: LocalDay, time: string, zone: string): Instant {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  const start = dayStart(day, zone);
  if (dayEnd(day, zone) - start === DAY) return instant(start + (hours * 60 + minutes) * 60_000);
  return instant(DateTime.fromISO(`${day}T${time}`, { zone }).toMillis());
}

/** The instant at which the next local day begins. */
export const dayEnd = (day: LocalDay, zone: string): Instant => dayStart(addDays(day, 1), zone);

/** The local day that holds an instant. */
export function dayOf(at: Instant, zone: string): LocalDay {
  if (last && last.zone === zone && at >= last.from && at < last.to) return last.day;
  const day = findDay(at, zone);
  last = { day, zone, from: dayStart(day, zone), to: dayEnd(day, zone) };
  return day;
}
let last: { day: LocalDay; zone: string; from: number; to: number } | null = null;

function findDay(at: Instant, zone: string): LocalDay {
  // no zone is further than a day from UTC
  const guess = new Date(at).toISOString().slice(0, 10);
  if (at < dayStart(guess, zone)) return addDays(guess, -1);
  return at < dayEnd(guess, zone) ? guess : addDays(guess, 1);
}

/** @example addDays('2026-05-30', 3) // '2026-06-02' */
export function addDays(day: LocalDay, days: number): LocalDay {
  let later = laterDays.get(days);
  if (!later) laterDays.set(days, (later = new Map()));
  let found = later.get(day);
  if (found === undefined) {
    found = new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);
    if (later.size >= MOST_KEPT) later.clear();
    later.set(day, found);
  }
  return found;
}
const laterDays = new Map<number, Map<LocalDay, LocalDay>>();

/**
 * So many label days after an instant: the later of calendar days and full 24-hour days, so that a
 * clock change never shortens a wait.
 */
export function waitUntil(at: Instant, days: number, zone: string): Instant {
  return instant(Math.max(sameTimeLater(at, days, zone), at + days * DAY));
}

/** The same time by the clock, so many days later. */
function sameTimeLater(at: Instant, days: number, zone: string): number {
  const from = dayOf(at, zone);
  const to = addDays(from, days);
  const whole = (day: LocalDay) => dayEnd(day, zone) - dayStart(day, zone) === DAY;
  if (Number.isInteger(days) && whole(from) && whole(to)) return dayStart(to, zone) + (at - dayStart(from, zone));
  return DateTime.fromMillis(at, { zone }).plus({ days }).toMillis();
}
