import { celsius, type Celsius } from '../measure';

/** Between what warmths something grows, °C; above `upper` it grows no faster (horizontal cut-off). */
export interface Thresholds {
  readonly lower: number;
  readonly upper?: number;
}

/**
 * Degree-days of one day from its least and its most, by a sine through both.
 * @returns °C-days, 0 or more
 * @source Baskerville & Emin 1969, Ecology 50: 514-517; upper threshold with horizontal cut-off: Zalom et al. 1983
 * @example degreeDays(celsius(8), celsius(20), { lower: 10, upper: 31.1 }) // 4.3
 */
export function degreeDays(least: Celsius, most: Celsius, { lower, upper = Infinity }: Thresholds): number {
  const mean = (most + least) / 2;
  const half = (most - least) / 2;
  if (most <= lower) return 0;
  if (least >= upper) return upper - lower;
  // the angles at which the sine crosses the thresholds, from its lowest at -π/2 to its highest at π/2
  const rises = least >= lower ? -Math.PI / 2 : Math.asin((lower - mean) / half);
  const tops = most <= upper ? Math.PI / 2 : Math.asin((upper - mean) / half);
  const between = (mean - lower) * (tops - rises) + half * (Math.cos(rises) - Math.cos(tops));
  const above = tops === Math.PI / 2 ? 0 : (upper - lower) * (Math.PI / 2 - tops);
  return Math.max(0, (between + above) / Math.PI);
}

/** The same from hours: each counts a twenty-fourth of what it is above the threshold. */
export const degreeDaysOfHours = (hours: readonly { readonly temperatureC: number }[], { lower, upper = Infinity }: Thresholds): number =>
  hours.reduce((sum, h) => sum + Math.max(0, Math.min(h.temperatureC, upper) - lower) / 24, 0);

/** The warmest and the coldest of some hours; null of none. */
export function extremesOf(hours: readonly { readonly temperatureC: number }[]): { readonly least: Celsius; readonly most: Celsius } | null {
  if (hours.length === 0) return null;
  const all = hours.map((h) => h.temperatureC);
  return { least: celsius(Math.min(...all)), most: celsius(Math.max(...all)) };
}
