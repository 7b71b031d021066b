import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const phosphonateSpray: Control = {
  id: 'phosphonate-spray',
  name: 'Phosphonate spray',
  act: 'Mix the phosphonate',
  rung: 5,
  hazard: { people: 1, bees: 0, water: 1, helpers: 0, persistence: 1 },
  organic: false,
  sheet: 'phosphonate',
  needs: { maxTempC: 30, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 4, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Before or at the first sign.', at: 'before' },
    { text: 'Wet the leaves; roots take it up too.', at: 'on', by: ['fine-spray', 'run-off'] },
  ],
  works: { text: 'Moves with the sap and wakes the plant’s own defence.', prov: MEM },
  cautions: [{ text: 'Not on plants short of water.', prov: MEM }],
  doesNot: { text: 'It does not bring back dead roots.', prov: CP },
  after: { text: 'No new dieback after a month.', prov: CP },
  means: ['kickback', 'protectant', 'systemic'],
  does: 'holds',
  when: { phases: ['planting-out', 'growing', 'fruit-growing'], text: 'while leaves grow, before it rains for days', prov: CP },
  notFor: ['bacterium', 'virus'],
  alsoFor: [
    { pests: ['downy-mildews', 'root-rot'], effect: 0.5, why: 'Moves with the sap to where it rots.', prov: MEM },
    { pests: ['late-blight'], effect: 0.4, why: 'Moves with the sap; weaker on leaves than on roots.', prov: MEM },
  ],
};
