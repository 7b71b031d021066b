import { CP } from '../../measure';
import type { Control } from '../schema';

export const bacillusSubtilisSpray: Control = {
  id: 'bacillus-subtilis-spray',
  name: 'B. subtilis spray',
  act: 'Mix the B. subtilis',
  rung: 3,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  sheet: 'bacillus-subtilis',
  needs: { maxSunWm2: 400, maxTempC: 32, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 4, leaf: 'dry' },
  how: [
    { text: 'Before the disease is seen, or at the first spots.', at: 'before' },
    { text: 'Both sides of the leaf, until just wetted.', at: 'list' },
    { text: 'Every 7 days while it stays wet.', at: 'after' },
  ],
  works: { text: 'A bacterium that takes the place first and checks spores; weaker than copper or sulfur, so early.', prov: CP },
  cautions: [{ text: 'May irritate eyes and lungs: goggles and mask.', prov: CP }],
  doesNot: { text: 'It does not cure what is already infected, and it is weaker than copper or captan.', prov: CP },
  after: { text: 'New leaves stay clean; old spots do not grow after a week.', prov: CP },
  means: ['protectant'],
  does: 'holds',
  when: {
    phases: ['green-tip', 'coloured-bud', 'growing', 'in-flower', 'petal-fall', 'fruit-growing'],
    text: 'on young leaves, before the first wet spell; again every 7 to 10 days',
    prov: CP,
  },
  notFor: ['virus', 'inside'],
};
