import { CP } from '../../measure';
import type { Control } from '../schema';

export const licensedPerson: Control = {
  id: 'licensed-person',
  name: 'Call a licensed person',
  act: 'Ask a licensed applicator',
  rung: 7,
  hazard: { people: 3, bees: 3, water: 3, helpers: 3, persistence: 3 },
  organic: false,
  needs: {},
  how: ['Ask your local extension or plant-health office whom to call.', 'Have the case ready: what, where, how long, what was tried.'],
  works: { text: 'For tall trees, large areas, restricted products and unknown poisons.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not free you from keep-out and picking waits: ask for them in writing.', prov: CP },
  after: { text: 'What was used, where, how much and the waits, on paper in your records.', prov: CP },
  means: [],
  does: 'cures',
};
