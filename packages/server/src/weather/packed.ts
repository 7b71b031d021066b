import type { HourlyWeather } from '@sleetbrook/core/weather';

/** Hours as columns of figures: ten years of them go from one thread to another without being copied. */
export type PackedHours = Float64Array;

const FIELDS = ['temperatureC', 'humidityPct', 'windMs', 'rainMm', 'cloud'] as const;
const WIDTH = FIELDS.length + 1;

export function packHours(hours: readonly HourlyWeather[]): PackedHours {
  const packed = new Float64Array(hours.length * WIDTH);
  hours.forEach((h, i) => {
    packed[i * WIDTH] = Date.parse(h.at);
    FIELDS.forEach((f, j) => {
      packed[i * WIDTH + 1 + j] = h[f];
    });
  });
  return packed;
}

export const hoursIn = (packed: PackedHours): number => packed.length / WIDTH;

/** Some of the hours, from one on. */
export const unpackHours = (packed: PackedHours, from: number, count: number): HourlyWeather[] =>
  Array.from({ length: Math.max(0, Math.min(count, hoursIn(packed) - from)) }, (_, i) => {
    const at = (from + i) * WIDTH;
    const [temperatureC, humidityPct, windMs, rainMm, cloud] = packed.subarray(at + 1, at + WIDTH) as unknown as [number, number, number, number, number];
    return { at: new Date(packed[at] as number).toISOString(), temperatureC, humidityPct, windMs, rainMm, cloud };
  });
