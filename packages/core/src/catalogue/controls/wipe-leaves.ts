import { CP } from '../../measure';
import type { Control } from '../schema';

export const wipeLeaves: Control = {
  id: 'wipe-leaves',
  name: 'Wipe it off',
  act: 'Wipe the leaves',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['A soft cloth, lukewarm water, a drop of plain soap.', 'Both sides of each leaf, hold it from below.', 'Every few days until none is found.'],
  works: { text: 'Few plants, few pests: a cloth does it.', prov: CP },
  cautions: [{ text: 'Not on hairy or scaly leaves.', prov: CP }],
  doesNot: { text: 'It does not keep them off: come again weekly.', prov: CP },
  after: { text: 'Leaves not sticky a week later.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
