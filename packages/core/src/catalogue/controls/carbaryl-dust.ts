import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const carbarylDust: Control = {
  id: 'carbaryl-dust',
  name: 'Carbamate dust',
  act: 'Dust it',
  rung: 6,
  hazard: { people: 3, bees: 4, water: 3, helpers: 4, persistence: 2 },
  organic: false,
  sheet: 'carbaryl-dust',
  needs: { maxSunWm2: 100, maxTempC: 29, maxWindMs: 2, rainFreeHours: 24, leaf: 'dry', bees: 'always', daylight: true },
  how: [
    { text: 'Evening, still air, no bees about.', at: 'before', open: true },
    { text: 'A thin film on leaves, never on flowers.', at: 'list' },
    { text: 'On the stem base against borers, before flowering.', at: 'on', by: ['dust-film'] },
    { text: 'With flowers near, rinse it off at first light.', at: 'after', by: ['dust-film'], open: true },
  ],
  works: { text: 'About 5 % active, the rest carrier; acts on touch and when eaten.', prov: MEM },
  cautions: [
    { text: 'Very toxic to bees: never on flowers.', prov: CP },
    { text: 'Mask: do not breathe it.', prov: CP },
  ],
  doesNot: { text: 'It does not spare helpers: mites may follow.', prov: CP },
  after: { text: 'Dead ones beneath the plants; look for mites after two weeks.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['beetles', 'caterpillars', 'plant-bugs'], effect: 0.8, why: 'Acts on touch and when eaten.', prov: MEM },
    { pests: ['sawflies'], effect: 0.7, why: 'Acts on touch and when eaten.', prov: MEM },
  ],
};
