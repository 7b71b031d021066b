import { done, parseNumber, refused, type Outcome, type UnitSystem } from '../measure';
import type { RateForm } from './rate';
import { readRate } from './read-rate';
import type { LabelLine } from './schema';

type Water = Pick<LabelLine, 'waterMlPerM2' | 'waterMostMlPerM2'>;

/** What most home labels print instead of an amount: how far to go. */
const HOW_FAR = /run[- ]?off|drip|\bwet|cover|thorough|needed|enough|sufficient|all over|all (?:sides|surfaces)/i;

const byArea = (form: RateForm) => form === 'per-litre' || form === 'per-m2';

/**
 * The water of a label's line as it is printed: "1 gal per 100 sq ft", "300 to 600 l/ha", "0.5 l per plant"; a bare
 * figure in a metric garden is litres on a square metre, or ml for one of what the rate goes by. Empty, or only how far to
 * go ("spray to run-off"): none named.
 * @param form what the line's rate goes by: the water must go by the same
 * @returns in ml for one of it; refused `no-per`, `other-per` or what a rate is refused for
 * @example readWater('1 gal per 100 sq ft', 'us', 'per-litre') // { waterMlPerM2: 407.5 }
 */
export function readWater(text: string, system: UnitSystem, form: RateForm, field = 'water'): Outcome<Water> {
  const s = text.trim();
  if (s === '') return done({ waterMlPerM2: null });
  if (/^(none|no water)$/i.test(s)) return done({ waterMlPerM2: 0 });
  if (!/\d/.test(s) && HOW_FAR.test(s)) return done({ waterMlPerM2: null });
  const bare = parseNumber(s, field, system);
  if (bare.ok && (bare.value === 0 || system === 'metric')) return done({ waterMlPerM2: bare.value * (byArea(form) ? 1000 : 1) });
  const example = system === 'us' || system === 'imperial' ? '1 gal per 100 sq ft' : '0.4 l per m²';
  if (bare.ok) return refused('no-per', `How much water on what? Type it with both, such as ${example}.`, field);
  const read = readRate(s, system, { state: 'liquid', product: null }, field);
  if (!read.ok) return read;
  const { form: by, min, max, unit } = read.value;
  if (unit !== 'ml') return refused('not-water', 'Water goes by volume: litres, gallons or fl oz.', field);
  const same = by === form || (by === 'per-m2' && byArea(form));
  if (!same)
    return refused(
      'other-per',
      `The rate goes by something else. Say the water the same way, such as ${byArea(form) ? example : `500 ml ${PER[form]}`}.`,
      field,
    );
  return done({ waterMlPerM2: min === 0 ? max : min, ...(min !== 0 && max > min ? { waterMostMlPerM2: max } : {}) });
}

const PER: Readonly<Record<RateForm, string>> = {
  'per-litre': 'per m²',
  'per-m2': 'per m²',
  'per-plant': 'per plant',
  'per-m-row': 'per m of row',
  'per-litre-soil': 'per l of potting mix',
  'per-cm-trunk': 'per cm round the trunk',
  'per-m-height': 'per m of height',
};

/** The water of a line as text that `readWater` reads back. @example waterText({ waterMlPerM2: 100 }, 'per-litre') // '100 ml per m²' */
export function waterText({ waterMlPerM2: least, waterMostMlPerM2: most }: Water, form: RateForm): string {
  if (least === null) return '';
  if (least === 0) return '0';
  const figure = (n: number) => String(Number(n.toPrecision(6)));
  return `${figure(least)}${most ? ` to ${figure(most)}` : ''} ml ${PER[form]}`;
}
