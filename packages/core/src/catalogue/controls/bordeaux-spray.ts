import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const bordeauxSpray: Control = {
  id: 'bordeaux-spray',
  name: 'Bordeaux mixture',
  act: 'Mix the Bordeaux',
  rung: 5,
  hazard: { people: 2, bees: 1, water: 4, helpers: 1, persistence: 4 },
  organic: true,
  sheet: 'bordeaux',
  needs: { maxSunWm2: 400, maxTempC: 25, minTempC: 5, maxWindMs: 4, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Dormant wood: at leaf fall and before the buds swell.', at: 'before', by: ['bark'] },
    { text: 'Every twig, to run-off.', at: 'on', by: ['bark'] },
    { text: 'Cover walls, fences and evergreens: it stains blue-green.', at: 'before' },
  ],
  works: { text: 'A copper film that outlasts weeks of rain.', prov: CP },
  cautions: [
    { text: 'Copper stays in the soil: count it.', prov: CP },
    { text: 'Never with other products.', prov: CP },
  ],
  doesNot: { text: 'It does not help once leaves have curled or spotted.', prov: CP },
  after: { text: 'Blue-white film on the twigs until spring; leaves open clean.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: { phases: ['leaf-fall', 'bare', 'bud-swell'], text: 'after leaf fall, and again as buds swell, before they open', prov: CP },
  notFor: ['virus', 'inside'],
  alsoFor: [
    { pests: ['leaf-curl', 'cankers', 'shot-hole'], effect: 0.6, why: 'Covers dormant wood through the wet months.', prov: CP },
    { pests: ['scab', 'blights'], effect: 0.6, why: 'Covers what is not yet touched and stands many rains.', prov: MEM },
    { pests: ['fire-blight'], effect: 0.4, why: 'At the first open flowers and before; it does not heal.', prov: MEM },
  ],
};
