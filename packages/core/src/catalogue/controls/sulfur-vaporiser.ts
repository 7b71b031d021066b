import { CP } from '../../measure';
import type { Control } from '../schema';

export const sulfurVaporiser: Control = {
  id: 'sulfur-vaporiser',
  name: 'Sulfur vaporiser',
  act: 'Set the vaporiser',
  rung: 5,
  hazard: { people: 3, bees: 1, water: 0, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'sulfur-vapour',
  needs: { minTempC: 8, maxTempC: 25, maxSunWm2: 5 },
  how: [
    { text: 'A closed greenhouse, nobody inside, door marked.', at: 'list' },
    { text: '3 to 4 hours at night.', at: 'on', by: ['vaporised'] },
    { text: 'Air it out before anyone goes in.', at: 'list' },
  ],
  works: { text: 'A thin film of sulfur on every leaf of a closed house.', prov: CP },
  cautions: [{ text: 'Nobody inside while it runs: the fumes hurt lungs.', prov: CP }],
  doesNot: { text: 'It does not work in a house that is open or leaks.', prov: CP },
  after: { text: 'No new white patches after a week.', prov: CP },
  means: ['protectant', 'eradicant'],
  does: 'holds',
  when: { phases: ['growing', 'in-flower', 'fruit-growing'], text: 'at the first white patches, in the closed house, at night', prov: CP },
  alsoFor: [{ pests: ['powdery-mildew'], effect: 0.7, why: 'Reaches every leaf of a closed house.', prov: CP }],
};
