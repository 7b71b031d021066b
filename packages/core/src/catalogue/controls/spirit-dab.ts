import { CP } from '../../measure';
import type { Control } from '../schema';

export const spiritDab: Control = {
  id: 'spirit-dab',
  name: 'Dab with spirit',
  act: 'Dab them',
  rung: 2,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Rubbing alcohol (70 %) on a cotton bud, on each one.', 'Try one leaf, wait two days.', 'Weekly until none is found.'],
  works: { text: 'It goes through the wax and dries them.', prov: CP },
  cautions: [
    { text: 'Burns: no flame near, air the room.', prov: CP },
    { text: 'Not on ferns or soft thin leaves.', prov: CP },
  ],
  doesNot: { text: 'It does not reach those between roots and in leaf axils you did not touch.', prov: CP },
  after: { text: 'White wax brown and dead the next day; look again weekly.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
