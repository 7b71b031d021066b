import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const acetamipridSpray: Control = {
  id: 'acetamiprid-spray',
  name: 'Acetamiprid spray',
  act: 'Mix the acetamiprid',
  rung: 6,
  hazard: { people: 2, bees: 3, water: 2, helpers: 3, persistence: 2 },
  organic: false,
  sheet: 'acetamiprid',
  needs: { maxSunWm2: 300, maxTempC: 29, minTempC: 5, maxWindMs: 4, rainFreeHours: 24, leaf: 'dry', bees: 'always' },
  how: [
    { text: 'At dusk, when bees are home; never on flowers.', at: 'before', open: true },
    { text: 'Both sides of the leaf.', at: 'list' },
  ],
  works: { text: 'Taken into the leaf; stops sucking insects for two weeks.', prov: MEM },
  cautions: [{ text: 'Toxic to bees: never on flowers.', prov: CP }],
  doesNot: { text: 'It does not spare ladybirds that eat what was treated.', prov: CP },
  after: { text: 'Sucking insects gone after three days.', prov: CP },
  means: ['systemic', 'contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['aphids', 'whiteflies', 'scales', 'leafhoppers'], effect: 0.85, why: 'Taken into the leaf, reaches into curls.', prov: MEM },
    { pests: ['beetles', 'sawflies', 'psyllids'], effect: 0.65, why: 'Eaten with the leaf or taken up with the sap.', prov: MEM },
    { pests: ['mealybugs', 'thrips'], effect: 0.5, why: 'Reaches those that suck; not what sits under wax.', prov: MEM },
  ],
};
