import { CP } from '../../measure';
import type { Control } from '../schema';

export const cutOutBorer: Control = {
  id: 'cut-out-borer',
  name: 'Cut the borer out',
  act: 'Cut it out',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Slit the stem lengthwise at the frass, take the grub out.',
    'Heap moist soil over the cut so that it roots again.',
    'For wood, work a wire up the hole.',
  ],
  works: { text: 'Inside the stem no spray reaches it.', prov: CP },
  cautions: [{ text: 'Cut away from your hand.', prov: CP }],
  doesNot: { text: 'It does not mend a branch that is ringed all round.', prov: CP },
  after: { text: 'No fresh sawdust below the hole within a week.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
