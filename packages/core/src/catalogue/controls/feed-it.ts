import { CP } from '../../measure';
import type { Control } from '../schema';

export const feedIt: Control = {
  id: 'feed-it',
  name: 'Mend the shortage',
  act: 'Feed it',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Find out which food is short: which leaves, and what is green on them.',
    "Feed at the label's rate, on damp soil.",
    'For lime-shy plants use rain water.',
  ],
  works: { text: 'Leaves that were short stay marked; new ones come right.', prov: CP },
  cautions: [{ text: 'More feed than the packet says burns roots.', prov: CP }],
  doesNot: { text: 'It does not green the old leaves again.', prov: CP },
  after: { text: 'New leaves come out in their right colour within two to three weeks.', prov: CP },
  means: [],
  does: 'aids',
};
