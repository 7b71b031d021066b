import { addDays, type LocalDay } from '../schedule';
import type { Certainty } from '../weather';
import type { WeatherDay } from './types';

/** What has come together by the day, from one on. */
export interface Sum {
  /** After each day, ascending. */
  readonly after: readonly { readonly day: LocalDay; readonly sum: number; readonly sure: Certainty }[];
  /** Days that nobody told of, up to today: it is at least so much. */
  readonly missing: number;
}

/**
 * Sums up something by the day, from the morning of `from` on: days without hours add nothing, and are counted.
 * @param of what a whole day adds
 */
export function sumOver(days: readonly WeatherDay[], from: LocalDay, today: LocalDay, of: (day: WeatherDay) => number): Sum {
  const by = new Map(days.filter((d) => d.whole).map((d) => [d.day, d]));
  const last = days.at(-1)?.day ?? today;
  const after: { day: LocalDay; sum: number; sure: Certainty }[] = [];
  let sum = 0;
  let missing = 0;
  for (let day = from; day <= last || day <= today; day = addDays(day, 1)) {
    const told = by.get(day);
    // today is not over, and is no gap
    if (!told && day < today) missing++;
    sum += told ? of(told) : 0;
    after.push({ day, sum, sure: told?.sure ?? 'guess' });
  }
  return { after, missing };
}

/** The first day on which a sum is reached. */
export const reached = (s: Sum, target: number) => s.after.find((d) => d.sum >= target - 1e-9);

/** Over how many of the last days what a day brings is averaged. */
const RATE_DAYS = 7;

/** How many days on from the last told one a sum is reached at the rate of the last week; null where nothing comes together. */
export function daysUntil(s: Sum, target: number): number | null {
  const last = s.after.at(-1);
  if (!last) return null;
  const before = s.after.at(-1 - RATE_DAYS) ?? { sum: 0 };
  const rate = (last.sum - before.sum) / Math.min(RATE_DAYS, s.after.length);
  return rate <= 0 ? null : Math.max(0, Math.ceil((target - last.sum) / rate));
}
