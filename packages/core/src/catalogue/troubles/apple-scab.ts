import { LEAF_FUNGI } from '../means';
import { against, cp, published, timed, trouble } from '../write';

export const appleScab = trouble({
  id: 'apple-scab',
  name: 'Apple scab',
  also: 'scab',
  kind: 'fungus',
  labelAs: 'scab',
  hosts: { apple: 2, hawthorn: 0.6 },
  seen: {
    always: 'olive-spots',
    often: 'fruit-scabs leaves-drop',
    sometimes: 'curled-tips fruit-split',
    rarely: 'stem-lesions',
    never: 'sticky webbing pustules powder',
  },
  first: 'olive-spots',
  season: '4-9',
  favours: 'wet cool',
  unit: 'leaves',
  facts: [
    published('Infection needs leaves to stay wet for hours; the warmer, the fewer.', 'Mills 1944, revised MacHardy & Gadoury 1989'),
    cp('It overwinters on fallen leaves under the tree.'),
  ],
  life: [
    ['Winter', '11-3', 'fallen leaves', 'clearing'],
    ['First spores', '4-6', 'on wind in rain', 'protectant kickback'],
    ['Summer spots', '5-9', 'leaf and fruit', 'protectant kickback clearing'],
  ],
  open: cp('From bud burst until the shoots stop growing; before the rain that would infect.'),
  tolerate: cp('A few spotted leaves and marked fruit keep their taste.'),
  act: 0.05,
  again: 7,
  by: 'wind splash',
  spread: cp('From fallen leaves in spring rain.'),
  never: cp('Never rots the fruit by itself.'),
  enemies: '',
  apart: { 'bitter-pit': 'Bitter pit is brown in the flesh.', 'hail-damage': 'Hail dents one side.' },
  controls: [
    ...LEAF_FUNGI,
    against('leave-it', 0, 'Marked fruit is still good fruit.'),
    against('pick-off-leaves', 0.3, 'Fallen leaves raked up now are spores gone next spring.'),
    against('water-and-air', 0.25, 'An open tree dries sooner after rain.'),
    timed(
      'green-tip coloured-bud petal-fall growing',
      'from green tip until shoots stop growing, before the rain',
      against('sulfur-spray', 0.7, 'Guards new leaves ahead of a wet spell.'),
    ),
    timed(
      'green-tip coloured-bud petal-fall growing',
      'from green tip until shoots stop growing, before the rain',
      against('captan-spray', 0.75, 'Guards ahead of rain, where the label allows it.'),
    ),
  ],
});
