import { regionOf, type RegionId } from '../catalogue';
import type { LocalDay } from '../schedule';

/** A figure that is mostly between two others. */
export interface Usual {
  /** One day in ten has less, and one has more than `high`. */
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** Least and most of a day as they are usual at a place, °C. */
export interface UsualDay {
  readonly least: Usual;
  readonly most: Usual;
}

/**
 * By how much a degree of latitude parts the warmest month from the mean of the year, °C: little by the sea, much inland.
 * From memory, fitted by eye to climate atlases.
 */
const SWING: Readonly<Record<RegionId, number>> = {
  'europe-north': 0.16,
  'europe-south': 0.22,
  'russia-steppe': 0.27,
  'near-east': 0.3,
  'africa-north': 0.25,
  'africa-tropical': 0.12,
  'africa-south': 0.19,
  'south-asia': 0.28,
  'south-east-asia': 0.14,
  china: 0.35,
  'japan-korea': 0.32,
  'australia-cool': 0.17,
  'australia-warm': 0.2,
  'new-zealand': 0.13,
  pacific: 0.12,
  'america-north-east': 0.29,
  'america-south-east': 0.27,
  'america-west': 0.18,
  'america-central': 0.16,
  caribbean: 0.12,
  'south-america-tropical': 0.1,
  'south-america-cool': 0.17,
};
const SWING_UNKNOWN = 0.22;

/** East coasts of the north lie under cold winds from inland, north-west Europe under mild ones from the sea, °C (from memory). */
const LEAN: Partial<Record<RegionId, number>> = { 'america-north-east': -3.5, china: -2.5, 'japan-korea': -2, 'russia-steppe': -3, 'europe-north': 1.5 };

/** Mean of the year at sea level, by latitude, °C (from memory). */
const yearMean = (latitude: number): number => 27 - 0.0062 * latitude ** 2;
/** The warmest day of the year, counted from 1 January: three weeks and more after the longest (from memory). */
const WARMEST = { north: 204, south: 22 } as const;
const YEAR = 365.25;
const DAY = 86_400_000;

/**
 * What is usual on a day where nobody ever measured it: by latitude, season and how far inland its part of the world lies.
 * At sea level; a hill is colder. Of rain latitude says nothing.
 * @source from memory; held against four years of Seattle and New York in the tests
 */
export function normalDay(place: { readonly latitude: number; readonly longitude: number; readonly country: string }, day: LocalDay): UsualDay {
  const region = regionOf(place);
  const inland = region ? SWING[region] : SWING_UNKNOWN;
  const far = Math.abs(place.latitude);
  const since = (Date.parse(`${day}T00:00:00Z`) - Date.parse(`${day.slice(0, 4)}-01-01T00:00:00Z`)) / DAY;
  const warmest = place.latitude >= 0 ? WARMEST.north : WARMEST.south;
  const lean = (region && LEAN[region]) ?? 0;
  const mean = yearMean(far) + lean + inland * far * Math.cos((2 * Math.PI * (since - warmest)) / YEAR);
  // from night to day inland more than by the sea; from one day to the next more the further from the tropics
  const half = 3.5 + 9 * (inland - 0.12);
  const spread = 3 + 0.06 * far;
  const around = (likely: number): Usual => ({ low: likely - spread, likely, high: likely + spread });
  return { least: around(mean - half), most: around(mean + half) };
}
