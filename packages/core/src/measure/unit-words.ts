import { UNITS, type Dimension, type UnitId } from './units';

/** Whose spoons, ounces and gallons are meant. */
export type UnitSystem = 'metric' | 'us' | 'imperial' | 'australian';

/** One word for a unit: how much of what it is, and how it is said back. */
export interface Meaning {
  readonly dimension: Dimension;
  /** In ml, g, m or m². */
  readonly si: number;
  /** In the plural: "tablespoons". */
  readonly say: string;
  /** "oz", which many say of liquids too. */
  readonly ounce?: true;
}

/** What a word means in a system; null where it can be two things and must be asked about. */
export type Word = (system: UnitSystem) => Meaning | null;

const one = (unit: UnitId, say: string, times = 1): Meaning => ({ dimension: UNITS[unit].dimension, si: UNITS[unit].si * times, say });
const always = (m: Meaning): Word => {
  return () => m;
};
const bySystem =
  (table: Partial<Record<UnitSystem, Meaning>>): Word =>
  (system) =>
    table[system] ?? null;

const METRIC_TBSP = one('tbsp-metric', 'tablespoons');
const METRIC_TSP = one('tsp-metric', 'teaspoons');
const TSP = bySystem({ us: one('tsp-us', 'US teaspoons'), metric: METRIC_TSP, imperial: METRIC_TSP, australian: METRIC_TSP });
const TBSP = bySystem({
  us: one('tbsp-us', 'US tablespoons'),
  metric: METRIC_TBSP,
  imperial: METRIC_TBSP,
  australian: one('tbsp-au', 'Australian tablespoons'),
});
/** Only US and imperial growers have these: to others they must be named. */
const twoKinds = (us: Meaning, imperial: Meaning): Word => bySystem({ us, imperial });

const TABLE: readonly (readonly [names: string, Word])[] = [
  ['ml millilitre millilitres milliliter milliliters cc', always(one('ml', 'ml'))],
  ['cl centilitre centilitres centiliter centiliters', always(one('ml', 'cl', 10))],
  ['hl hectolitre hectolitres hectoliter hectoliters', always(one('hl', 'hl'))],
  ['cu_ft cuft cubic_foot cubic_feet ft³ ft3', always(one('ft3', 'cubic feet'))],
  ['cu_yd cu_yds cuyd cubic_yard cubic_yards yd³ yd3', always(one('ft3', 'cubic yards', 27))],
  ['m³ m3 cubic_metre cubic_metres cubic_meter cubic_meters', always(one('m3', 'm³'))],
  ['l litre litres liter liters', always(one('l', 'l'))],
  ['tsp tsps teaspoon teaspoons teaspoonful teaspoonfuls', TSP],
  ['tbsp tbsps tbs tablespoon tablespoons tablespoonful tablespoonfuls', TBSP],
  [
    'cup cups',
    bySystem({
      us: one('cup-us', 'US cups'),
      imperial: one('cup-imp', 'imperial cups'),
      metric: one('cup-metric', 'cups of 250 ml'),
      australian: one('cup-metric', 'cups of 250 ml'),
    }),
  ],
  ['fl_oz floz fluid_ounce fluid_ounces', twoKinds(one('floz-us', 'US fluid ounces'), one('floz-imp', 'imperial fluid ounces'))],
  ['gal gals gallon gallons', twoKinds(one('gal-us', 'US gallons'), one('gal-imp', 'imperial gallons'))],
  ['qt qts quart quarts', twoKinds(one('qt-us', 'US quarts'), one('qt-imp', 'imperial quarts'))],
  ['pt pts pint pints', twoKinds(one('pt-us', 'US pints'), one('pt-imp', 'imperial pints'))],
  ['g gram grams gramme grammes', always(one('g', 'g'))],
  ['mg milligram milligrams', always(one('g', 'mg', 0.001))],
  ['kg kilo kilos kilogram kilograms', always(one('kg', 'kg'))],
  ['oz_wt ozwt wt_oz oz_weight oz_by_weight ounces_by_weight ounce_by_weight dry_oz', always(one('oz', 'oz by weight'))],
  ['oz ozs ounce ounces', always({ ...one('oz', 'oz by weight'), ounce: true })],
  ['lb lbs pound pounds', always(one('lb', 'lb'))],
  ['mm millimetre millimetres millimeter millimeters', always(one('mm', 'mm'))],
  ['cm centimetre centimetres centimeter centimeters', always(one('cm', 'cm'))],
  ['m metre metres meter meters', always(one('m', 'm'))],
  ['in ins inch inches "', always(one('in', 'inches'))],
  ["ft foot feet '", always(one('ft', 'feet'))],
  ['yd yds yard yards', always(one('yd', 'yards'))],
  ['m² m2 sqm sq_m square_metre square_metres square_meter square_meters', always(one('m2', 'm²'))],
  ['ft² ft2 sqft sq_ft square_foot square_feet', always(one('ft2', 'sq ft'))],
  ['yd² yd2 sqyd sq_yd sq_yds square_yard square_yards', always(one('yd2', 'sq yd'))],
  ['acre acres ac', always(one('acre', 'acres'))],
  ['ha hectare hectares', always(one('ha', 'ha'))],
];

const WORDS: ReadonlyMap<string, Word> = new Map(TABLE.flatMap(([names, word]) => names.split(' ').map((n) => [n.replaceAll('_', ' '), word] as const)));

/**
 * What a word for a unit means. The word is in small letters, without points.
 * @returns undefined when no such unit is known
 */
export const unitWord = (word: string): Word | undefined => WORDS.get(word);

/** Words in front of a unit that say whose it is: "US gal", "imp. pint", "metric tsp". */
export const WHOSE: Readonly<Record<string, UnitSystem>> = {
  us: 'us',
  imp: 'imperial',
  imperial: 'imperial',
  uk: 'imperial',
  metric: 'metric',
  au: 'australian',
  australian: 'australian',
};
