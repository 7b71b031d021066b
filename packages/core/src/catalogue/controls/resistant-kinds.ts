import { CP } from '../../measure';
import type { Control } from '../schema';

export const resistantKinds: Control = {
  id: 'resistant-kinds',
  name: 'Grow a resistant kind',
  act: 'Choose a kind',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Choose a variety sold as resistant to this trouble.', 'Buy clean, certified plants, tubers or seed.'],
  works: { text: 'What hardly takes it needs no spray.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not help this year’s plants, and resistant is not immune.', prov: CP },
  after: { text: 'Less of it next year beside your old kind.', prov: CP },
  means: [],
  does: 'next-year',
  when: { phases: ['before-planting'], text: 'when you choose seed, set or tree', prov: CP },
};
