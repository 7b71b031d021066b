import { CP } from '../../measure';
import type { Control } from '../schema';

export const ironPhosphateBait: Control = {
  id: 'iron-phosphate-bait',
  name: 'Iron phosphate bait',
  act: 'Scatter the bait',
  rung: 4,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 1 },
  organic: true,
  sheet: 'iron-phosphate',
  needs: { minTempC: 5, rainFreeHours: 3 },
  how: [
    { text: 'Scatter thinly on moist soil toward evening, never in heaps.', at: 'list' },
    { text: 'Toward evening, on moist soil.', at: 'before', by: ['scattered'] },
    { text: 'Close the pack and keep it from pets.', at: 'after' },
  ],
  works: { text: 'They stop feeding and go to ground within days.', prov: CP },
  cautions: [{ text: 'Thinly: a few pellets a hand apart.', prov: CP }],
  doesNot: { text: 'It does not show dead slugs: they go underground to die.', prov: CP },
  after: { text: 'Pellets eaten, no new holes after three nights.', prov: CP },
  means: ['bait'],
  does: 'cures',
};
