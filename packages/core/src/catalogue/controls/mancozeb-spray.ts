import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const mancozebSpray: Control = {
  id: 'mancozeb-spray',
  name: 'Mancozeb spray',
  act: 'Mix the mancozeb',
  rung: 6,
  hazard: { people: 3, bees: 0, water: 3, helpers: 1, persistence: 1 },
  organic: false,
  sheet: 'mancozeb',
  needs: { maxSunWm2: 500, maxTempC: 30, minTempC: 5, maxWindMs: 4, rainFreeHours: 12, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Before rain that would infect, on dry leaves.', at: 'before', open: true, by: ['fine-spray', 'run-off'] },
    { text: 'Every 7 to 10 days while it stays wet.', at: 'after' },
  ],
  works: { text: 'Guards the leaf from outside, on many fungi.', prov: MEM },
  cautions: [{ text: 'Do not breathe the powder.', prov: CP }],
  doesNot: { text: 'It does not cure.', prov: CP },
  after: { text: 'New leaves clean after a wet week.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: { phases: ['green-tip', 'growing', 'petal-fall', 'fruit-growing'], text: 'before the first wet spell, on leaves not yet touched', prov: CP },
  notFor: ['bacterium', 'virus', 'inside'],
  alsoFor: [
    { pests: ['blights', 'downy-mildews', 'anthracnose', 'leaf-spots'], effect: 0.7, why: 'Guards the leaf from outside.', prov: MEM },
    { pests: ['rusts'], effect: 0.6, why: 'Guards the leaf from outside.', prov: MEM },
  ],
};
