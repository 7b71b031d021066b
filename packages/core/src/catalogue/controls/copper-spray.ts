import { CP, pub } from '../../measure';
import type { Control } from '../schema';

export const copperSpray: Control = {
  id: 'copper-spray',
  name: 'Copper spray',
  act: 'Mix the copper',
  rung: 5,
  hazard: { people: 2, bees: 1, water: 4, helpers: 1, persistence: 4 },
  organic: true,
  sheet: 'copper-hydroxide',
  needs: { maxSunWm2: 500, maxTempC: 28, minTempC: 4, maxWindMs: 4.5, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Before a wet spell: it guards, it does not cure.', at: 'before', open: true },
    { text: 'Both sides, until just wetted; keep shaking.', at: 'list' },
    { text: 'Keep it off walls and fences: it stains blue-green.', at: 'on', open: true },
  ],
  works: { text: 'A film of copper stops spores and bacteria as they land.', prov: CP },
  cautions: [
    { text: 'Harms tender young leaves if overdone, and in slow drying weather.', prov: CP },
    { text: 'Builds up in soil: at most 4 kg of copper per hectare a year on average.', prov: pub('Regulation (EU) 2018/1981') },
    { text: 'Kills fish and worms: not near water.', prov: CP },
  ],
  doesNot: { text: 'It does not cure: it guards what it covers, until rain takes it off.', prov: CP },
  after: { text: 'New leaves without spots; blue-green film still seen after rain.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: {
    phases: ['growing', 'bare', 'bud-swell', 'leaf-fall', 'fruit-growing'],
    text: 'before a wet spell, on leaves not yet touched; on fruit trees on bare wood only',
    prov: CP,
  },
  notFor: ['virus', 'inside'],
};
