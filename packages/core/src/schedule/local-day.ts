import { DateTime } from 'luxon';
import { instant, type Instant } from '../measure';

/** A calendar day at the garden, `YYYY-MM-DD`. */
export type LocalDay = string;

/** The instant at which a local day begins. @example dayStart('2026-05-26', 'Europe/London') */
export const dayStart = (day: LocalDay, zone: string): Instant => instant(DateTime.fromISO(day, { zone }).startOf('day').toMillis());

/** The instant at which the next local day begins. */
export const dayEnd = (day: LocalDay, zone: string): Instant => instant(DateTime.fromISO(day, { zone }).plus({ days: 1 }).startOf('day').toMillis());

/** The local day that holds an instant. */
export const dayOf = (at: Instant, zone: string): LocalDay => DateTime.fromMillis(at, { zone }).toISODate() as LocalDay;

/** @example addDays('2026-05-30', 3) // '2026-06-02' */
export const addDays = (day: LocalDay, days: number): LocalDay => DateTime.fromISO(day, { zone: 'utc' }).plus({ days }).toISODate() as LocalDay;

/**
 * So many label days after an instant: the later of calendar days and full 24-hour days, so that a
 * clock change never shortens a wait.
 */
export function waitUntil(at: Instant, days: number, zone: string): Instant {
  const calendar = DateTime.fromMillis(at, { zone }).plus({ days }).toMillis();
  return instant(Math.max(calendar, at + days * 86_400_000));
}
