import type { Climate } from '../catalogue/schema';

/** Where a garden is, as far as it decides its climate. Degrees, south and west negative. */
export interface Where {
  readonly latitude: number;
  readonly longitude?: number;
  /** ISO 3166-1; null or left out where it is not known. */
  readonly country?: string | null;
  /** ISO 3166-2; for duties that are a state's or a province's. */
  readonly region?: string | null;
}

const TROPIC = 23.5;

/** Dry summers and mild winters, by country, up to a latitude where that ends within it. */
const DRY_SUMMER: Readonly<Record<string, number>> = {
  PT: 42,
  ES: 42,
  IT: 44,
  GR: 41.5,
  CY: 90,
  MT: 90,
  AL: 90,
  HR: 44.5,
  TR: 38.7,
  IL: 90,
  LB: 90,
  SY: 90,
  JO: 90,
  TN: 90,
  DZ: 90,
  MA: 90,
  LY: 90,
};

/** The same by the map: from and to in latitude, from and to in longitude. */
const DRY_SUMMER_BOXES: readonly (readonly [number, number, number, number])[] = [
  [30, 43, -10, 4],
  [30, 44.2, 3, 12],
  [30, 41, 12, 36],
  [32, 42, -125, -117],
  [-38, -30, -74, -69],
  [-35, -31, 17, 22],
  [-38, -29, 114, 141],
];
const inBox = (lat: number, lon: number, [s, n, w, e]: readonly [number, number, number, number]) => lat >= s && lat <= n && lon >= w && lon <= e;

/** How far from the equator the warm, wet summers of the east sides of continents go. */
const EAST_SIDES: readonly (readonly [number, number, number, number])[] = [
  [23, 35.5, -100, -75],
  [23, 34, 68, 123],
  [23, 34, 123, 142],
  [-35, -23, -65, -47],
  [-34.5, -23, 26, 34],
  [-35, -23, 145, 155],
];

/** Far from the sea: hot summers, winters with lasting frost. */
const INLAND: readonly (readonly [number, number, number, number])[] = [
  [35, 50, -115, -60],
  [44, 58, 15, 60],
  [34, 53, 60, 140],
];

/** Summers too short for a second brood. */
const SHORT: readonly (readonly [number, number, number, number])[] = [
  [50, 84, -120, -55],
  [60, 84, 5, 45],
  [56, 84, 45, 180],
  [58, 84, -180, -120],
  [63, 67, -25, -13],
];

/**
 * The kind of climate of a place, by its country and where it lies. Coarse: mountains are not known, and the garden's
 * own weather corrects it (`warmthMonths`).
 * @example climateOf({ latitude: 28.6, longitude: 77.2, country: 'IN' }) // 'subtropical'
 */
export function climateOf({ latitude, longitude, country }: Where): Climate {
  const away = Math.abs(latitude);
  if (away < TROPIC) return 'tropical';
  const dry = country ? DRY_SUMMER[country] : undefined;
  if (dry !== undefined) return latitude < dry ? 'mediterranean' : country === 'ES' || country === 'PT' ? 'temperate' : inland(latitude, longitude);
  if (longitude === undefined) return away < 35 ? 'subtropical' : 'temperate';
  const is = (boxes: readonly (readonly [number, number, number, number])[]) => boxes.some((b) => inBox(latitude, longitude, b));
  if (is(DRY_SUMMER_BOXES)) return 'mediterranean';
  if (is(EAST_SIDES) || away < 30) return 'subtropical';
  if (is(SHORT)) return 'cold';
  return inland(latitude, longitude);
}

const inland = (lat: number, lon = 0): Climate => (INLAND.some((b) => inBox(lat, lon, b)) ? 'continental' : 'temperate');

/**
 * Months of a cool climate that are like a month elsewhere, by warmth; its own month always counts, since some things
 * go by the length of the day. Index 0 is January, counted as in the north. From memory.
 */
const LIKE: Readonly<Record<Exclude<Climate, 'tropical'>, readonly (readonly number[])[]>> = {
  subtropical: [
    [4, 5, 10],
    [4, 5],
    [5, 6],
    [6, 7],
    [6, 7, 8],
    [7, 8],
    [7, 8],
    [7, 8],
    [7, 8, 9],
    [6, 8, 9],
    [5, 9, 10],
    [4, 5, 10],
  ],
  mediterranean: [[3, 11], [3, 4], [4, 5], [5, 6], [6], [6, 7], [7, 8], [7, 8], [8, 9], [9], [9, 10], [10, 11]],
  temperate: [[], [], [], [], [], [], [], [], [], [], [], []],
  continental: [[], [], [], [], [], [6, 7], [7, 8], [7, 8], [], [], [], []],
  cold: [[], [], [], [], [], [], [], [], [], [], [], []],
};

/** Mean temperature of each month in a cool climate, °C: London, Met Office averages 1991-2020, from memory. */
const COOL_MEANS = [5.5, 5.8, 8, 10.4, 13.6, 16.7, 18.9, 18.6, 15.9, 12.3, 8.6, 6];
/** Warmth counts as like within this. */
const LIKE_C = 2;
/** Below it nothing much grows or flies, wherever. */
const GROWS_C = 8;

/** Months of a cool climate that are as warm as it is now; the warmest where it is warmer than any. */
export function warmthMonths(meanC: number): readonly number[] {
  if (meanC < GROWS_C) return [];
  const top = Math.max(...COOL_MEANS);
  return COOL_MEANS.flatMap((m, i) => (Math.abs(m - Math.min(meanC, top)) <= LIKE_C ? [i + 1] : []));
}

/** A day of it at the least, or a noon would pass for a climate. */
const LEAST_HOURS = 24;

/** Mean of the hours that are known, °C; null where less than a day is. */
export const meanTemperature = (hours: readonly { readonly temperatureC: number }[]): number | null =>
  hours.length < LEAST_HOURS ? null : hours.reduce((sum, h) => sum + h.temperatureC, 0) / hours.length;

/**
 * The months of a cool climate that this month may stand for, in this climate and as warm as it is.
 * @param month 1 … 12 as counted in the north @param meanC mean temperature of the days that are known; null where none are
 * @returns null where every month may be meant
 */
export function likeMonths(climate: Climate, month: number, meanC: number | null): readonly number[] | null {
  if (climate === 'tropical') return null;
  const warm = meanC === null ? [] : warmthMonths(meanC);
  // where winters rest everything, a warm week brings the season no more than a month nearer
  const rests = climate === 'temperate' || climate === 'continental' || climate === 'cold';
  const near = (m: number) => [0, 1, 11].includes((m - month + 12) % 12);
  return [...new Set([month, ...(LIKE[climate][month - 1] ?? []), ...warm.filter((m) => !rests || near(m))])];
}
