import type { WeatherDayView } from '../api';
import type { LocalDay } from '../schedule';
import type { Usual, UsualDay } from './normal';

/** Days so near to the day of the year tell of it. */
const NEAR_DAYS = 7;
/** Fewer say nothing (from memory). */
const LEAST_DAYS = 20;
/** Less in a day is no rain. */
const RAIN_MM = 1;
const DAY = 86_400_000;
const YEAR = 365.25 * DAY;

export interface OwnDay extends UsualDay {
  /** Of ten such days, how many had a millimetre of rain or more; null where too few had a gauge. */
  readonly wetInTen: number | null;
}

/** The figure below which a share of a sorted list lies, between two of them in proportion. */
function quantile(sorted: readonly number[], share: number): number {
  const at = share * (sorted.length - 1);
  const [below, above] = [sorted[Math.floor(at)] ?? Number.NaN, sorted[Math.ceil(at)] ?? Number.NaN];
  return below + (above - below) * (at - Math.floor(at));
}

const usual = (list: readonly number[]): Usual => {
  const sorted = [...list].sort((a, b) => a - b);
  return { low: quantile(sorted, 0.1), likely: quantile(sorted, 0.5), high: quantile(sorted, 0.9) };
};

/** How far two days lie apart in the round of the year, days. */
export function apartInYear(a: LocalDay, b: LocalDay): number {
  const apart = Math.abs(Date.parse(`${a}T00:00:00Z`) - Date.parse(`${b}T00:00:00Z`)) % YEAR;
  return Math.min(apart, YEAR - apart) / DAY;
}

/**
 * What is usual on a day by this garden's own weather: whole days of earlier years within a week of it.
 * @returns null where fewer than twenty are known
 */
export function ownDay(earlier: readonly WeatherDayView[], day: LocalDay): OwnDay | null {
  const near = earlier.filter((d) => d.whole && apartInYear(d.day, day) <= NEAR_DAYS + 0.5);
  if (near.length < LEAST_DAYS) return null;
  const gauged = near.flatMap((d) => (d.rainMm === null ? [] : [d.rainMm]));
  return {
    least: usual(near.map((d) => d.leastC)),
    most: usual(near.map((d) => d.mostC)),
    wetInTen: gauged.length < LEAST_DAYS ? null : Math.round((10 * gauged.filter((mm) => mm >= RAIN_MM).length) / gauged.length),
  };
}
