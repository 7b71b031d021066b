import type { Control, HourNeeds } from '../catalogue';
import type { LabelSheet } from '../label';
import { instant, type Instant } from '../measure';
import { dayStart, timeOn, type LocalDay } from '../schedule';
import { needsOf, sunTimes, type Place, type Span } from '../weather';

const MINUTE = 60_000;
/** Sprays go on about sundown, when bees are home and the sun burns nothing: so long before it and after it (common practice). */
const BEFORE_SET_MIN = 75;
const AFTER_SET_MIN = 15;

/** Whether the hour matters to it at all. */
const asks = (needs: HourNeeds): boolean => Object.values(needs).some((v) => v !== undefined && v !== 0 && v !== false);

/**
 * The hours of a day that nobody has told the weather of: what asks for a calm, dry or bee-free hour is put about
 * sundown, the rest by day. Where the sun does not set, by the clock.
 */
export function usualHours(control: Control, sheet: LabelSheet | null, day: LocalDay, place: Place): Span {
  const noon = timeOn(day, '12:00', place.zone);
  const set = sunTimes(noon, place)?.set ?? null;
  if (asks(needsOf(control, sheet))) {
    const evening = set !== null && set > dayStart(day, place.zone) ? set : timeOn(day, '20:00', place.zone);
    return { from: quarter(evening - BEFORE_SET_MIN * MINUTE), to: quarter(evening + AFTER_SET_MIN * MINUTE) };
  }
  return { from: timeOn(day, '09:00', place.zone), to: timeOn(day, '18:00', place.zone) };
}

const QUARTER = 15 * MINUTE;
const quarter = (at: number): Instant => instant(Math.round(at / QUARTER) * QUARTER);
