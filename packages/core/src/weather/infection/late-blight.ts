import type { HourlyWeather } from '../hourly';

const DAMP_PCT = 90;
const LEAST_C = 10;
/** Smith 1956: Plant Pathology 5: 83-87. */
export const SMITH_HOURS = 11;
/** James Hutton Institute 2017. */
export const HUTTON_HOURS = 6;
/** A whole day's hours, but for two that nobody told of. */
const MOST_OF_A_DAY = 22;

export const dampHours = (day: readonly HourlyWeather[]): number => day.filter((h) => h.humidityPct >= DAMP_PCT).length;

/** Whether a day is one of the two that make a period: never colder than 10 °C, and damp for so many hours. */
export const blightDay = (day: readonly HourlyWeather[], hours: number): boolean =>
  day.length >= MOST_OF_A_DAY && day.every((h) => h.temperatureC >= LEAST_C) && dampHours(day) >= hours;

/** Whether two days that follow one another make a period: by Smith's hours, or by the fewer of the Hutton criteria. */
export function blightPeriod(first: readonly HourlyWeather[], second: readonly HourlyWeather[]): 'smith' | 'hutton' | null {
  if (blightDay(first, SMITH_HOURS) && blightDay(second, SMITH_HOURS)) return 'smith';
  return blightDay(first, HUTTON_HOURS) && blightDay(second, HUTTON_HOURS) ? 'hutton' : null;
}

/**
 * From how many damp hours counts 1, 2, 3 and 4, by their mean warmth.
 * @source Wallin 1962, American Potato Journal 39: 306-312, as in BLITECAST: Krause, Massie & Hyre 1975, Plant Disease Reporter 59: 95-98
 */
const FROM_HOURS: readonly { readonly below: number; readonly hours: readonly number[] }[] = [
  { below: 7.15, hours: [] },
  { below: 11.65, hours: [16, 19, 22, 25] },
  { below: 15.05, hours: [13, 16, 19, 22] },
  { below: 26.65, hours: [10, 13, 16, 19] },
];

/** How hard a damp spell was, 0 to 4. @param c mean of the damp hours, °C, to a tenth as the table is */
export function lateBlightSeverity(hours: number, c: number): number {
  const row = FROM_HOURS.find((r) => c < r.below);
  return row ? row.hours.filter((h) => hours >= h).length : 0;
}

/** The sum from emergence at which to guard for the first time: 18 to 20. */
export const LATE_BLIGHT_FIRST = 18;
