import { done, refused } from '../../measure';
import { step } from '../step';
import { DUST_ON, num, str, TRY_FIRST, work } from './parts';
import type { Preparation } from './types';

/** Ashes that have been used without harm, and ashes that burn plants (common practice). */
const ASHES = [
  { value: 'wood', label: 'Cold wood ash', burns: false },
  { value: 'rice-straw', label: 'Rice-straw ash', burns: false },
  { value: 'rice-husk', label: 'Rice-husk ash', burns: false },
  { value: 'mustard', label: 'Mustard-stalk ash', burns: true },
  { value: 'bamboo', label: 'Bamboo ash', burns: true },
  { value: 'banana', label: 'Banana-leaf ash', burns: true },
  { value: 'leaves', label: 'Tree-leaf ash', burns: true },
  { value: 'coal', label: 'Coal, painted or treated wood', burns: true },
] as const;

/** A film that the leaf shows through (from memory). */
const ASH_G_PER_M2 = 25;
/** Sifted wood ash in a level spoon, g a ml (from memory). */
const ASH_G_PER_ML = 0.5;

/** Ash dusted on dew in the early morning, daily for three days (traditional, common practice). */
export const ashDust: Preparation = {
  id: 'ash-dust',
  control: 'ash-dusting',
  name: 'Ash dusting',
  use: 'Flea beetles and other leaf eaters, the traditional way',
  group: 'dust',
  homeMade: true,
  inputs: [
    { kind: 'choice', id: 'ash', label: 'Ash of', options: ASHES.map(({ value, label }) => ({ value, label })) },
    { kind: 'size', id: 'area', label: 'Area', as: 'area', min: 0.1, max: 500, usual: 5 },
  ],
  make: (v, say) => {
    const ash = ASHES.find((a) => a.value === str(v, 'ash'));
    if (!ash) return refused('no-ash', 'Choose what was burnt.', 'ash');
    if (ash.burns) {
      return refused(
        'burns',
        ash.value === 'coal'
          ? 'Never: it holds metals and poisons that go into the food.'
          : `Never: ${ash.label.toLowerCase()} burns plants. Cold wood, rice-straw or rice-husk ash only.`,
        'ash',
      );
    }
    const g = num(v, 'area') * ASH_G_PER_M2;
    return done({
      amounts: [{ name: ash.label, value: g, of: 'mass', spooned: true, gPerMl: ASH_G_PER_ML }],
      steps: [
        DUST_ON,
        step('cold', 'Is it cold?', ['Ash keeps fire for days. Turn it over with a bare stick: no glow, no warmth.'], {
          gate: ['Cold right through, a day at least'],
        }),
        step('sift', 'Sift it', ['Through a kitchen sieve kept for it.']),
        step('dust', 'Dust it on dew', ['In the early morning, from a cloth bag or a sieve: a film that the leaf shows through.'], {
          caution: 'Not on open flowers, not near water.',
        }),
        step('wash', 'Wash', ['Hands and face: wet ash is lye.']),
      ],
      notes: ['Each morning for three days, then look again. Rain ends it.'],
      cautions: ['Makes soil less acid: not beside potatoes, heathers, camellias or blueberries.', TRY_FIRST],
      working: [work('Ash', `${say(g, 'mass')} a morning`, [{ name: 'Area', value: `${say(num(v, 'area'), 'area')}` }], '25 g a m²', 'MEM')],
    });
  },
};

/** One dish to so much ground, and what it holds (from memory). */
const DISH_M2 = 4;
const DISH_ML = 100;

export const beerTraps: Preparation = {
  id: 'beer-traps',
  control: 'beer-saucer',
  name: 'Beer dishes',
  use: 'Slugs and snails',
  group: 'bait',
  homeMade: false,
  inputs: [{ kind: 'size', id: 'area', label: 'Bed', as: 'area', min: 0.1, max: 500, usual: 8 }],
  make: (v, say) => {
    const dishes = Math.ceil(num(v, 'area') / DISH_M2 - 1e-9);
    return done({
      amounts: [
        { name: 'Shallow dishes', value: dishes, of: 'pieces' },
        { name: 'Beer', value: dishes * DISH_ML, of: 'volume' },
      ],
      steps: [
        step('set', 'Set the dishes', [`${dishes}, about 2 m apart. The rim 2 cm above the soil, so that ground beetles do not walk in.`]),
        step('fill', 'Fill half full', [`${say(DISH_ML, 'volume')} of beer each, towards evening.`]),
        step('cover', 'Roof it', ['A tile on two stones keeps rain, hedgehogs and pets out.']),
        step('empty', 'Empty each morning', ['On the compost, and fill again in the evening.']),
      ],
      notes: ['Mostly in cool wet months. After a week without a catch take them in.'],
      cautions: ['Out of reach of children and dogs.'],
      working: [work('Dishes', String(dishes), [{ name: 'Bed', value: `${say(num(v, 'area'), 'area')}` }], 'one to 4 m², rounded up', 'MEM')],
    });
  },
};

/** Sugar in a dish of water, g and ml (from memory). */
const SUGAR_G = 25;
const SUGAR_WATER_ML = 100;

export const sugarDish: Preparation = {
  id: 'sugar-dish',
  control: 'draw-off-ants',
  name: 'Sugar-water dishes',
  use: 'Drawing ants off, so that helpers can reach the aphids',
  group: 'bait',
  homeMade: false,
  inputs: [{ kind: 'count', id: 'stems', label: 'Trunks or stems with ants', min: 1, max: 100, usual: 2 }],
  make: (v, say) => {
    const n = num(v, 'stems');
    return done({
      amounts: [
        { name: 'Sugar', value: n * SUGAR_G, of: 'mass', spooned: true, gPerMl: 0.85 },
        { name: 'Water', value: n * SUGAR_WATER_ML, of: 'volume' },
        { name: 'Dishes', value: n, of: 'pieces' },
      ],
      steps: [
        step('stir', 'Stir the sugar in', ['Warm water, until it is clear.']),
        step('set', 'One dish at each base', ['On the ants’ own road, a stone in it so that bees can climb out.'], {
          caution: 'Nothing else goes in: no boric acid, no bait that helpers could drink.',
        }),
        step('bar', 'Bar the stem', ['A sticky band or a ring of fleece, once the ants are at the dish.']),
      ],
      notes: ['Fill up every other day for a week. Then look for ladybirds and mummies among the aphids.'],
      cautions: ['Draws wasps too: not beside a seat or a child’s path.'],
      working: [work('Sugar', `${say(n * SUGAR_G, 'mass')}`, [], '25 g in 100 ml for each stem', 'MEM')],
    });
  },
};
