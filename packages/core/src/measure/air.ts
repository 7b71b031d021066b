import { trim } from './format';
import type { UnitSystem } from './unit-words';

const fahrenheit = (c: number) => (c * 9) / 5 + 32;
const KM_PER_MILE = 1.609344;
const MM_PER_INCH = 25.4;
/** Miles an hour are said where roads are signed in miles. */
const inMiles = (units: UnitSystem) => units === 'us' || units === 'imperial';

/** Whose degrees are typed and read. @example degreeUnit('us') // '°F' */
export const degreeUnit = (units: UnitSystem): '°C' | '°F' => (units === 'us' ? '°F' : '°C');

/** Celsius from a figure in the grower's degrees. @example celsiusOf(90, 'us') // 32.2… */
export const celsiusOf = (degrees: number, units: UnitSystem): number => (units === 'us' ? Number((((degrees - 32) * 5) / 9).toFixed(6)) : degrees);

/** The figure in the grower's degrees, to a tenth. @example degreesOf(32.22222, 'us') // 90 */
export const degreesOf = (celsius: number, units: UnitSystem): number => Number((units === 'us' ? fahrenheit(celsius) : celsius).toFixed(1));

/** A temperature in the grower's degrees, whole ones. @example sayTemperature(30, 'us') // '86 °F' */
export const sayTemperature = (celsius: number, units: UnitSystem): string =>
  units === 'us' ? `${trim(fahrenheit(celsius), 0)} °F` : `${trim(celsius, 0)} °C`;

/** A sum of warmth, degrees times days above a floor. @example sayDegreeDays(139, 'us') // '250 °F-days' */
export const sayDegreeDays = (celsiusDays: number, units: UnitSystem): string =>
  units === 'us' ? `${trim(celsiusDays * 1.8, 0)} °F-days` : `${trim(celsiusDays, 0)} °C-days`;

/** A wind in the grower's units. @param ms metres a second @example sayWind(4, 'us') // '9 mph' */
export const sayWind = (ms: number, units: UnitSystem): string => (inMiles(units) ? `${trim((ms * 3.6) / KM_PER_MILE, 0)} mph` : `${trim(ms * 3.6, 0)} km/h`);

/** A depth of rain. @example sayRain(6, 'us') // '0.24 in' */
export const sayRain = (mm: number, units: UnitSystem): string =>
  units === 'us' ? `${trim(mm / MM_PER_INCH, mm < MM_PER_INCH ? 2 : 1)} in` : `${trim(mm, 1)} mm`;

/** A depth of rain that is only about so much. @example sayAboutRain(25, 'us') // '1 in' */
export const sayAboutRain = (mm: number, units: UnitSystem): string =>
  units === 'us' ? `${trim(mm / MM_PER_INCH, mm < MM_PER_INCH / 5 ? 2 : 1)} in` : `${trim(mm, 0)} mm`;

/**
 * Degrees and winds in a sentence, in the grower's units. Nothing else is touched: a rate or a size may stand there as
 * it was printed or typed.
 * @example airWordsOf('Too hot: 31 °C, limit 30 °C', 'us') // 'Too hot: 88 °F, limit 86 °F'
 */
export const airWordsOf = (text: string, units: UnitSystem): string => turned(text, units, AIR);

/**
 * Prose of our own in the grower's units: degrees, winds, and the lengths that the catalogue writes in metric. Never for
 * what is quoted from a label or typed by the grower; what stands in brackets beside its equal stays.
 * @example inWordsOf('A disc 10 to 15 cm wide', 'us') // 'A disc 4 to 6 in wide'
 */
export const inWordsOf = (text: string, units: UnitSystem): string => turned(text, units, PROSE);

const figures = (unit: string) => new RegExp(`(?<![\\d.,(])(-?\\d+(?:\\.\\d+)?)(?:( to | or |-|–)(-?\\d+(?:\\.\\d+)?))? (${unit})(?![\\w²³/°])`, 'g');
const AIR = figures('°C|km/h');
const PROSE = figures('°C|km/h|mm|cm|m');

function turned(text: string, units: UnitSystem, which: RegExp): string {
  if (!inMiles(units)) return text;
  return text.replace(which, (whole, from: string, joint: string | undefined, to: string | undefined, unit: string) => {
    const say = SAY[unit];
    if (!say || (unit === '°C' && units !== 'us')) return whole;
    const [a, b] = [say(Number(from)), to === undefined ? null : say(Number(to))];
    return b === null ? `${a.figure} ${a.unit}` : `${a.figure}${joint ?? ' to '}${b.figure} ${b.unit}`;
  });
}

const half = (n: number) => Math.round(n * 2) / 2;
const inches = (mm: number) => {
  const n = mm / MM_PER_INCH;
  return { figure: trim(n < 0.4 ? Math.max(0.01, n) : n < 2 ? Math.round(n * 4) / 4 : n < 10 ? half(n) : Math.round(n), 2), unit: 'in' };
};
const SAY: Readonly<Record<string, (n: number) => { readonly figure: string; readonly unit: string }>> = {
  '°C': (n) => ({ figure: trim(fahrenheit(n), 0), unit: '°F' }),
  'km/h': (n) => ({ figure: trim(n / KM_PER_MILE, 0), unit: 'mph' }),
  mm: inches,
  cm: (n) => inches(n * 10),
  m: (n) => ({ figure: trim(n / 0.3048 < 10 ? half(n / 0.3048) : Math.round(n / 0.3048), 1), unit: 'ft' }),
};
