import { CP } from '../../measure';
import type { Control } from '../schema';

export const leaveIt: Control = {
  id: 'leave-it',
  name: 'Leave it and watch',
  act: 'Leave it and look again',
  rung: 0,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Do nothing now.', 'Look again on the day set, and count the same way.'],
  works: { text: 'Healthy plants outgrow a good deal, and helpers need something to eat.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not help a plant that goes downhill from week to week.', prov: CP },
  after: { text: 'The same count on the day set: no more than now, or helpers seen.', prov: CP },
  means: [],
  does: 'aids',
};
