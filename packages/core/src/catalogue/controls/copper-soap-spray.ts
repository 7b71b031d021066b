import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const copperSoapSpray: Control = {
  id: 'copper-soap-spray',
  name: 'Copper soap spray',
  act: 'Mix the copper soap',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 3, helpers: 1, persistence: 3 },
  organic: true,
  sheet: 'copper-octanoate',
  needs: { maxSunWm2: 300, maxTempC: 28, minTempC: 5, maxWindMs: 4, rainFreeHours: 12, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Before rain that would infect, on dry leaves.', at: 'before', open: true, by: ['fine-spray', 'run-off'] },
    { text: 'Both sides, just wetted.', at: 'list' },
    { text: 'Every 7 to 10 days while it stays wet.', at: 'after' },
  ],
  works: { text: 'A thin copper film; little copper for its effect.', prov: CP },
  cautions: [
    { text: 'Copper stays in the soil: count it.', prov: CP },
    { text: 'Never with other products.', prov: CP },
  ],
  doesNot: { text: 'It does not cure, and washes off sooner than Bordeaux.', prov: CP },
  after: { text: 'New leaves clean after a wet week.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: { phases: ['growing', 'green-tip', 'coloured-bud', 'petal-fall', 'fruit-growing'], text: 'before a wet spell, on leaves not yet touched', prov: CP },
  notFor: ['virus', 'inside'],
  alsoFor: [
    { pests: ['leaf-spots', 'bacterial-diseases', 'downy-mildews'], effect: 0.4, why: 'Guards new leaves between rains.', prov: MEM },
    { pests: ['powdery-mildew', 'rusts'], effect: 0.4, why: 'Guards new leaves between rains.', prov: MEM },
    { pests: ['grey-mould'], effect: 0.3, why: 'Weak: a guard on petals at most.', prov: MEM },
  ],
};
