import { instant } from '../measure';
import { dayOf, type LocalDay } from '../schedule';
import { surenessOf, type HourlyWeather } from '../weather';
import type { WeatherDay } from './types';

/** A day that lacks more hours has an extreme that nobody saw. */
const WHOLE_HOURS = 22;

/** Hours by their local day, ascending. */
export function daysOf(hours: readonly HourlyWeather[], zone: string): WeatherDay[] {
  const by = new Map<LocalDay, HourlyWeather[]>();
  for (const h of hours) {
    const day = dayOf(instant(Date.parse(h.at)), zone);
    const list = by.get(day);
    if (list) list.push(h);
    else by.set(day, [h]);
  }
  return [...by.entries()].map(([day, list]) => ({ day, hours: list, whole: list.length >= WHOLE_HOURS, sure: surenessOf(list) }));
}

/** The day on which this growing year began: 1 January, south of the equator 1 July. */
export function yearBegan(today: LocalDay, latitude: number): LocalDay {
  const year = Number(today.slice(0, 4));
  if (latitude >= 0) return `${year}-01-01`;
  return today.slice(5) >= '07-01' ? `${year}-07-01` : `${year - 1}-07-01`;
}
