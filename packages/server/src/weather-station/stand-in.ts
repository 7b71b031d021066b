import type { HourlyWeather } from '@sleetbrook/core/weather';
import { smoothNoise } from './noise';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/**
 * The weather stand-in: plausible hourly weather for a place and a date, the same for the same seed.
 *
 * What it is: a yearly and a daily course of warmth by latitude and local solar time, weather systems
 * that pass every few days (smooth seeded noise) and bring cloud, wind and rain together, drying air
 * by day and damp nights. Past, present and "forecast" are one series, so a forecast is always right.
 *
 * What it is not: a forecast, a climate record, or a model of the air. Nobody may act on it outside a
 * demonstration; a real station or a CSV file takes its place.
 *
 * @param from start, taken down to the whole hour @param hours how many
 * @param place degrees north and east
 */
export function standInWeather(from: Date, hours: number, place: { latitude: number; longitude: number }, seed: number): HourlyWeather[] {
  const first = Math.floor(from.getTime() / HOUR) * HOUR;
  return Array.from({ length: hours }, (_, i) => hourAt(first + i * HOUR, place, seed));
}

function hourAt(ms: number, { latitude, longitude }: { latitude: number; longitude: number }, seed: number): HourlyWeather {
  const absLat = Math.abs(latitude);
  const yearDay = (ms - Date.UTC(new Date(ms).getUTCFullYear(), 0, 1)) / DAY;
  // warmest about 25 July in the north, half a year later in the south
  const season = Math.cos((2 * Math.PI * (yearDay - 206 - (latitude < 0 ? 182.6 : 0))) / 365.25);
  const solarHour = (((ms / HOUR + longitude / 15) % 24) + 24) % 24;
  const day = ms / DAY;

  const front = 0.65 * smoothNoise(seed, 1, day / 1.7) + 0.35 * smoothNoise(seed, 2, day / 0.45);
  const cloud = clamp(0.5 + 0.62 * front + 0.08 * Math.sin(((solarHour - 9) / 24) * 2 * Math.PI), 0, 1);
  const warmth = Math.cos(((solarHour - 15) / 24) * 2 * Math.PI);
  const swing = (2 + 2.6 * (1 + season * 0.5)) * (1.15 - 0.75 * cloud);
  const mean = 27.5 - 0.33 * absLat + (0.04 + 0.13 * absLat) * season;
  const temperatureC = mean + 3 * smoothNoise(seed, 3, day / 2.6) + swing * warmth;

  const shower = smoothNoise(seed, 4, ms / HOUR / 2.5);
  const wetness = front > 0.3 ? (front - 0.3) * 1.6 + 0.5 * shower - 0.12 : 0;
  const rainMm = wetness > 0.1 ? wetness * 1.9 : 0;
  const dewDepression = Math.max(0.3, 3.4 - 2.2 * front + 2.6 * warmth * (1.1 - cloud * 0.6) - (rainMm > 0 ? 2.5 : 0));
  const humidityPct = clamp(100 - 5.2 * dewDepression, 28, 100);
  const breeze = 2.1 + 1.6 * smoothNoise(seed, 5, day / 0.9) + 1.5 * Math.max(0, front) + 0.9 * Math.max(-0.8, warmth);
  return {
    at: new Date(ms).toISOString(),
    temperatureC: round(clamp(temperatureC, -55, 55), 1),
    humidityPct: round(humidityPct, 0),
    windMs: round(Math.max(0.2, breeze), 1),
    rainMm: round(rainMm, 1),
    cloud: round(cloud, 2),
  };
}

const clamp = (n: number, low: number, high: number) => Math.min(Math.max(n, low), high);
const round = (n: number, places: number) => Number(n.toFixed(places));
