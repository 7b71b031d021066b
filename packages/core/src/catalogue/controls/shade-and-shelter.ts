import { CP } from '../../measure';
import type { Control } from '../schema';

export const shadeAndShelter: Control = {
  id: 'shade-and-shelter',
  name: 'Shade, shelter or fleece',
  act: 'Shelter it',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Fleece before a cold night, off again in the morning.', 'Shade at noon for what was moved into sun.', 'Out of draughts, away from radiators.'],
  works: { text: 'Tissue that was hurt stays hurt; the next leaves come clean.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not mend leaves already scorched.', prov: CP },
  after: { text: 'The next leaves open whole.', prov: CP },
  means: [],
  does: 'prevents',
};
