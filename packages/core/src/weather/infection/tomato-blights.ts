import type { HourlyWeather } from '../hourly';
import { meanC, wetIn } from '../wetness';

/**
 * From how many hours of wet leaves on a day counts 1, 2, 3 and 4, by the mean warmth of those hours.
 * @source TOMCAST: Pitblado 1992, after FAST: Madden, Pennypacker & MacNab 1978, Phytopathology 68: 1354-1358
 */
const FROM_HOURS: readonly { readonly from: number; readonly to: number; readonly hours: readonly number[] }[] = [
  { from: 13, to: 17, hours: [7, 16, 21] },
  { from: 18, to: 20, hours: [4, 9, 16, 23] },
  { from: 21, to: 25, hours: [3, 6, 13, 21] },
  { from: 26, to: 29, hours: [4, 9, 16, 23] },
];

/** How hard a day was on tomatoes, 0 to 4, to the nearest degree. Early blight, septoria and anthracnose; not late blight. */
export function tomatoBlightSeverity(wetHours: number, c: number): number {
  const degree = Math.round(c);
  const row = FROM_HOURS.find((r) => degree >= r.from && degree <= r.to);
  return row ? row.hours.filter((h) => wetHours >= h).length : 0;
}

/** The same of a day's hours, with the hours before it for leaves that drip still. */
export function tomatoBlightOf(day: readonly HourlyWeather[]): number {
  const wet = wetIn(day);
  const hours = day.filter((_, i) => wet[i]);
  return hours.length === 0 ? 0 : tomatoBlightSeverity(hours.length, meanC(hours));
}

/** Sums at which to guard for the first time (25 to 45 by region) and again (from memory). */
export const TOMATO_BLIGHT_FIRST = 35;
export const TOMATO_BLIGHT_AGAIN = 15;
