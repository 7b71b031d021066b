import { CP } from '../../measure';
import type { Control } from '../schema';

export const pinchTips: Control = {
  id: 'pinch-tips',
  name: 'Pinch out the tips',
  act: 'Pinch out the tips',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { daylight: true },
  how: ['Look for helpers first and set them aside.', 'Pinch the crowded tip, about a hand long, over a bag.', 'Close the bag and bin it.'],
  works: { text: 'They crowd in the soft tips: the crowd goes, and pods fill sooner.', prov: CP },
  cautions: [],
  notAt: [{ stage: 'seedling', why: 'The plants are too small to lose their tips.' }],
  doesNot: { text: 'It does not stop winged ones that settle lower down.', prov: CP },
  after: { text: 'Clean stems three days later; pods go on filling.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
