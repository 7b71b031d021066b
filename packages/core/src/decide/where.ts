import type { Where } from '../scout';
import type { Conditions } from '../weather';
import type { Situation } from './types';

/** Where the garden is, for its climate. */
export const whereOf = (s: Pick<Situation, 'place' | 'country' | 'region'>): Where => ({
  latitude: s.place.latitude,
  longitude: s.place.longitude,
  country: s.country ?? null,
  region: s.region ?? null,
});

/** A day of it at the least, or a noon would pass for a climate. */
const LEAST_SLOTS = 24 * 4;
const means = new WeakMap<readonly Conditions[], number | null>();

/** Mean temperature of the days ahead that are known, °C; null where less than a day is. */
export function meanAhead(conditions: readonly Conditions[]): number | null {
  const before = means.get(conditions);
  if (before !== undefined) return before;
  const mean = conditions.length < LEAST_SLOTS ? null : conditions.reduce((sum, c) => sum + c.leastTemperature, 0) / conditions.length;
  means.set(conditions, mean);
  return mean;
}
