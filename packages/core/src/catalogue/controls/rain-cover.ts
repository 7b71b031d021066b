import { CP } from '../../measure';
import type { Control } from '../schema';

export const rainCover: Control = {
  id: 'rain-cover',
  name: 'Keep the rain off',
  act: 'Put the roof on',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['A clear roof, open at the sides, from midwinter until the leaves are out.', 'Leave room for insects to reach the blossom.'],
  works: { text: 'These spores need wet buds to get in.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not help leaves that are already infected.', prov: CP },
  after: { text: 'Leaves dry in the morning, no new curl or spots.', prov: CP },
  means: ['cover'],
  does: 'holds',
  when: { phases: ['leaf-fall', 'bare', 'bud-swell', 'green-tip'], text: 'from leaf fall until leaves are out', prov: CP },
};
