import { CP } from '../../measure';
import type { Control } from '../schema';

export const netting: Control = {
  id: 'netting',
  name: 'Net it',
  act: 'Net it',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Taut net on a frame, clear of the crop, no gap at the ground.',
    'Mesh of 20 mm or less, or fine mesh: nothing may tangle.',
    'Look each day that nothing is caught.',
  ],
  works: { text: 'The one means that works against birds and grazers.', prov: CP },
  cautions: [{ text: 'Loose net traps and kills birds and hedgehogs.', prov: CP }],
  doesNot: { text: 'It does not keep out what is small enough for its mesh.', prov: CP },
  after: { text: 'No entry at the edges, fruit whole under it.', prov: CP },
  means: ['cover'],
  does: 'prevents',
  when: {
    phases: ['fruit-growing', 'fruit-colouring', 'planting-out', 'growing', 'sowing'],
    text: 'before they find it: on fruit before it colours, on seedlings from the first day',
    prov: CP,
  },
  covers: true,
};
