import { lastingOf, methodOf, type LabelLine, type LabelSheet } from '../label';
import { instant, sayAboutRain, sayRain, type Instant, type UnitSystem } from '../measure';
import { DRIZZLE_THAT_COUNTS_MM, type HourlyWeather } from '../weather';

/**
 * What rain did to something that was put on: `early`, before it had held; `off`, when enough of it has fallen to take
 * off what was there. Never said of what stands under a roof or goes into the soil.
 */
export interface RainedOff {
  readonly is: 'early' | 'off';
  /** The end of the hour in which it was enough. */
  readonly at: Instant;
  /** All that has fallen since (until it had to have held, for `early`). */
  readonly mm: number;
  /** Some of it was foretold and never measured. */
  readonly foretold: boolean;
}

interface Facts {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  readonly finishedAt: Instant;
  readonly now: Instant;
  /** Hours that somebody told of, oldest first; gaps count as dry, so what is found is the least that fell. */
  readonly hours: readonly HourlyWeather[];
}

const HOUR = 3_600_000;

/** Until when what was put on leaves must stay dry; null where water takes nothing of it, or at once. */
export function dryUntil({ sheet, line, finishedAt }: Pick<Facts, 'sheet' | 'line' | 'finishedAt'>): Instant | null {
  if (line.coverage === 'drenched' || !ON_LEAVES.has(methodOf(sheet, line)) || sheet.rainfastHours <= 0) return null;
  return instant(finishedAt + sheet.rainfastHours * HOUR);
}

/**
 * Whether rain has taken off what was put on, as far as hours are known.
 * @returns null where it has not, where rain can not reach it, and once it would be worn out anyway
 * @example rainedOff({ sheet: mancozeb, …, hours: [thirty mm in a night] })?.is // 'off'
 */
export function rainedOff({ sheet, line, finishedAt, now, hours }: Facts): RainedOff | null {
  const { days, rainMm } = lastingOf(sheet);
  const method = methodOf(sheet, line);
  if (line.coverage === 'drenched' || !ON_LEAVES.has(method)) return null;
  const held = finishedAt + sheet.rainfastHours * HOUR;
  if (now > finishedAt + Math.max(days ?? 0, LEAST_DAYS) * 24 * HOUR) return null;
  const early = fallen(hours, finishedAt, Math.min(held, now), DRIZZLE_THAT_COUNTS_MM);
  if (early && sheet.rainfastHours > 0) return { is: 'early', ...early };
  // what is done once it is dry has nothing left to lose
  const off = rainMm === null || days === 0 ? null : fallen(hours, finishedAt, now, rainMm);
  return off && { is: 'off', ...off };
}

/** What is worn out sooner is still worth a word for so long: rain before it held explains a poor count (from memory). */
const LEAST_DAYS = 3;
const ON_LEAVES: ReadonlySet<string> = new Set(['fine-spray', 'run-off', 'bark', 'dust-film']);

/** The rain from `from` to `to`, where it comes to `enough`; an hour that was begun counts by its part. */
function fallen(hours: readonly HourlyWeather[], from: number, to: number, enough: number): Omit<RainedOff, 'is'> | null {
  let mm = 0;
  let at: number | null = null;
  let foretold = false;
  for (const h of hours) {
    const start = Date.parse(h.at);
    const part = (Math.min(start + HOUR, to) - Math.max(start, from)) / HOUR;
    if (part <= 0) continue;
    mm += h.rainMm * part;
    foretold ||= h.rainMm > 0 && h.certainty === 'forecast';
    if (at === null && mm >= enough - 1e-9) at = Math.min(start + HOUR, to);
  }
  return at === null ? null : { at: instant(at), mm, foretold };
}

/**
 * It in words, with what to do.
 * @param again the day from which the label allows it once more, in words; null where it does not
 */
export function sayRainedOff(r: RainedOff, sheet: LabelSheet, again: string | null, units: UnitSystem): string {
  const fell = `${sayRain(r.mm, units)} of rain ${r.foretold ? 'was forecast' : 'fell'}`;
  const next = again === null ? 'Its label allows no more of it this year.' : `Its label’s days still count: again from ${again}.`;
  if (r.is === 'early') return `${fell} before it had held (it needs ${sheet.rainfastHours} h dry). Look before anything else. ${next}`;
  return `${fell} since: about ${sayAboutRain(lastingOf(sheet).rainMm ?? 0, units)} takes it off. Look; what is still sound stands bare. ${next}`;
}
