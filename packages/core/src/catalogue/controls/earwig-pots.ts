import { CP } from '../../measure';
import type { Control } from '../schema';

export const earwigPots: Control = {
  id: 'earwig-pots',
  name: 'Pots with straw',
  act: 'Set the pots',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['A pot stuffed with straw, upside down on a cane.', 'Empty it each morning, far off or under fruit trees, where they eat aphids.'],
  works: { text: 'They hide by day in what is dry and dark.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not stop those that hide in the flower itself.', prov: CP },
  after: { text: 'Fewer in the pot from morning to morning, petals whole.', prov: CP },
  means: ['hand'],
  does: 'aids',
};
