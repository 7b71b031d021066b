import { UNITS, type Dimension, type UnitId } from './units';

/** Fractions that spoons, jugs and tapes are marked in. */
const FRACTIONS: readonly (readonly [value: number, sign: string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [3 / 8, '⅜'],
  [1 / 2, '½'],
  [5 / 8, '⅝'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [7 / 8, '⅞'],
  [1, ''],
];

/** A rounding that no spoon or jug would show. */
const UNSEEN = 0.005;

/**
 * A number as whole and fraction where one is so near that no measure would show the difference; else null.
 * @example inFraction(2.5) // '2½'
 * @example inFraction(2.57) // null
 */
export function inFraction(n: number): string | null {
  const whole = Math.floor(n);
  const rest = n - whole;
  const [value, sign] = FRACTIONS.reduce((best, f) => (Math.abs(f[0] - rest) < Math.abs(best[0] - rest) ? f : best));
  if (Math.abs(value - rest) > n * UNSEEN) return null;
  const full = value === 1 ? whole + 1 : whole;
  return full === 0 ? sign : `${full}${sign}`;
}

/** Tablespoons that are whole teaspoons, but no quarter: "4 tsp", not "1⅓ tbsp". */
const inThirds = (n: number) => Math.abs(n * 3 - Math.round(n * 3)) < UNSEEN && Math.abs(n - Math.round(n)) > UNSEEN;

const short = (n: number) => (n >= 1000 ? String(Math.round(n)) : String(Number(n.toPrecision(3))));

/** A unit that amounts from `from` times it upward are said in; a `compound` one is followed by what is left over. */
interface Rung {
  readonly unit: UnitId;
  readonly words: string;
  readonly from: number;
  /** What is left over is said in these, largest first; the last is rounded. */
  readonly then: readonly (readonly [unit: UnitId, words: string])[];
}

const rung = (unit: UnitId, words: string, from = 1, then: Rung['then'] = []): Rung => ({ unit, words, from, then });

const US_VOLUME = [
  rung('gal-us', 'US gal', 1, [
    ['qt-us', 'qt'],
    ['floz-us', 'fl oz'],
  ]),
  rung('qt-us', 'qt', 1, [['floz-us', 'fl oz']]),
  rung('floz-us', 'fl oz', 2, [['tsp-us', 'tsp']]),
  rung('tbsp-us', 'tbsp', 1, [['tsp-us', 'tsp']]),
  rung('tsp-us', 'tsp', 0.12),
  // less than an eighth of a teaspoon is drawn up in a syringe
  rung('ml', 'ml', 0),
];
const IMPERIAL_VOLUME = [
  rung('gal-imp', 'imp gal', 1, [
    ['pt-imp', 'pt'],
    ['floz-imp', 'fl oz'],
  ]),
  rung('pt-imp', 'pt', 1, [['floz-imp', 'fl oz']]),
  rung('floz-imp', 'fl oz', 1),
  rung('ml', 'ml', 0),
];
/** Under half an ounce a kitchen scale is read in grams. */
const MASS = [rung('lb', 'lb', 1, [['oz', 'oz']]), rung('oz', 'oz', 0.5), rung('g', 'g', 0)];
const LENGTH = [rung('ft', 'ft', 3, [['in', 'in']]), rung('in', 'in', 0)];
const AREA = [rung('acre', 'acre', 1), rung('ft2', 'sq ft', 0)];

const LADDERS: Readonly<Record<'us' | 'imperial', Readonly<Record<Dimension, readonly Rung[]>>>> = {
  us: { volume: US_VOLUME, mass: MASS, length: LENGTH, area: AREA },
  imperial: { volume: IMPERIAL_VOLUME, mass: MASS, length: LENGTH, area: AREA },
};

/**
 * An amount as people who use gallons and pounds measure it out: `2½ tsp`, `1 qt 1 fl oz`, `3 pt`, `2 lb 3 oz`,
 * `5 ft 6 in`. What no mark shows is rounded, in words only.
 * @param si in ml, g, m or m²
 * @returns the figures and the last unit apart, for setting large
 * @example customary(975.9, 'volume', 'us') // { figure: '1 qt 1', unit: 'fl oz' }
 */
export function customary(si: number, dimension: Dimension, system: 'us' | 'imperial'): { figure: string; unit: string } {
  const r = rungFor(si, dimension, system);
  const n = si / UNITS[r.unit].si;
  const plain = fractionIn(r, n);
  const shortened = dimension === 'area' || (r.then.length > 0 && n >= 100) ? short(n) : null;
  if (shortened !== null) return { figure: shortened, unit: r.words };
  // whole pints are said as pints: "3 pt"
  if (r.unit === 'qt-us' && !(plain !== null && /^\d+$/.test(plain))) {
    const pints = si / UNITS['pt-us'].si;
    if (Math.abs(pints - Math.round(pints)) < UNSEEN * pints) return { figure: String(Math.round(pints)), unit: 'pt' };
  }
  if (plain !== null) return { figure: plain, unit: r.words };
  const step = stepOf(si, r);
  // nearer than the marks of the smallest unit is said in figures
  if (step === null || Math.abs(Math.round(si / step) * step - si) > si * UNSEEN) return { figure: short(n), unit: r.words };
  return compound(si, r, step);
}

/**
 * Two amounts of one range, in one unit where a measure shows both: `0.4 to ⅔ oz` would be read wrong beside grams.
 * @param min in ml, g, m or m² @param max not less than `min`
 * @example customaryRange(11.4, 18.9, 'mass', 'us') // '11.4 to 18.9 g'
 */
export function customaryRange(min: number, max: number, dimension: Dimension, system: 'us' | 'imperial'): string {
  const r = rungFor(min, dimension, system);
  const [n, m] = [min / UNITS[r.unit].si, max / UNITS[r.unit].si];
  const [from, to] = [fractionIn(r, n), fractionIn(r, m)];
  if (r.then.length === 0 || (from !== null && to !== null)) return `${from ?? short(n)} to ${to ?? short(m)} ${r.words}`;
  const [least, most] = [customary(min, dimension, system), customary(max, dimension, system)];
  return `${least.figure} ${least.unit} to ${most.figure} ${most.unit}`;
}

function rungFor(si: number, dimension: Dimension, system: 'us' | 'imperial'): Rung {
  const ladder = LADDERS[system][dimension];
  return ladder.find((x) => si >= UNITS[x.unit].si * x.from * 0.9999 && !(x.unit === 'tbsp-us' && inThirds(si / UNITS[x.unit].si))) ?? (ladder.at(-1) as Rung);
}

/** Grams and millilitres are read off a scale or a syringe, never in fractions. */
const fractionIn = (r: Rung, n: number): string | null => (r.unit === 'g' || r.unit === 'ml' ? null : inFraction(n));

/** What the smallest unit of a compound amount is read to; null where there is none. */
function stepOf(si: number, r: Rung): number | null {
  const smallest = r.then.at(-1)?.[0];
  return smallest === undefined ? null : UNITS[smallest].si / (si < 4 * UNITS[r.unit].si ? 8 : 4);
}

/**
 * Whole units, largest first, the last in quarters, or in eighths where there is little of it; a rounding that fills
 * the next larger unit is carried up.
 */
function compound(si: number, r: Rung, step: number): { figure: string; unit: string } {
  const smallest = r.then.at(-1)?.[0];
  let left = Math.round(si / step) * step;
  const parts: { n: string; words: string }[] = [];
  for (const [unit, words] of [[r.unit, r.words] as const, ...r.then]) {
    const n = left / UNITS[unit].si;
    const count = unit === smallest ? n : Math.floor(n + 1e-9);
    left -= count * UNITS[unit].si;
    if (count > 1e-9) parts.push({ n: inFraction(count) ?? short(count), words });
  }
  const last = parts.pop() ?? { n: '0', words: r.words };
  return { figure: [...parts.map((p) => `${p.n} ${p.words}`), last.n].join(' '), unit: last.words };
}
