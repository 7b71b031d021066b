import { CP } from '../../measure';
import type { Control } from '../schema';

export const waterAndAir: Control = {
  id: 'water-and-air',
  name: 'Water at the root, open up',
  act: 'Water low and thin out',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Water the soil in the morning, never the leaves.', 'Thin crowded growth so that air moves through.'],
  works: { text: 'Fungi need wet leaves or thirsty plants: this takes both away.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not mend what is infected.', prov: CP },
  after: { text: 'Leaves dry by mid-morning, no new patches.', prov: CP },
  means: [],
  does: 'aids',
};
