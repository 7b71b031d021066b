import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const limeSulfurSpray: Control = {
  id: 'lime-sulfur-spray',
  name: 'Lime sulfur',
  act: 'Ask a licensed applicator',
  rung: 6,
  hazard: { people: 4, bees: 1, water: 3, helpers: 2, persistence: 1 },
  organic: false,
  sheet: 'lime-sulfur',
  needs: { maxTempC: 25, minTempC: 5, maxWindMs: 3, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower' },
  how: [{ text: 'Dormant wood only.', at: 'before' }],
  works: { text: 'Burns out spores and eggs on bare wood.', prov: MEM },
  cautions: [{ text: 'Burns eyes and skin for good; gives off poisonous gas with acids.', prov: CP }],
  doesNot: { text: 'It does not suit leaves in growth.', prov: CP },
  after: { text: 'Buds open clean.', prov: CP },
  means: ['eradicant', 'protectant', 'contact'],
  does: 'holds',
  when: { phases: ['bare', 'bud-swell'], text: 'on bare wood, as buds swell, before they open', prov: CP },
  notFor: ['bacterium', 'virus', 'inside'],
  alsoFor: [
    { pests: ['leaf-curl', 'cankers', 'gall-makers'], effect: 0.5, why: 'On dormant wood only.', prov: MEM },
    { pests: ['scales', 'powdery-mildew'], effect: 0.5, why: 'On dormant wood only.', prov: MEM },
  ],
};
