import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const tebuconazoleSpray: Control = {
  id: 'tebuconazole-spray',
  name: 'Tebuconazole spray',
  act: 'Mix the tebuconazole',
  rung: 6,
  hazard: { people: 2, bees: 1, water: 3, helpers: 1, persistence: 2 },
  organic: false,
  sheet: 'tebuconazole',
  needs: { maxSunWm2: 500, maxTempC: 30, minTempC: 5, maxWindMs: 4, rainFreeHours: 12, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'At the first spots.', at: 'before' },
    { text: 'Both sides of the leaf.', at: 'list' },
    { text: 'At most twice running, then another mode of action.', at: 'after' },
  ],
  works: { text: 'Moves into the leaf and stops young infections.', prov: MEM },
  cautions: [{ text: 'Keep off ponds.', prov: CP }],
  doesNot: { text: 'It does not clear old spots, and fungi grow used to it.', prov: CP },
  after: { text: 'No new spots after ten days.', prov: CP },
  means: ['kickback', 'protectant'],
  does: 'holds',
  when: { phases: ['growing', 'green-tip', 'fruit-growing'], text: 'at the first spots, before they spread', prov: CP },
  notFor: ['bacterium', 'virus', 'water-mould', 'inside'],
  alsoFor: [{ pests: ['rusts', 'black-spot', 'powdery-mildew', 'leaf-spots'], effect: 0.8, why: 'Moves into the leaf and stops young infections.', prov: MEM }],
};
