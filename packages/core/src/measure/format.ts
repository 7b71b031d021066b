import type { Grams, Instant, Millilitres } from './brand';
import { DateTime } from 'luxon';

/**
 * A number with at most `places` decimals and no trailing zeros.
 * @example trim(15.0) // '15'
 */
export function trim(n: number, places = 2): string {
  const s = n.toFixed(places);
  return s.includes('.') ? s.replace(/\.?0+$/, '') : s;
}

/**
 * Rounded down to three figures: an amount that is said so is never more than meant.
 * @example downTo3(0.16666) // 0.166
 */
export const downTo3 = (n: number): number => to3(n, Math.floor);
/** Rounded up to three figures. @example upTo3(0.16666) // 0.167 */
export const upTo3 = (n: number): number => to3(n, Math.ceil);

function to3(n: number, round: (x: number) => number): number {
  if (!(n > 0)) return 0;
  const step = 10 ** (Math.floor(Math.log10(n)) - 2);
  // a figure that has no more than three stays itself, whatever a double makes of it
  const nearest = Math.round(n / step);
  return Number(((Math.abs(n / step - nearest) < 1e-6 ? nearest : round(n / step)) * step).toPrecision(12));
}

/** Decimals that keep three significant figures at bench sizes. */
const places = (n: number) => (Math.abs(n) >= 100 ? 0 : Math.abs(n) >= 10 ? 1 : 2);

/** @example sayVolume(millilitres(5000)) // '5 l' */
export function sayVolume(v: Millilitres): string {
  return v >= 1000 ? `${trim(v / 1000)} l` : `${trim(v, places(v))} ml`;
}

/** @example sayMass(grams(45.36)) // '45.4 g' */
export function sayMass(m: Grams): string {
  return m >= 1000 ? `${trim(m / 1000)} kg` : `${trim(m, places(m))} g`;
}

/**
 * A share as a signed percentage in words a person can use.
 * @example sayError(-0.012) // '1.2 % under'
 */
export function sayError(share: number): string {
  const pct = Math.abs(share) * 100;
  if (pct < 0.05) return 'exact';
  return `${trim(pct, 1)} % ${share < 0 ? 'under' : 'over'}`;
}

/** @example sayTime(at, 'Europe/London') // '20:45' */
export const sayTime = (at: Instant, zone: string) => DateTime.fromMillis(at, { zone }).toFormat('HH:mm');

/** @example sayDay(at, 'Europe/London') // 'Thu 28 May' */
export const sayDay = (at: Instant, zone: string) => DateTime.fromMillis(at, { zone, locale: 'en-GB' }).toFormat('ccc d MMM');

/**
 * A moment as a gardener says it, relative to now.
 * @example sayWhen(at, now, zone) // 'today 20:45', 'tomorrow 06:00', 'Thu 28 May 18:40'
 */
export function sayWhen(at: Instant, now: Instant, zone: string): string {
  const a = DateTime.fromMillis(at, { zone, locale: 'en-GB' });
  const days = a.startOf('day').diff(DateTime.fromMillis(now, { zone }).startOf('day'), 'days').days;
  const time = a.toFormat('HH:mm');
  if (days === 0) return `today ${time}`;
  if (days === 1) return `tomorrow ${time}`;
  return `${a.toFormat('ccc d MMM')} ${time}`;
}

/**
 * A length of time in its two largest parts.
 * @param ms milliseconds; negative counts as none
 * @example sayDuration(342_000_000) // '3 d 23 h'
 */
export function sayDuration(ms: number): string {
  const minutes = Math.max(0, Math.ceil(ms / 60000));
  const d = Math.floor(minutes / 1440);
  const h = Math.floor((minutes % 1440) / 60);
  const m = minutes % 60;
  if (d > 0) return h > 0 ? `${d} d ${h} h` : `${d} d`;
  if (h > 0) return m > 0 ? `${h} h ${m} min` : `${h} h`;
  return `${m} min`;
}

/**
 * A mass as the scale shows it: to its step and always in grams, so that nothing is rounded away.
 * @example sayWeighed(1215, 1) // '1215 g'
 */
export const sayWeighed = (g: number, stepG: number): string => `${g.toFixed(Math.max(0, Math.min(3, Math.ceil(-Math.log10(stepG) - 1e-9))))} g`;
