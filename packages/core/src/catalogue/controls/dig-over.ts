import { CP } from '../../measure';
import type { Control } from '../schema';

export const digOver: Control = {
  id: 'dig-over',
  name: 'Turn the soil and pick',
  act: 'Turn the soil',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Lift or clear the crop first, or work between the rows.',
    'Fork the top spit over on a dry day; pick out every grub.',
    'Leave it open for birds until evening.',
    'Once more after a week.',
  ],
  works: { text: 'Birds and you take what the fork brings up.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not find the small ones, and it hurts roots: not close to plants.', prov: CP },
  after: { text: 'A spade of soil turned in three places brings up none.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
