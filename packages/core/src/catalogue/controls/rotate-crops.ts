import { CP } from '../../measure';
import type { Control } from '../schema';

export const rotateCrops: Control = {
  id: 'rotate-crops',
  name: 'Move the crop on',
  act: 'Plan another place',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Grow nothing of this family here for three to four years.', 'Clear the roots and volunteers of this year.', 'Clean soil from tools and boots.'],
  works: { text: 'What waits in the soil for its host starves.', prov: CP },
  cautions: [{ text: 'A few kinds outlast any rotation: see the entry.', prov: CP }],
  doesNot: { text: 'It does not stop what flies or blows in.', prov: CP },
  after: { text: 'Less of it in the new place than last year in the old.', prov: CP },
  means: [],
  does: 'next-year',
  when: { phases: ['before-planting'], text: 'when you choose the bed: another one for three years or more', prov: CP },
};
