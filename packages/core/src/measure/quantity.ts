import { done, refused, type Outcome } from './outcome';
import { parseNumber } from './parse-number';
import { unitWord, WHOSE, type Meaning, type UnitSystem } from './unit-words';
import type { Dimension } from './units';

export interface Quantity {
  readonly dimension: Dimension;
  /** In ml, g, m or m². */
  readonly si: number;
  /** How it was understood, for showing beside the field. */
  readonly understood: string;
}

const NUMBER = String.raw`[+-]?(?:\d+(?:\s+|\s*-\s*)\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d*\s?[½⅓⅔¼¾⅛⅜⅝⅞]|\d[\d.,]*(?:e[+-]?\d+)?|[.,]\d+|[a-z]+(?=\s))`;
const PART = new RegExp(
  String.raw`\s*(${NUMBER})\s*(?:(us|imp|imperial|uk|metric|au|australian)\s+)?([a-zµ²³"'][a-z²³2 ]*?)(?=\s*[+-]?[\d½⅓⅔¼¾⅛⅜⅝⅞.,]|\s*$)`,
  'iuy',
);
/** Figures and a word, and no more: what nearly everybody types. */
const PLAIN = /^(\d+(?:\.\d+)?) ?([a-z]+)$/;
/** A point before three figures may part the thousands. */
const POINT_AND_THREE = /^[1-9]\d{0,2}\.\d\d0 ?[a-z]/;
const PRINTED = 'What does it hold? It is printed on it: type that.';
/** Words for amounts that nobody else can measure again. */
const NO_MEASURE: Readonly<Record<string, string>> = {
  capful: 'What does the cap hold? Fill it with water, measure that once, and type it in ml or teaspoons.',
  cap: 'What does the cap hold? Fill it with water, measure that once, and type it in ml or teaspoons.',
  drop: 'Drops differ: type it in ml or teaspoons.',
  handful: 'Hands differ: weigh it once, or count level spoons.',
  pinch: 'A pinch is no measure: weigh it once, or take the smallest level spoon.',
  squirt: 'Squirts differ: squeeze ten into a measure, and type what it holds in ml or teaspoons.',
  scoop: 'What does the scoop hold? Fill it with water, measure that once, and type it in ml or teaspoons.',
  glass: 'Glasses differ: fill it with water, measure that once, and type it in ml or fl oz.',
  dessertspoon: 'Dessertspoons hold 7 to 12 ml: fill it with water, measure that once, and type it in ml.',
  spoon: 'Which spoon? Type tsp or tbsp.',
  spoonful: 'Which spoon? Type tsp or tbsp.',
  t: 'A teaspoon or a tablespoon? Type tsp or tbsp.',
  dash: 'A dash is no measure: take the smallest level spoon, or a syringe.',
  splash: 'A splash is no measure: take the smallest level spoon, or a syringe.',
  packet: PRINTED,
  pouch: PRINTED,
  sachet: PRINTED,
  envelope: PRINTED,
  bag: PRINTED,
  bottle: PRINTED,
  tablet: 'What does one weigh or hold? It is printed on the pack: type that.',
};
/** What nobody measures out in one amount. */
const RANGE = /[\d½⅓⅔¼¾⅛⅜⅝⅞]\s*(?:to|or|–|—|-)\s*(?:\d|[½⅓⅔¼¾⅛⅜⅝⅞])/iu;
const RATE = /[a-z]\s*(?:\/|\bper\b|\ba(?:n)?\b|\beach\b)\s*[a-z\d]/i;

const DIMENSIONS: Readonly<Record<Dimension, string>> = {
  volume: 'a volume, such as 2 tbsp or 30 ml',
  mass: 'a weight, such as 20 g',
  length: 'a length, such as 40 cm',
  area: 'an area, such as 20 m²',
};
const MOST: Readonly<Record<Dimension, number>> = { volume: 2e6, mass: 1e6, length: 1e3, area: 1e6 };

interface Part {
  readonly n: number;
  readonly meaning: Meaning;
}

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
  const plain = PLAIN.exec(text);
  if (plain && !POINT_AND_THREE.test(text)) {
    const meaning = unitWord(plain[2] as string)?.(system);
    if (meaning) return quantityOf(+(plain[1] as string), meaning, null, wanted, field);
  }

  // "fl. oz" and "m2" as they are meant
  const s = text
    .trim()
    .replace(/([a-z])\./gi, '$1')
    .replace(/\b(m|ft|yd)2\b/gi, '$1²')
    .replace(/\b(m|ft)3\b/gi, '$1³')
    .replace(/\blevel\s+/gi, '');
  const heaped = /\b(heaped|heaping|rounded|generous)\b/i.exec(s);
  if (heaped) return refused('level-meant', `“${heaped[1]}”: a spoon is level here, struck off with a knife. Fill it so, and type the level spoons.`, field);
  const example = DIMENSIONS[wanted[0] ?? 'volume'];
  if (s === '') return refused('empty', `Type ${example}.`, field);
  const parts: Part[] = [];
  PART.lastIndex = 0;
  let from = 0;
  while (from < s.length) {
    PART.lastIndex = from;
    const m = PART.exec(s);
    if (!m) {
      const rest = s.slice(from).trim();
      const bare = parseNumber(rest, field);
      return bare.ok || bare.reasons[0]?.code === 'ambiguous'
        ? bare.ok
          ? refused('no-unit', `${rest} of what? Add the unit: ${example}.`, field)
          : bare
        : (notOneAmount(s, example, field) ?? refused('not-a-quantity', `“${text.trim()}” is not understood. Type ${example}.`, field));
    }
    const part = readPart(m, system, example, field);
    if (!part.ok) return part.reasons[0]?.code === 'unknown-unit' ? (notOneAmount(s, example, field) ?? part) : part;
    parts.push(part.value);
    from = PART.lastIndex;
  }
  const [first, ...more] = parts;
  return first ? quantityOf(first.n, first.meaning, more, wanted, field) : refused('empty', `Type ${example}.`, field);
}

/** A range, or a rate, where one amount is asked for. */
function notOneAmount(s: string, example: string, field: string): Outcome<never> | null {
  if (RANGE.test(s)) return refused('a-range', `Here it is one amount, not a range: type ${example}.`, field);
  if (RATE.test(s)) return refused('a-rate', `Here it is the amount alone, without what it goes into: type ${example}.`, field);
  return null;
}

function readPart(m: RegExpExecArray, system: UnitSystem, example: string, field: string): Outcome<Part> {
  const n = parseNumber(m[1] ?? '', field, system);
  const word = (m[3] ?? '').trim().toLowerCase().replace(/\s+/g, ' ');
  const vague = NO_MEASURE[word.replace(/s$/, '')];
  if (vague) return refused('no-measure', vague, field);
  if (!n.ok) return n;
  const known = unitWord(word);
  if (!known) return refused('unknown-unit', `“${word}” is no unit known here. Type ${example}.`, field);
  const meaning = known(m[2] ? (WHOSE[m[2].toLowerCase()] ?? system) : system);
  if (!meaning) return refused('which-unit', `“${word}”: US or imperial? Type US ${word} or imp ${word}.`, field);
  return done({ n: n.value, meaning });
}

/** The first part, and any others of the same dimension added to it. */
function quantityOf(n: number, meaning: Meaning, more: readonly Part[] | null, wanted: readonly Dimension[], field: string): Outcome<Quantity> {
  const { dimension } = meaning;
  let si = n * meaning.si;
  if (more) {
    for (const p of more) {
      if (p.meaning.dimension !== dimension) return wrongDimension(wanted, field);
      if (!(p.n > 0)) return refused('two-figures', 'That reads as one amount less another. Type the one amount that is meant.', field);
      si += p.n * p.meaning.si;
    }
  }
  if (!wanted.includes(dimension))
    return meaning.ounce && wanted.includes('volume')
      ? refused('which-unit', '“oz” is by weight. Of a liquid, type fl oz.', field)
      : wrongDimension(wanted, field);
  if (!(si > 0)) return refused('too-small', 'It must be more than 0.', field);
  if (si > MOST[dimension]) return refused('too-large', 'That is more than any garden needs. Is it typed right?', field);
  return { ok: true, value: new Read(dimension, si, n, meaning, more) };
}

/**
 * Reads an amount where the unit may go without saying: a bare number is in `bare`.
 * @param bare the unit of a number alone, in its words, such as `ml` or `g`
 * @example readAmount('4', 'ml', 'us', ['volume']) // 4 ml
 */
export function readAmount(text: string, bare: string, system: UnitSystem, wanted: readonly Dimension[], field = ''): Outcome<Quantity> {
  const n = parseNumber(text, field, system);
  if (!n.ok && n.reasons[0]?.code !== 'not-a-number') return n;
  return parseQuantity(n.ok ? `${text.trim()} ${bare}` : text, system, wanted, field);
}

const wrongDimension = (wanted: readonly Dimension[], field: string) =>
  refused('wrong-dimension', `Here it must be ${wanted.map((d) => DIMENSIONS[d]).join(', or ')}.`, field);

const SI_LABEL: Readonly<Record<Dimension, string>> = { volume: 'ml', mass: 'g', length: 'm', area: 'm²' };

/** @example singular('US cups') // 'US cup' */
const singular = (say: string) =>
  say
    .replace(/\binches\b/, 'inch')
    .replace(/\bfeet\b/, 'foot')
    .replace(/([a-z]{2,})s\b/, '$1');

/** A quantity that was read. The words are made when they are asked for: most are never shown. */
class Read implements Quantity {
  constructor(
    readonly dimension: Dimension,
    readonly si: number,
    private readonly n: number,
    private readonly meaning: Meaning,
    private readonly more: readonly Part[] | null,
  ) {}

  get understood(): string {
    const round = (x: number) => String(Number(x.toPrecision(4)));
    const said = [{ n: this.n, meaning: this.meaning }, ...(this.more ?? [])]
      .map((p) => `${round(p.n)} ${p.n <= 1 ? singular(p.meaning.say) : p.meaning.say}`)
      .join(' and ');
    const inSi = `${round(this.si)} ${SI_LABEL[this.dimension]}`;
    return said === inSi ? inSi : `${said}, which is ${inSi}`;
  }
}
