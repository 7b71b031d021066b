import { FORM_WORDS, sayRate, sayRateExact, type Rate, type RateForm } from '../../label';
import { sayIn, sayRange, trim, UNITS, type UnitSystem } from '../../measure';

/** What a rate is given by in a system: its words, and how many of the form's own units it is. */
const BY: Readonly<Record<'us' | 'imperial', Readonly<Record<RateForm, readonly [words: string, times: number]>>>> = {
  us: {
    'per-litre': ['per US gal', UNITS['gal-us'].si / 1000],
    'per-m2': ['per 100 sq ft', 100 * UNITS.ft2.si],
    'per-plant': ['per plant', 1],
    'per-m-row': ['per 10 ft of row', 10 * UNITS.ft.si],
    'per-litre-soil': ['per US gal of potting mix', UNITS['gal-us'].si / 1000],
    'per-cm-trunk': ['per inch round the trunk', 2.54],
    'per-m-height': ['per foot of height', UNITS.ft.si],
  },
  imperial: {
    'per-litre': ['per imp gal', UNITS['gal-imp'].si / 1000],
    'per-m2': ['per 100 sq ft', 100 * UNITS.ft2.si],
    'per-plant': ['per plant', 1],
    'per-m-row': ['per 10 ft of row', 10 * UNITS.ft.si],
    'per-litre-soil': ['per litre of potting mix', 1],
    'per-cm-trunk': ['per inch round the trunk', 2.54],
    'per-m-height': ['per foot of height', UNITS.ft.si],
  },
};

/**
 * A rate in the measures of a system.
 * @param value ml or g for one of what the form counts by
 * @example sayRateIn(15.625, 'ml', 'per-litre', 'us') // '2 fl oz per US gal'
 */
export function sayRateIn(value: number, unit: 'ml' | 'g', form: RateForm, system: UnitSystem): string {
  if (system === 'metric' || system === 'australian') return `${trim(value, value < 1 ? 3 : 2)} ${unit} ${FORM_WORDS[form]}`;
  const [words, times] = BY[system][form];
  return `${sayIn(value * times, unit === 'ml' ? 'volume' : 'mass', system)} ${words}`;
}

/** A difference that no spoon, jug or scale would show. */
const UNSEEN = 0.005;

/**
 * What a mix comes to, in the label's own words where it is the label's one figure: "1 fl oz per inch" is not called
 * "2 tbsp per inch".
 * @param made ml or g for one of what the rate counts by
 */
export function sayMadeRate(made: number, rate: Rate, system: UnitSystem): string {
  const asPrinted = rate.printed !== undefined && rate.min === rate.max && Math.abs(made - rate.max) <= rate.max * UNSEEN;
  return asPrinted ? sayRate(rate) : sayRateIn(made, rate.unit, rate.form, system);
}

/**
 * The whole of a rate in the measures of a system.
 * @example sayRangeIn(line.rate, 'us') // '11.4 to 18.9 g per US gal'
 */
export function sayRangeIn(rate: Rate, system: UnitSystem): string {
  const { min, max, unit, form } = rate;
  if (system === 'metric' || system === 'australian') return sayRateExact(rate);
  if (min === max) return sayRateIn(max, unit, form, system);
  if (min === 0) return `up to ${sayRateIn(max, unit, form, system)}`;
  const [words, times] = BY[system][form];
  return `${sayRange(min * times, max * times, unit === 'ml' ? 'volume' : 'mass', system)} ${words}`;
}
