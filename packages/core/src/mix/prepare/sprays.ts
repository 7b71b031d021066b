import { done, trim } from '../../measure';
import { step } from '../step';
import { GLOVES_GOGGLES, LABEL_FIRST, length, MIX, num, TRY_FIRST, work } from './parts';
import type { Preparation } from './types';

const NEEM_ML_PER_L = 5;
const SOAP_ML_PER_L = 10;

/** Neem oil carried into water by soap: 5 ml of oil and 10 ml of plain liquid soap in a litre (common practice). */
export const neemEmulsion: Preparation = {
  id: 'neem-emulsion',
  control: 'neem-spray',
  name: 'Neem oil emulsion',
  use: 'Sap-suckers and young caterpillars; as a soil drench, fungus gnats',
  group: 'spray',
  homeMade: true,
  inputs: [MIX],
  make: (v, say) => {
    const litres = num(v, 'mix') / 1000;
    const oil = litres * NEEM_ML_PER_L;
    const soap = litres * SOAP_ML_PER_L;
    return done({
      used: { amount: oil, waterMl: litres * 1000 },
      amounts: [
        { name: 'Plain liquid soap', value: soap, of: 'volume', spooned: true },
        { name: 'Neem oil, horticultural grade', value: oil, of: 'volume', spooned: true },
        { name: 'Water, to', value: litres * 1000, of: 'volume' },
      ],
      steps: [
        GLOVES_GOGGLES,
        step('warm', 'Warm the oil', ['It is solid when cool. Stand the closed bottle in warm water, not boiling, for 5 minutes.'], { seconds: 300 }),
        step('soap', 'Soap into the water first', [
          `${say(soap, 'volume')} of plain liquid soap into ${say(litres * 500, 'volume')} of lukewarm water. Stir, no froth yet.`,
        ]),
        step('oil', 'Then the oil', [`${say(oil, 'volume')} of neem oil, in a thin stream, stirring.`], { caution: 'Never neat on a plant.' }),
        step('fill', `Fill to ${say(litres * 1000, 'volume')}`, ['Close and shake until it is frothy. Keep shaking while you spray: it parts within minutes.']),
        step('spray', 'Spray in the evening', ['Both sides of the leaves, no direct sun. Indoors with the lamps off.'], {
          gate: ['No open flowers that bees visit', 'No fish tank or pond beside it'],
          caution: 'Not on air plants and others that breathe through leaf scales.',
        }),
        step('clean', 'Rinse and wash', ['Warm water with a little soap through the nozzle, or it gums up. Hands, then face.']),
      ],
      notes: ['Weekly until clear, for the first month; then every two weeks. Again after heavy rain.', 'Use it the same day: it does not keep.'],
      cautions: ['Harms bees while it is wet, and fish.', 'Not within 14 days of sulfur, either way round.', LABEL_FIRST, TRY_FIRST],
      working: [
        work('Neem oil', `${say(oil, 'volume')}`, [{ name: 'Mix', value: `${say(litres * 1000, 'volume')}` }], '5 ml a litre'),
        work('Liquid soap', `${say(soap, 'volume')}`, [{ name: 'Mix', value: `${say(litres * 1000, 'volume')}` }], '10 ml a litre'),
      ],
    });
  },
};

/** One small packet of grated laundry bar in 10 l, daily for three days (common practice). */
export const barSuds: Preparation = {
  id: 'bar-suds',
  control: 'bar-soap-suds',
  name: 'Bar-soap suds',
  use: 'Aphids and other soft bodies, where no liquid soap is had',
  group: 'spray',
  homeMade: true,
  inputs: [{ ...MIX, usual: 10_000 } as typeof MIX],
  make: (v, say) => {
    const litres = num(v, 'mix') / 1000;
    const packets = litres / 10;
    return done({
      used: { amount: null, waterMl: litres * 1000 },
      amounts: [
        { name: 'Small packets of plain laundry soap', value: packets, of: 'pieces' },
        { name: 'Water', value: litres * 1000, of: 'volume' },
      ],
      steps: [
        GLOVES_GOGGLES,
        step('grate', 'Grate the soap', [`${trim(packets, 2)} of a small packet. No bleach, no scent, no washing powder.`]),
        step('melt', 'Dissolve it', ['In a little warm water first, until no bits are left: they block the nozzle.']),
        step('fill', `Water to ${say(litres * 1000, 'volume')}`, ['Slowly, stirring: froth is soap that is wasted.']),
        step('spray', 'Wet both sides', ['In the evening or under cloud. It works only wet and only where it hits.']),
        step('clean', 'Rinse and wash', ['Rinse the sprayer over the same plants. Hands, then face.']),
      ],
      notes: ['Each evening for three days, then look again.'],
      cautions: ['Household soap is harsher than potassium soap and differs from bar to bar: patch-test every new one.', TRY_FIRST],
      working: [work('Soap', `${trim(packets, 2)} packets`, [{ name: 'Mix', value: `${say(litres * 1000, 'volume')}` }], 'one small packet in 10 l')],
    });
  },
};

const DRENCH_ML_PER_L = (0.5 * 29.5735295625) / 3.785411784;

/** At most half a fluid ounce of liquid soap in a US gallon, and rarely (common practice). */
export const soapDrench: Preparation = {
  id: 'soap-drench',
  control: 'soap-spray',
  name: 'Light soap drench',
  use: 'Root aphids and fungus gnats in pots, rarely',
  group: 'spray',
  homeMade: true,
  inputs: [MIX],
  make: (v, say) => {
    const litres = num(v, 'mix') / 1000;
    const soap = litres * DRENCH_ML_PER_L;
    return done({
      used: { amount: soap, waterMl: litres * 1000 },
      amounts: [
        { name: 'Liquid potassium soap, at most', value: soap, of: 'volume', spooned: true },
        { name: 'Water', value: litres * 1000, of: 'volume' },
      ],
      steps: [
        GLOVES_GOGGLES,
        step('water', `Water to ${say(litres * 1000, 'volume')}`, ['Rain water is best: hard water spoils soap.']),
        step('soap', 'Soap last', [`${say(soap, 'volume')}, stirred in slowly.`], { caution: 'Never more: soap in the soil harms roots.' }),
        step('pour', 'Pour it on moist soil', ['Slowly, until it just runs out below. Throw away what stands in the saucer.']),
        step('clean', 'Rinse and wash', ['Can and hands.']),
      ],
      notes: ['Once. Again after a month at the earliest.'],
      cautions: [LABEL_FIRST, TRY_FIRST],
      working: [
        work('Soap', `${say(soap, 'volume')}`, [{ name: 'Mix', value: `${say(litres * 1000, 'volume')}` }], '½ US fl oz in a US gallon, 3.9 ml a litre'),
      ],
    });
  },
};

const LEAF_G_PER_L = 2000 / 16;

/** 2 kg of ground neem leaf in 16 l, strained, daily for three days (traditional, common practice). */
export const leafTea: Preparation = {
  id: 'neem-leaf-tea',
  control: 'neem-leaf-tea',
  name: 'Neem leaf tea',
  use: 'Leaf eaters and sap-suckers, the traditional way',
  group: 'spray',
  homeMade: true,
  inputs: [{ ...MIX, usual: 16_000 } as typeof MIX],
  make: (v, say) => {
    const litres = num(v, 'mix') / 1000;
    const leaf = litres * LEAF_G_PER_L;
    return done({
      used: { amount: null, waterMl: litres * 1000 },
      amounts: [
        { name: 'Neem leaf, ground', value: leaf, of: 'mass' },
        { name: 'Water', value: litres * 1000, of: 'volume' },
      ],
      steps: [
        GLOVES_GOGGLES,
        step('grind', 'Grind the leaf', [`${say(leaf, 'mass')}, fresh, in a mortar kept for it.`]),
        step('soak', 'Stir into the water', [`${say(litres * 1000, 'volume')}. Leave it covered overnight.`]),
        step('strain', 'Strain twice', ['Through cloth: bits block the nozzle. The leaf goes on the compost.']),
        step('spray', 'Spray in the evening', ['Both sides of the leaves.'], { gate: ['No open flowers that bees visit'] }),
        step('clean', 'Rinse and wash', ['Sprayer, cloth, hands.']),
      ],
      notes: ['Each evening for three days, then look again.', 'Make it fresh each time: its strength is not known and it does not keep.'],
      cautions: ['The strength differs from tree to tree.', 'Wash produce well. Keep it off ponds.', TRY_FIRST],
      working: [work('Neem leaf', `${say(leaf, 'mass')}`, [{ name: 'Mix', value: `${say(litres * 1000, 'volume')}` }], '2 kg in 16 l')],
    });
  },
};

/** Soap for two US gallons of wash: a few tablespoons, taken as three (common practice). */
const WASH_SOAP_ML_PER_L = (3 * 14.78676478125) / (2 * 3.785411784);
/** Wash that a square metre of bark takes, l (from memory). */
const WASH_L_PER_M2 = 3;

/** Soapy water and a soft brush against scale and eggs on bark. */
export const barkWash: Preparation = {
  id: 'bark-wash',
  control: 'bark-wash',
  name: 'Bark wash',
  use: 'Scale, eggs and soot on bark',
  group: 'wash',
  homeMade: true,
  inputs: [
    { kind: 'size', id: 'trunk', label: 'Round the trunk', as: 'trunk', min: 0.05, max: 5, usual: 0.4 },
    length('height', 'Height to wash', 1.5, 3),
    { kind: 'count', id: 'trunks', label: 'Trunks', min: 1, max: 50, usual: 1 },
  ],
  make: (v, say) => {
    const area = num(v, 'trunk') * num(v, 'height') * num(v, 'trunks');
    const litres = Math.max(1, area * WASH_L_PER_M2);
    const soap = litres * WASH_SOAP_ML_PER_L;
    return done({
      amounts: [
        { name: 'Liquid soap', value: soap, of: 'volume', spooned: true },
        { name: 'Water', value: litres * 1000, of: 'volume' },
        { name: 'Bark', value: area, of: 'area' },
      ],
      steps: [
        step('protect', 'Gloves and goggles on', ['It splashes back.'], { gate: ['Gloves', 'Goggles'] }),
        step('fill', `Water to ${say(litres * 1000, 'volume')}, soap last`, [`${say(soap, 'volume')} of liquid soap, stirred in slowly.`]),
        step('brush', 'Brush it into the cracks', ['Soft brush, from the bottom up, so that it does not streak. Never wire: it wounds the bark.']),
        step('rinse', 'Rinse off', ['Clean water, after ten minutes.'], { seconds: 600 }),
        step('clean', 'Wash up', ['Brush, bucket, hands.']),
      ],
      notes: ['On a mild day, bark dry by evening. Look again after two weeks.'],
      cautions: ['Feet on the ground: no ladder with a bucket in the hand.', TRY_FIRST],
      working: [
        work('Bark', `${say(area, 'area')}`, [], 'round the trunk × height × trunks'),
        work('Wash', `${say(litres * 1000, 'volume')}`, [], '3 l a m² of bark, 1 l at least', 'MEM'),
        work('Soap', `${say(soap, 'volume')}`, [], '3 US tablespoons in 2 US gallons'),
      ],
    });
  },
};
