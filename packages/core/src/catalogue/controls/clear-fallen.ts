import { CP } from '../../measure';
import type { Control } from '../schema';

export const clearFallen: Control = {
  id: 'clear-fallen',
  name: 'Clear what has fallen',
  act: 'Clear it up',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Rake up fallen leaves and fruit each week.', 'Take mummies off the branches.', 'Bin, burn where allowed, or bury 30 cm deep: not on a cool heap.'],
  works: { text: "Next year's trouble winters in this year's litter.", prov: CP },
  cautions: [],
  doesNot: { text: 'It does not stop spores that fly in from over the fence.', prov: CP },
  after: { text: 'Fewer first spots next spring than this.', prov: CP },
  means: ['clearing'],
  does: 'next-year',
  when: {
    phases: ['leaf-fall', 'fruit-growing', 'fruit-colouring', 'picking', 'after-picking', 'bare'],
    text: 'at leaf fall, and fruit as it drops',
    prov: CP,
  },
};
