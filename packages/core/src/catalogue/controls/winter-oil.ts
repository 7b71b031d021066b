import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const winterOil: Control = {
  id: 'winter-oil',
  name: 'Oil spray',
  act: 'Mix the oil',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 2, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'horticultural-oil',
  needs: { maxSunWm2: 400, maxTempC: 28, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Dormant wood on a mild, dry, frost-free day.', at: 'before', by: ['bark'] },
    { text: 'Summer strength on leaves.', at: 'before', by: ['fine-spray', 'run-off'] },
    { text: 'Wet every crack of bark and every twig.', at: 'on', by: ['bark'] },
    { text: 'Keep shaking: it parts from the water.', at: 'on', mixed: true },
  ],
  works: { text: 'Smothers eggs, scales and mites that it coats.', prov: CP },
  cautions: [
    { text: 'Not within 14 days of sulfur, before or after.', prov: MEM },
    { text: 'Not on drought-stressed plants, ferns or air plants.', prov: CP },
  ],
  doesNot: { text: 'It does not reach what hides deep in cracks.', prov: CP },
  after: { text: 'Scrape in spring: dried scales, eggs that do not hatch.', prov: CP },
  means: ['oil'],
  does: 'cures',
  when: { phases: ['bare', 'bud-swell'], text: 'on bare wood, before buds break, in a frost-free dry spell', prov: CP },
  alsoFor: [{ pests: ['psyllids', 'whiteflies'], effect: 0.6, why: 'Smothers eggs and flat young that it coats.', prov: MEM }],
};
