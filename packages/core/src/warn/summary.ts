import type { WeatherDayView } from '../api';
import { celsius } from '../measure';
import { degreeDays, extremesOf, wetIn, type HourlyWeather } from '../weather';
import { daysOf } from './days';

/** Warmth is summed above this, as most that is grown and flies has it, °C. */
const WARMTH_FROM_C = 10;
const tenth = (n: number) => Math.round(n * 10) / 10;

/** Hours by the local day, each in its figures, oldest first; days that nobody told of are left out. */
export function daySummaries(hours: readonly HourlyWeather[], zone: string): WeatherDayView[] {
  return daysOf(hours, zone).flatMap(({ day, hours: own, whole, sure }): WeatherDayView[] => {
    const t = extremesOf(own);
    if (!t) return [];
    const rain = own.reduce((mm, h) => mm + h.rainMm, 0);
    return [
      {
        day,
        leastC: tenth(t.least),
        mostC: tenth(t.most),
        rainMm: rain === 0 && own.some((h) => h.unread?.includes('rain')) ? null : tenth(rain),
        wetHours: wetIn(own).filter(Boolean).length,
        warmth: tenth(degreeDays(celsius(t.least), celsius(t.most), { lower: WARMTH_FROM_C })),
        whole,
        sure,
      },
    ];
  });
}
