import { celsius, instant, metresPerSecond, type Celsius, type Degrees, type Instant, type MetresPerSecond, type WattsPerSquareMetre } from '../measure';
import { deltaT } from './air';
import { FORECAST_HOLDS_H, type Certainty } from './certainty';
import type { HourlyWeather } from './hourly';
import { irradiance, sunAltitude, type Place } from './sun';

export const SLOT_MS = 15 * 60_000;
const HOUR_MS = 3_600_000;

/** What the garden is like at one moment, as the hour rules need it. */
export interface Conditions {
  readonly at: Instant;
  readonly temperature: Celsius;
  /** The least that it may be; the same where it is known. */
  readonly leastTemperature: Celsius;
  readonly humidityPct: number;
  readonly wind: MetresPerSecond;
  /** Rain within the hour. */
  readonly rainMm: number;
  readonly cloud: number;
  readonly sunAltitude: Degrees;
  readonly irradiance: WattsPerSquareMetre;
  /** It is on its way up: dawn is not dusk. */
  readonly sunRising: boolean;
  readonly beesFlying: boolean;
  /** Dew or rain on the leaves. */
  readonly leafWet: boolean;
  /** Hours until 0.2 mm fall in an hour, or 0.5 mm in all from now on; Infinity when none is forecast. */
  readonly rainInHours: number;
  /** Measured, forecast, or guessed from a look at the sky. */
  readonly certainty: Certainty;
  /** Hours of weather that are known from here on, less than 0 behind them: there nothing counts as dry or mild. */
  readonly knownHours: number;
  /** Warmest of the next 24 hours and coldest of the next 48, as far as they are known. */
  readonly warmestAhead: Celsius;
  readonly coldestAhead: Celsius;
  /** Hours until bees fly: 0 while they do; Infinity when none will. */
  readonly beesInHours: number;
  /** How fast drops dry: dry minus wet bulb, °C. */
  readonly deltaT: Celsius;
}

/** How long until sprayed leaves are dry, on the long side. From memory. */
export const dryingHours = (c: Pick<Conditions, 'deltaT'>): number => (c.deltaT >= 2 ? 2 : c.deltaT >= DEW_DELTA_T ? 4 : DEW_DRIES_H);

/** Air so near to dew dries nothing until the sun is on it (from memory): delta T, and hours of a night. */
export const DEW_DELTA_T = 0.7;
export const DEW_DRIES_H = 12;

/** Rain from this on in an hour washes off what is fresh (from memory). */
export const RAIN_THAT_COUNTS_MM = 0.2;
/** So much in all does it too, however slowly it falls (from memory). */
export const DRIZZLE_THAT_COUNTS_MM = 0.5;
export const HEAT_AHEAD_H = 24;
export const FROST_AHEAD_H = 48;

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
  const known = knownUntil(hours, from);
  const rainAhead = hoursToRain(hours);
  const warmest = extremeAhead(hours, HEAT_AHEAD_H, Math.max);
  const coldest = extremeAhead(hours, FROST_AHEAD_H, Math.min);
  const out: Conditions[] = [];
  const begin = Math.ceil(Math.max(from, start) / SLOT_MS) * SLOT_MS;
  let altitude = sunAltitude(instant(begin), place);
  for (let t = begin; t < end; t += SLOT_MS) {
    const i = Math.floor((t - start) / HOUR_MS);
    const a = hours[i] as HourlyWeather;
    const b = hours[i + 1] ?? a;
    const f = (t - start) / HOUR_MS - i;
    const mix = (x: number, y: number) => x + (y - x) * f;
    const at = instant(t);
    const altitudeNext = sunAltitude(instant(t + SLOT_MS), place);
    const temperatureC = mix(a.temperatureC, b.temperatureC);
    const humidityPct = mix(a.humidityPct, b.humidityPct);
    const windMs = mix(a.windMs, b.windMs);
    const cloud = mix(a.cloud, b.cloud);
    const rained = [i, i - 1, i - 2].some((k) => (hours[k]?.rainMm ?? 0) > 0);
    out.push({
      at,
      temperature: celsius(temperatureC),
      leastTemperature: celsius(Math.min(temperatureC, mix(a.leastC ?? a.temperatureC, b.leastC ?? b.temperatureC))),
      humidityPct,
      wind: metresPerSecond(windMs),
      rainMm: a.rainMm,
      cloud,
      sunAltitude: altitude,
      irradiance: irradiance(altitude, cloud),
      sunRising: altitudeNext > altitude,
      beesFlying: beesFly({ temperatureC, sunAltitude: altitude, windMs, rainMm: a.rainMm }),
      leafWet: rained || (humidityPct >= 92 && altitude < 8),
      rainInHours: Math.max(0, (rainAhead[i] as number) - (rainAhead[i] === 0 ? 0 : f)),
      certainty: a.certainty ?? 'known',
      knownHours: (Math.min(end, known) - t) / HOUR_MS,
      warmestAhead: celsius(Math.max(warmest[i] as number, temperatureC)),
      coldestAhead: celsius(Math.min(coldest[i] as number, temperatureC)),
      beesInHours: Infinity,
      deltaT: deltaT(celsius(temperatureC), humidityPct),
    });
    altitude = altitudeNext;
  }
  return withBees(out);
}

/** Until when the hours may be relied on, seen from `from`: to their end, or to the reach of a forecast. */
function knownUntil(hours: readonly HourlyWeather[], from: number): number {
  const reach = from + FORECAST_HOLDS_H * HOUR_MS;
  const beyond = hours.find((h) => h.certainty === 'forecast' && Date.parse(h.at) >= reach);
  return beyond ? Date.parse(beyond.at) : Infinity;
}

/** From each slot to the next in which bees fly. */
function withBees(slots: readonly Conditions[]): Conditions[] {
  const out = new Array<Conditions>(slots.length);
  let ahead = Infinity;
  for (let i = slots.length - 1; i >= 0; i--) {
    const c = slots[i] as Conditions;
    ahead = c.beesFlying ? 0 : ahead + SLOT_MS / HOUR_MS;
    out[i] = { ...c, beesInHours: ahead };
  }
  return out;
}

/** Warmest or coldest of each hour and the ones after it. */
const extremeAhead = (hours: readonly HourlyWeather[], ahead: number, of: (...n: number[]) => number): number[] =>
  hours.map((_, i) => of(...hours.slice(i, i + ahead + 1).map((h) => h.temperatureC)));

/** Hours from each one to the first that rains enough, or in which slow rain has come to enough. */
function hoursToRain(hours: readonly HourlyWeather[]): number[] {
  const out = new Array<number>(hours.length).fill(Infinity);
  let next = Infinity;
  let sum = 0;
  let end = 0;
  const rain = (k: number) => (hours[k] as HourlyWeather).rainMm;
  const toShower = new Array<number>(hours.length);
  for (let i = hours.length - 1; i >= 0; i--) {
    next = rain(i) >= RAIN_THAT_COUNTS_MM ? 0 : next + 1;
    toShower[i] = next;
  }
  for (let i = 0; i < hours.length; i++) {
    // the window from here to `end` is the shortest that holds enough
    while (end < hours.length && sum < DRIZZLE_THAT_COUNTS_MM - 1e-9) sum += rain(end++);
    const slow = sum >= DRIZZLE_THAT_COUNTS_MM - 1e-9 ? end - 1 - i : Infinity;
    out[i] = Math.min(toShower[i] as number, slow);
    sum -= rain(i);
  }
  return out;
}
