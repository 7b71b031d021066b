import SunCalc from 'suncalc';
import { degrees, instant, wattsPerSquareMetre, type Degrees, type Instant, type WattsPerSquareMetre } from '../measure';

export interface Place {
  /** Degrees north, south negative. */
  readonly latitude: number;
  /** Degrees east, west negative. */
  readonly longitude: number;
  /** IANA zone. */
  readonly zone: string;
}

const DEG = 180 / Math.PI;

/** Height of the sun's centre above the horizon, without refraction. */
export function sunAltitude(at: Instant, place: Place): Degrees {
  return degrees(SunCalc.getPosition(new Date(at), place.latitude, place.longitude).altitude * DEG);
}

/**
 * Sunrise and sunset of the day that holds `at`; null within a polar day or night.
 */
export function sunTimes(at: Instant, place: Place): { rise: Instant; set: Instant } | null {
  const t = SunCalc.getTimes(new Date(at), place.latitude, place.longitude);
  const rise = t.sunrise.getTime();
  const set = t.sunset.getTime();
  return Number.isNaN(rise) || Number.isNaN(set) ? null : { rise: instant(rise), set: instant(set) };
}

/**
 * Global irradiance on level ground from the sun's height and the cloud.
 * @param cloud share of the sky covered, 0..1
 * @source Kasten & Czeplak 1980, Solar Energy 24: 177-189: G0 = 910 sin h - 30; G = G0 (1 - 0.75 N^3.4)
 * @example irradiance(degrees(55), 0) // 715 W/m²
 */
export function irradiance(altitude: Degrees, cloud: number): WattsPerSquareMetre {
  const clear = Math.max(0, 910 * Math.sin(altitude / DEG) - 30);
  const n = Math.min(Math.max(cloud, 0), 1);
  return wattsPerSquareMetre(clear * (1 - 0.75 * n ** 3.4));
}
