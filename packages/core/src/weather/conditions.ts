import { celsius, instant, metresPerSecond, type Celsius, type Degrees, type Instant, type MetresPerSecond, type WattsPerSquareMetre } from '../measure';
import type { HourlyWeather } from './hourly';
import { irradiance, sunAltitude, type Place } from './sun';

export const SLOT_MS = 15 * 60_000;
const HOUR_MS = 3_600_000;

/** What the garden is like at one moment, as the hour rules need it. */
export interface Conditions {
  readonly at: Instant;
  readonly temperature: Celsius;
  readonly humidityPct: number;
  readonly wind: MetresPerSecond;
  /** Rain within the hour. */
  readonly rainMm: number;
  readonly cloud: number;
  readonly sunAltitude: Degrees;
  readonly irradiance: WattsPerSquareMetre;
  readonly beesFlying: boolean;
  /** Dew or rain on the leaves. */
  readonly leafWet: boolean;
  /** Hours until at least 0.2 mm falls in an hour; Infinity when none is forecast. */
  readonly rainInHours: number;
}

/** Rain below this in an hour wets nothing (from memory). */
export const RAIN_THAT_COUNTS_MM = 0.2;

/**
 * Bees are taken to fly above 9 °C, with the sun more than 3° up, in less than 8 m/s and no rain.
 * From memory, on the cautious side: bumblebees fly earlier, later and cooler than honey bees.
 */
export function beesFly(c: { temperatureC: number; sunAltitude: number; windMs: number; rainMm: number }): boolean {
  return c.temperatureC > 9 && c.sunAltitude > 3 && c.windMs < 8 && c.rainMm < RAIN_THAT_COUNTS_MM;
}

/**
 * Conditions every quarter of an hour over a run of hourly weather, smooth between the hours
 * (rain is kept to its hour).
 * @param hours consecutive, ascending
 * @param from first slot, rounded up to a quarter of an hour; slots end with the last hour
 */
export function conditionsOver(hours: readonly HourlyWeather[], place: Place, from: Instant): Conditions[] {
  const first = hours[0];
  if (!first) return [];
  const start = Date.parse(first.at);
  const end = start + hours.length * HOUR_MS;
  const rainAhead = hoursToRain(hours);
  const out: Conditions[] = [];
  for (let t = Math.ceil(Math.max(from, start) / SLOT_MS) * SLOT_MS; t < end; t += SLOT_MS) {
    const i = Math.floor((t - start) / HOUR_MS);
    const a = hours[i] as HourlyWeather;
    const b = hours[i + 1] ?? a;
    const f = (t - start) / HOUR_MS - i;
    const mix = (x: number, y: number) => x + (y - x) * f;
    const at = instant(t);
    const altitude = sunAltitude(at, place);
    const temperatureC = mix(a.temperatureC, b.temperatureC);
    const humidityPct = mix(a.humidityPct, b.humidityPct);
    const windMs = mix(a.windMs, b.windMs);
    const cloud = mix(a.cloud, b.cloud);
    const rained = [i, i - 1, i - 2].some((k) => (hours[k]?.rainMm ?? 0) >= RAIN_THAT_COUNTS_MM);
    out.push({
      at,
      temperature: celsius(temperatureC),
      humidityPct,
      wind: metresPerSecond(windMs),
      rainMm: a.rainMm,
      cloud,
      sunAltitude: altitude,
      irradiance: irradiance(altitude, cloud),
      beesFlying: beesFly({ temperatureC, sunAltitude: altitude, windMs, rainMm: a.rainMm }),
      leafWet: rained || (humidityPct >= 92 && altitude < 8),
      rainInHours: Math.max(0, (rainAhead[i] as number) - (rainAhead[i] === 0 ? 0 : f)),
    });
  }
  return out;
}

function hoursToRain(hours: readonly HourlyWeather[]): number[] {
  const out = new Array<number>(hours.length);
  let ahead = Infinity;
  for (let i = hours.length - 1; i >= 0; i--) {
    ahead = (hours[i] as HourlyWeather).rainMm >= RAIN_THAT_COUNTS_MM ? 0 : ahead + 1;
    out[i] = ahead;
  }
  return out;
}
