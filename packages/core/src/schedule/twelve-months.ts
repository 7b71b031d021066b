import { DateTime } from 'luxon';
import { instant, type Instant } from '../measure';

/** The same day and hour a year before, at the garden. */
const yearBefore = (at: Instant, zone: string): number => DateTime.fromMillis(at, { zone }).minus({ years: 1 }).toMillis();

/**
 * What of all that was done falls into the twelve months before a moment. A label's season is taken as twelve months:
 * a winter's sprays, or a southern summer's, are one season whichever the year on the calendar. What lies ahead of the
 * moment counts as well: a clock that was set back makes nothing undone.
 * @returns oldest first
 */
export function inTwelveMonths<T extends { readonly at: Instant }>(done: readonly T[], at: Instant, zone: string): T[] {
  if (done.length === 0) return [];
  const since = yearBefore(at, zone);
  return done.filter((d) => d.at > since).sort((a, b) => a.at - b.at);
}

/**
 * How often a label still allows it, seen from a moment.
 * @param most of its season; null or left out where it sets no limit
 * @param done when it was done, in any order
 * @returns null where there is no limit
 */
export function timesLeft(most: number | null | undefined, done: readonly Instant[], now: Instant, zone: string): number | null {
  if (most == null) return null;
  const used = inTwelveMonths(
    done.map((at) => ({ at })),
    now,
    zone,
  ).length;
  return Math.max(0, most - used);
}

/** The first moment at which something that was done then is no longer within twelve months. */
export function outOfTwelveMonths(at: Instant, zone: string): Instant {
  const later = DateTime.fromMillis(at, { zone }).plus({ years: 1 });
  // an hour that the clocks gave twice has its second a year later an hour on; a 29 February has no day of its own
  const ways = [later, later.plus({ hours: 1 }), later.plus({ days: 1 })];
  return instant((ways.find((w) => yearBefore(instant(w.toMillis()), zone) >= at) ?? later.plus({ days: 1 })).toMillis());
}
