import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const trichodermaDrench: Control = {
  id: 'trichoderma-drench',
  name: 'Trichoderma drench',
  act: 'Mix the drench',
  rung: 3,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 1 },
  organic: true,
  sheet: 'trichoderma',
  needs: { minTempC: 10 },
  how: [
    { text: 'Before trouble shows: at sowing, potting or planting.', at: 'before' },
    { text: 'Water it into moist soil, 10 °C or warmer.', at: 'on', by: ['soil-drench'] },
  ],
  works: { text: 'A friendly fungus that takes the room rots would have.', prov: CP },
  cautions: [{ text: 'Spores: do not breathe the dust.', prov: MEM }],
  doesNot: { text: 'It does not save a plant whose stem is already soft.', prov: CP },
  after: { text: 'Seedlings stand; roots white when you tip one out.', prov: CP },
  means: [],
  does: 'prevents',
  when: { phases: ['sowing', 'planting-out'], text: 'at sowing, potting on or planting', prov: CP },
  notFor: ['bacterium', 'virus', 'inside'],
  alsoFor: [{ pests: ['soil-diseases', 'damping-off'], effect: 0.4, why: 'Takes the room before the rot does; only as a guard.', prov: MEM }],
};
