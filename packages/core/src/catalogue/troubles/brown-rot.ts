import { MEM } from '../../measure';
import { LEAF_FUNGI } from '../means';
import { against, cp, timed, trouble } from '../write';

export const brownRot = trouble({
  id: 'brown-rot',
  name: 'Brown rot',
  also: 'monilia, blossom wilt, mummied fruit',
  kind: 'fungus',
  labelAs: 'brown-rot',
  hosts: { plum: 1.3, cherry: 1, apple: 1, pear: 0.9, peach: 1.2, apricot: 1.1, quince: 0.7, 'flowering-cherry': 0.4 },
  seen: {
    always: 'fruit-rings-rot',
    often: 'mummies-hang',
    sometimes: 'blossom-brown gum dieback',
    rarely: 'fruit-split',
    never: 'webbing slime berries-pale-hard sticky',
  },
  first: 'blossom-brown fruit-rings-rot',
  season: '4-10',
  favours: 'wet warm',
  unit: 'fruits',
  facts: [cp('It enters by wounds: wasps, birds, splits. Cream cushions in rings, then a mummy that infects next spring.')],
  life: [
    ['Mummies', '10-4', 'on tree and ground', 'clearing'],
    ['Blossom', '4-5', 'open flowers', 'protectant kickback'],
    ['Fruit', '7-10', 'wounded ripening fruit', 'protectant clearing'],
  ],
  open: cp('Mummies in winter; open flowers in wet spring.'),
  tolerate: cp('Pick rotten ones at each visit; the rest is sound.'),
  act: 0.05,
  again: 5,
  by: 'wind splash insect',
  spread: cp('From mummies, and by touch in store.'),
  never: cp('Never at the blossom end alone.'),
  enemies: '',
  apart: { 'grey-mould': 'Grey mould is fluffy grey, no rings.', 'mummy-berry': 'Mummy berry is on blueberries.' },
  controls: [
    ...LEAF_FUNGI,
    timed('bare leaf-fall picking', 'every mummy in winter, and fruit as it rots', against('clear-fallen', 0.55, 'Every mummy off tree and ground in winter.')),
    against('prune-out', 0.5, 'Wilted blossom spurs, well below.'),
    timed(
      'coloured-bud in-flower fruit-colouring',
      'in blossom, and again in the three weeks before picking',
      against('sulfur-spray', 0.4, 'At blossom, when no bees fly.'),
    ),
    timed(
      'coloured-bud in-flower fruit-colouring',
      'in blossom, and again in the three weeks before picking',
      against('captan-spray', 0.6, 'At blossom, when no bees fly.'),
    ),
    against('netting', 0.2, 'Unpecked fruit rots less.'),
    timed('bare bud-swell', 'on bare wood, as buds swell', against('copper-spray', 0.3, 'Weak against it, and it burns stone fruit in leaf.', MEM)),
  ],
});
