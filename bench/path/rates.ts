import type { UnitSystem } from '../../packages/core/src/measure';

/** One printed rate, and the size that it is mixed for. */
export interface Printed {
  readonly text: string;
  readonly system: UnitSystem;
  readonly dry: boolean;
}

const SPOONS = ['¼', '½', '¾', '1', '1½', '2', '2½', '3', '4', '1 to 2', '1½ to 2', '2-4', 'up to 2'];
const OUNCES = ['½', '1', '1½', '2', '3', '4', '5', '6', '8', '1 to 2', '2-4'];
const ML = ['1', '1.5', '2', '2.5', '3', '5', '7.5', '10', '12.5', '15', '20', '25', '30', '40', '5 to 10', '10-20', 'up to 10'];
const GRAMS = ['1', '1.5', '2', '2.5', '3', '4', '5', '7.5', '10', '15', '20', '25', '30', '50', '2 to 3', '5-10', 'up to 5'];

const OVER: Readonly<Record<UnitSystem, readonly string[]>> = {
  us: [
    '/gal',
    ' per gallon of water',
    ' a gallon',
    ' per 2 gal',
    ' per quart',
    ' per plant',
    ' per 10 ft of row',
    ' per inch round the trunk',
    ' per inch of trunk diameter',
    ' per foot of height',
    ' per 100 sq ft',
  ],
  imperial: [
    '/gal',
    ' per gallon of water',
    ' per 2 gal',
    ' per plant',
    ' per 10 ft of row',
    ' per inch round the trunk',
    ' per foot of height',
    ' per 100 sq ft',
    ' per litre',
  ],
  metric: [' per litre', '/l', ' per 10 l of water', ' per 5 litres', ' per plant', ' per m of row', ' per cm round the trunk', ' per m of height', ' per m²'],
  australian: [' per litre', ' per 10 l', ' per plant', ' per m of row', ' per m²'],
};

/** Every usual rate of every form, in every system: as labels print them. */
export function printedRates(): Printed[] {
  const out: Printed[] = [];
  const add = (system: UnitSystem, dry: boolean, figures: readonly string[], units: readonly string[]) => {
    for (const over of OVER[system]) for (const unit of units) for (const n of figures) out.push({ text: `${n} ${unit}${over}`, system, dry });
  };
  for (const system of ['us', 'imperial'] as const) {
    add(system, false, SPOONS, ['tsp', 'tbsp']);
    add(system, true, SPOONS, ['tsp', 'tbsp']);
    add(system, false, OUNCES, ['fl oz']);
    add(system, true, OUNCES, ['oz wt']);
    add(system, false, ML, ['ml']);
  }
  for (const system of ['metric', 'australian'] as const) {
    add(system, false, ML, ['ml']);
    add(system, true, GRAMS, ['g']);
    add(system, false, SPOONS, ['tsp', 'tbsp']);
    add(system, true, SPOONS, ['tsp', 'tbsp']);
  }
  const more = ['1:100', '1:200', '1:50 to 1:100', '1 part to 64', '0.5 %', '1 %', '2 %', '0.5 to 1 %'];
  for (const system of ['us', 'metric'] as const) for (const text of more) out.push({ text, system, dry: false });
  for (const text of ['1 pt per 100 gal', '2 qt per 100 gal', '1 lb 4 oz per 100 gal', '8 lb per 100 gal', '16 fl oz makes 48 gal', 'dial 2 tbsp']) {
    out.push({ text, system: 'us', dry: text.includes('lb') });
  }
  for (const text of ['100 g per 100 l', '250 g/hl', '75 ml/hl']) out.push({ text, system: 'metric', dry: text.includes(' g') });
  return out;
}
