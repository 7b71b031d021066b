import { done, refused, type Outcome } from './outcome';
import type { UnitSystem } from './unit-words';

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/**
 * Reads a number as people type it: `12`, `0,5`, `0.5`, `1½`, `1 1/2`, `1-1/2`, `3/4`.
 * `1,500` is asked about, since it is 1.5 in one country and 1500 in another; where gallons are used it is 1500.
 * `1.000` is asked about everywhere: on many labels a point parts the thousands, and nobody types one so.
 * @param system whose way of writing numbers is meant, where it is known
 * @returns a finite number, or a refusal that says what to type instead
 * @example parseNumber('0,5') // { ok: true, value: 0.5 }
 * @example parseNumber('1,000', '', 'us') // { ok: true, value: 1000 }
 * @example parseNumber('ten') // refused: not-a-number
 */
export function parseNumber(text: string, field = '', system?: UnitSystem): Outcome<number> {
  const s = text.trim();
  if (s === '') return refused('empty', 'Type a number.', field);
  if (/^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(s) && (system === 'us' || system === 'imperial' || system === 'australian')) {
    return done(Number(s.replaceAll(',', '')));
  }
  if (/^[+-]?\d{1,3}([,.]\d{3})+$/.test(s) && (s.includes(',') || /^[+-]?[1-9].*0$/.test(s) || s.split('.').length > 2)) {
    return refused('ambiguous', `“${s}” can be read two ways. Type it without the ${s.includes(',') ? 'comma, or with a point' : 'point: 1000, or 1'}.`, field);
  }
  const mixed = /^([+-])?(\d+)?\s*([½⅓⅔¼¾⅛⅜⅝⅞])$/u.exec(s);
  if (mixed) return done(sign(mixed[1]) * (Number(mixed[2] ?? 0) + (FRACTIONS[mixed[3] ?? ''] ?? 0)));
  const slash = /^([+-])?(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)$/.exec(s);
  if (slash) {
    const below = Number(slash[4]);
    if (below === 0) return refused('not-a-number', `“${s}” divides by zero.`, field);
    return done(sign(slash[1]) * (Number(slash[2] ?? 0) + Number(slash[3]) / below));
  }
  if (/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(s)) return done(Number(s.replace(',', '.')));
  return refused('not-a-number', `“${s}” is not a number. Use figures, such as 12 or 0.5.`, field);
}

const sign = (s: string | undefined) => (s === '-' ? -1 : 1);

/**
 * Reads a number within bounds, saying which bound was crossed and in what unit.
 * @param bounds inclusive, in `unit`
 */
export function parseBounded(text: string, bounds: { min: number; max: number; unit: string; what: string }, field = ''): Outcome<number> {
  const n = parseNumber(text, field);
  if (!n.ok) return n;
  const { min, max, unit, what } = bounds;
  if (n.value < min) return refused('too-small', `${what} must be at least ${min} ${unit}.`, field);
  if (n.value > max) return refused('too-large', `${what} can be at most ${max} ${unit}.`, field);
  return n;
}
