import { CP } from '../../measure';
import type { Control } from '../schema';

export const pickOffLeaves: Control = {
  id: 'pick-off-leaves',
  name: 'Pick off marked leaves',
  act: 'Pick off marked leaves',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { leaf: 'dry', daylight: true },
  how: [
    'Pick marked leaves into a bag while they are dry.',
    'Rake up the fallen ones.',
    'Bin or burn them: not on the compost.',
    'Clean hands and blade before the next plant.',
  ],
  works: { text: 'Takes away what would spread.', prov: CP },
  cautions: [{ text: 'Leave enough leaf to feed the plant: never more than a third at once.', prov: CP }],
  doesNot: { text: 'It does not take what is on the other leaves, not seen yet.', prov: CP },
  after: { text: 'No spots above the height you cleared after ten days.', prov: CP },
  means: ['hand', 'clearing'],
  does: 'cures',
};
