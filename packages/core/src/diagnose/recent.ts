import type { HourlyWeather } from '../weather';
import type { WeatherWord } from '../scout';

const LEAST_HOURS = 72;

/**
 * The weather of the last two weeks in the words the entries use.
 * Bounds (from memory): under 10 mm of rain is dry, over 40 mm wet; mean under 11 °C cool, over 15 °C warm.
 * @param hours the last 14 days, any order; fewer hours are scaled up, under three days say nothing
 */
export function recentWords(hours: readonly HourlyWeather[]): WeatherWord[] {
  // a night or two say nothing of a fortnight
  if (hours.length < LEAST_HOURS) return [];
  // without a gauge it is neither a dry fortnight nor a wet one
  const gauged = hours.filter((h) => !h.unread?.includes('rain'));
  const rain = gauged.length < LEAST_HOURS ? null : gauged.reduce((s, h) => s + h.rainMm, 0) * (336 / gauged.length);
  const mean = hours.reduce((s, h) => s + h.temperatureC, 0) / hours.length;
  const words: WeatherWord[] = [];
  if (rain !== null && rain < 10) words.push('dry');
  if (rain !== null && rain > 40) words.push('wet');
  if (mean < 11) words.push('cool');
  if (mean > 15) words.push('warm');
  return words;
}

/**
 * The month as the northern hemisphere counts its seasons.
 * @param month 1 … 12 @param latitude degrees, south negative
 * @example seasonalMonth(11, -35) // 5
 */
export function seasonalMonth(month: number, latitude: number): number {
  return latitude >= 0 ? month : ((month + 5) % 12) + 1;
}
