import { CP } from '../../measure';
import type { Control } from '../schema';

export const evenWatering: Control = {
  id: 'even-watering',
  name: 'Water evenly',
  act: 'Set up the watering',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Little and often while fruit swells: never bone dry, then flooded.', 'Soak the soil, not the leaf, in the morning.', 'Mulch 5 cm deep to hold it.'],
  works: { text: 'Roots that never run dry carry what fruit and leaf need.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not mend fruit that is already marked.', prov: CP },
  after: { text: 'The next fruits to set are sound.', prov: CP },
  means: [],
  does: 'aids',
};
