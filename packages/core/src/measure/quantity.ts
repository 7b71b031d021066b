import { done, refused, type Outcome } from './outcome';
import { parseNumber } from './parse-number';
import { UNITS, type Dimension, type UnitId } from './units';

/** Whose spoons, ounces and gallons are meant. */
export type UnitSystem = 'metric' | 'us' | 'imperial' | 'australian';

export interface Quantity {
  readonly dimension: Dimension;
  /** In ml, g, m or m². */
  readonly si: number;
  /** How it was understood, for showing beside the field. */
  readonly understood: string;
}

/** One word for a unit: how many of which unit it is. */
interface Meaning {
  readonly unit: UnitId;
  readonly times?: number;
  /** In the plural: "tablespoons". */
  readonly say: string;
}

const one = (unit: UnitId, say: string, times?: number): Meaning => ({ unit, say, ...(times === undefined ? {} : { times }) });
const same = (m: Meaning) => () => m;

/** What a word means in a system; null where it can be two things and must be asked about. */
type Word = (system: UnitSystem) => Meaning | null;

const spoon =
  (size: 'tsp' | 'tbsp'): Word =>
  (system) => {
    const say = size === 'tsp' ? 'teaspoons' : 'tablespoons';
    if (system === 'us') return one(`${size}-us`, say);
    return one(size === 'tbsp' && system === 'australian' ? 'tbsp-au' : `${size}-metric`, say);
  };
const gallons =
  (times: number, say: string): Word =>
  (system) =>
    system === 'us' ? one('gal-us', `US ${say}`, times) : system === 'imperial' ? one('gal-imp', `imperial ${say}`, times) : null;
const fluidOunces: Word = (system) =>
  system === 'us' ? one('floz-us', 'US fluid ounces') : system === 'imperial' ? one('floz-imp', 'imperial fluid ounces') : null;

/** Words as people type them, without points and capitals. */
const WORDS: readonly (readonly [RegExp, Word])[] = [
  [/^(ml|millilit(re|er)s?|cc)$/, same(one('ml', 'ml'))],
  [/^(cl|centilit(re|er)s?)$/, same(one('ml', 'cl', 10))],
  [/^(l|lit(re|er)s?)$/, same(one('l', 'l'))],
  [/^(tsp|tsps|teaspoons?)$/, spoon('tsp')],
  [/^(tbsp|tbsps|tbs|tablespoons?)$/, spoon('tbsp')],
  [/^(fl ?oz|fluid ounces?)$/, fluidOunces],
  [/^(gal|gals|gallons?)$/, gallons(1, 'gallons')],
  [/^(qt|qts|quarts?)$/, gallons(1 / 4, 'quarts')],
  [/^(pt|pts|pints?)$/, gallons(1 / 8, 'pints')],
  [/^(g|grams?|grammes?)$/, same(one('g', 'g'))],
  [/^(kg|kilos?|kilograms?)$/, same(one('kg', 'kg'))],
  [/^(oz|ozs|ounces?)$/, same(one('oz', 'oz by weight'))],
  [/^(lb|lbs|pounds?)$/, same(one('lb', 'lb'))],
  [/^(mm|millimet(re|er)s?)$/, same(one('cm', 'mm', 0.1))],
  [/^(cm|centimet(re|er)s?)$/, same(one('cm', 'cm'))],
  [/^(m|met(re|er)s?)$/, same(one('m', 'm'))],
  [/^(in|ins|inch|inches|")$/, same(one('in', 'inches'))],
  [/^(ft|foot|feet|')$/, same(one('ft', 'feet'))],
  [/^(m²|m2|sq m|square met(re|er)s?)$/, same(one('m2', 'm²'))],
  [/^(ft²|ft2|sq ft|square (foot|feet))$/, same(one('ft2', 'sq ft'))],
  [/^(acres?)$/, same(one('acre', 'acres'))],
  [/^(ha|hectares?)$/, same(one('ha', 'ha'))],
];

const NUMBER = String.raw`[+-]?(?:\d+\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d*\s?[½⅓⅔¼¾⅛⅜⅝⅞]|\d[\d.,]*|[.,]\d+|[a-z]+(?=\s))`;
const PART = new RegExp(String.raw`^\s*(${NUMBER})\s*((?:us|imp(?:erial)?)\s+)?([a-zµ²"'][a-z²2 ]*?)\.?(?=\s*[+-]?[\d½⅓⅔¼¾⅛⅜⅝⅞.,]|\s*$)`, 'iu');
const DIMENSIONS: Readonly<Record<Dimension, string>> = {
  volume: 'a volume, such as 2 tbsp or 30 ml',
  mass: 'a weight, such as 20 g',
  length: 'a length, such as 40 cm',
  area: 'an area, such as 20 m²',
};
const MOST: Readonly<Record<Dimension, number>> = { volume: 2e6, mass: 1e6, length: 1e3, area: 1e6 };

/**
 * Reads an amount as people type it: `1 1/2 tsp`, `1½ tbsp`, `0,5 l`, `3 lb 4 oz`, `15in`, `2 US gal`. What can
 * be read two ways is asked about, never assumed.
 * @param system whose spoons, ounces and gallons are meant when the text does not say
 * @param wanted the dimensions that make sense here
 * @returns the amount in ml, g, m or m² and how it was understood; refused `no-unit`, `unknown-unit`,
 *   `which-unit`, `wrong-dimension`, `too-small`, `too-large` or as `parseNumber` does
 * @example parseQuantity('1½ tbsp', 'us', ['volume']) // 22.18 ml
 */
export function parseQuantity(text: string, system: UnitSystem, wanted: readonly Dimension[], field = ''): Outcome<Quantity> {
  // "fl. oz" and "m2" as they are meant
  let rest = text
    .trim()
    .replace(/([a-z])\./gi, '$1')
    .replace(/\b(m|ft)2\b/gi, '$1²');
  if (rest === '') return refused('empty', `Type ${DIMENSIONS[wanted[0] ?? 'volume']}.`, field);
  const parts: { n: number; meaning: Meaning }[] = [];
  while (rest !== '') {
    const bare = parseNumber(rest, field);
    if (bare.ok) return refused('no-unit', `${rest} of what? Add the unit: ${DIMENSIONS[wanted[0] ?? 'volume']}.`, field);
    const m = PART.exec(rest);
    if (!m) return refused('not-a-quantity', `“${text.trim()}” is not understood. Type ${DIMENSIONS[wanted[0] ?? 'volume']}.`, field);
    const n = parseNumber(m[1] ?? '', field);
    if (!n.ok) return n;
    const named = m[2]?.trim().toLowerCase();
    const word = (m[3] ?? '').trim().toLowerCase().replace(/\s+/g, ' ');
    const entry = WORDS.find(([re]) => re.test(word));
    if (!entry) return refused('unknown-unit', `“${word}” is no unit known here. Type ${DIMENSIONS[wanted[0] ?? 'volume']}.`, field);
    const meaning = entry[1](named ? (named.startsWith('us') ? 'us' : 'imperial') : system);
    if (!meaning) return refused('which-unit', `“${word}”: US or imperial? Type US ${word} or imp ${word}.`, field);
    parts.push({ n: n.value, meaning });
    rest = rest.slice(m[0].length).trim();
  }
  const [first] = parts;
  const dimension = first ? UNITS[first.meaning.unit].dimension : 'volume';
  if (parts.some((p) => UNITS[p.meaning.unit].dimension !== dimension) || !wanted.includes(dimension)) {
    return refused('wrong-dimension', `Here it must be ${wanted.map((d) => DIMENSIONS[d]).join(', or ')}.`, field);
  }
  const si = parts.reduce((sum, p) => sum + p.n * (p.meaning.times ?? 1) * UNITS[p.meaning.unit].si, 0);
  if (!(si > 0)) return refused('too-small', 'It must be more than 0.', field);
  if (si > MOST[dimension]) return refused('too-large', 'That is more than any garden needs. Is it typed right?', field);
  return done({ dimension, si, understood: understood(parts, dimension, si) });
}

const SI_LABEL: Readonly<Record<Dimension, string>> = { volume: 'ml', mass: 'g', length: 'm', area: 'm²' };

function understood(parts: readonly { n: number; meaning: Meaning }[], dimension: Dimension, si: number): string {
  const round = (x: number) => String(Number(x.toPrecision(4)));
  const said = parts.map((p) => `${round(p.n)} ${p.meaning.say}`).join(' and ');
  const inSi = `${round(si)} ${SI_LABEL[dimension]}`;
  return said === inSi ? inSi : `${said}, which is ${inSi}`;
}
