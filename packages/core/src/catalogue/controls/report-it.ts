import { CP } from '../../measure';
import type { Control } from '../schema';

export const reportIt: Control = {
  id: 'report-it',
  name: 'Report it, move nothing',
  act: 'Report it first',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Leave it where it is: no cutting, no spraying, no compost, nothing carried off.',
    'Photograph it, close and from three steps away; note where and since when.',
    'Keep people, pets and tools away from it.',
    'Call or write to your plant-health office today, and do what they say.',
    'Write their answer down in this case.',
  ],
  works: { text: 'They must know it alive and in place: to name it, to trace it, to stop it.', prov: CP },
  cautions: [{ text: 'Who moves or destroys it first may break the law and lose the trace.', prov: CP }],
  doesNot: { text: 'It does not cure it: what comes next is theirs to say.', prov: CP },
  after: { text: 'You have their answer, with a name and a day.', prov: CP },
  means: [],
  does: 'cures',
};
