import { CP } from '../../measure';
import type { Control } from '../schema';

export const digOut: Control = {
  id: 'dig-out',
  name: 'Lift and destroy',
  act: 'Lift it',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Lift the plant with its roots and the soil that clings.',
    'Bag it on the spot; bin or burn where allowed.',
    'Wash tools and hands before the next plant.',
  ],
  works: { text: 'A plant that can not be cured feeds the trouble for its neighbours.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not clear the soil of what rested in it.', prov: CP },
  after: { text: 'Nothing of the kind comes up in the gap, nor next to it.', prov: CP },
  means: [],
  does: 'cures',
  destroys: true,
};
