import { CP } from '../../measure';
import type { Control } from '../schema';

export const neemLeafTea: Control = {
  id: 'neem-leaf-tea',
  name: 'Neem-leaf tea',
  act: 'Make the tea',
  rung: 4,
  hazard: { people: 1, bees: 2, water: 1, helpers: 1, persistence: 0 },
  organic: true,
  needs: { maxSunWm2: 200, maxWindMs: 4, rainFreeHours: 12, bees: 'in-flower' },
  how: ['2 kg of ground neem leaf in 16 l of water, strained.', 'A few leaves first; wait 24 to 48 hours.', 'Daily in the evening for three days.'],
  works: { text: 'Puts chewing and sucking insects off feeding.', prov: CP },
  cautions: [{ text: 'Never keep it in a drink bottle.', prov: CP }],
  doesNot: { text: 'It does not kill at once, and its strength is never known.', prov: CP },
  after: { text: 'Fewer fresh bites after three days.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  homeMade: true,
  alsoFor: [{ pests: ['aphids', 'caterpillars', 'beetles'], effect: 0.3, why: 'Puts them off feeding; strength varies.', prov: CP }],
};
