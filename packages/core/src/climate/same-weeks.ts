import type { SameWeeks, WeatherDayView } from '../api';

/** A year that lacks more of its days is not laid beside the others. */
const LEAST_SHARE = 0.9;

/** Days of some weeks in sums: rain, warmth by the day, nights with frost. @returns null where too many days are missing */
export function weeksOf(year: number, days: readonly WeatherDayView[], wanted: number): SameWeeks | null {
  const whole = days.filter((d) => d.whole);
  if (wanted === 0 || whole.length < wanted * LEAST_SHARE) return null;
  let sum = 0;
  return {
    year,
    days: whole.length,
    rainMm: whole.some((d) => d.rainMm === null) ? null : whole.reduce((mm, d) => mm + (d.rainMm ?? 0), 0),
    warmth: whole.map((d) => (sum += d.warmth)),
    frosts: whole.filter((d) => d.leastC <= 0).length,
  };
}

/** The middle one of earlier years, day by day; as long as the shortest of them. */
export function middleWarmth(years: readonly SameWeeks[]): number[] {
  const days = Math.min(...years.map((y) => y.warmth.length));
  if (!Number.isFinite(days)) return [];
  return Array.from({ length: days }, (_, i) => {
    const sorted = years.map((y) => y.warmth[i] ?? 0).sort((a, b) => a - b);
    const half = sorted.length / 2;
    return ((sorted[Math.floor(half - 0.5)] ?? 0) + (sorted[Math.ceil(half - 0.5)] ?? 0)) / 2;
  });
}
