import { celsius, type Celsius } from '../measure';

/**
 * Wet-bulb temperature from air temperature and relative humidity at sea-level pressure.
 * @param humidityPct 5 … 99
 * @source Stull 2011, Journal of Applied Meteorology and Climatology 50: 2267-2269
 * @example wetBulb(celsius(20), 50) // 13.7
 */
export function wetBulb(temperature: Celsius, humidityPct: number): Celsius {
  const t = temperature;
  const rh = Math.min(Math.max(humidityPct, 5), 99);
  return celsius(
    t * Math.atan(0.151977 * Math.sqrt(rh + 8.313659)) +
      Math.atan(t + rh) -
      Math.atan(rh - 1.676331) +
      0.00391838 * rh ** 1.5 * Math.atan(0.023101 * rh) -
      4.686035,
  );
}

/** How fast drops dry: dry minus wet bulb, °C. 2 to 8 is good for spraying (Bureau of Meteorology / GRDC). */
export const deltaT = (temperature: Celsius, humidityPct: number) => celsius(temperature - wetBulb(temperature, humidityPct));
