import { instant } from '../measure';
import type { HourlyWeather } from './hourly';
import { sunTimes, type Place } from './sun';

/** When a planting is watered from above, as somebody said of it. */
export type WateredAt = 'morning' | 'evening';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** A sprinkler or a hose brings so much (from memory). */
const BRINGS_MM = 5;
/** After so much rain in a day nobody waters, nor where it gets no warmer than this (from memory). */
const WET_ENOUGH_MM = 3;
const COLD_C = 10;

/** What is said of a planting, as the time at which it is watered from above; both: in the evening, when it does more harm. */
export const wateredAt = (about: readonly string[]): WateredAt | null =>
  about.includes('watered-above-evening') ? 'evening' : about.includes('watered-above-morning') ? 'morning' : null;

/**
 * Hours as the leaves of a planting have them that is watered from above: on each dry, mild day the hour after sunrise or
 * the one before sunset brings as much as a shower. Where the sun does not rise or set, six and six by its clock.
 * @param hours ascending, gaps allowed @param at null: not from above, and the hours are left as they are
 * @source watering from above counts as rain on the leaf: common practice
 */
export function withWatering(hours: readonly HourlyWeather[], at: WateredAt | null, place: Place): readonly HourlyWeather[] {
  if (at === null) return hours;
  // days by the sun, so that a clock change moves nothing
  const dayOf = (ms: number) => Math.floor((ms / HOUR + place.longitude / 15) / 24);
  const days = new Map<number, { mm: number; most: number }>();
  for (const h of hours) {
    const day = dayOf(Date.parse(h.at));
    const before = days.get(day) ?? { mm: 0, most: -Infinity };
    days.set(day, { mm: before.mm + h.rainMm, most: Math.max(before.most, h.temperatureC) });
  }
  const turned = new Map<number, number>();
  for (const [day, { mm, most }] of days) {
    if (mm >= WET_ENOUGH_MM || most < COLD_C) continue;
    const noon = (day + 0.5) * DAY - (place.longitude / 15) * HOUR;
    const sun = sunTimes(instant(noon), place);
    const when = at === 'morning' ? (sun?.rise ?? noon - DAY / 4) + HOUR : (sun?.set ?? noon + DAY / 4) - HOUR;
    turned.set(day, Math.floor(when / HOUR) * HOUR);
  }
  return hours.map((h) => {
    const ms = Date.parse(h.at);
    return turned.get(dayOf(ms)) === ms ? { ...h, rainMm: h.rainMm + BRINGS_MM } : h;
  });
}
