import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const borateBait: Control = {
  id: 'borate-bait',
  name: 'Borate ant bait',
  act: 'Set the bait',
  rung: 4,
  hazard: { people: 2, bees: 0, water: 1, helpers: 0, persistence: 2 },
  organic: false,
  sheet: 'borate-bait',
  needs: { rainFreeHours: 6 },
  how: [
    { text: 'Closed bait stations only, beside the run, not on it.', at: 'list' },
    { text: 'Leave them: the workers carry it home.', at: 'after' },
    { text: 'Out of reach of children and pets.', at: 'list' },
  ],
  works: { text: 'Sweet and slow: workers feed it to the nest before it acts.', prov: CP },
  cautions: [{ text: 'Poisonous if eaten: closed stations only.', prov: CP }],
  doesNot: { text: 'It does not work beside other sweet food, and takes two weeks.', prov: CP },
  after: { text: 'Fewer on the run after a week, none after three.', prov: CP },
  means: ['bait'],
  does: 'cures',
  alsoFor: [{ pests: ['ants'], effect: 0.7, why: 'Carried home to the nest.', prov: MEM }],
};
