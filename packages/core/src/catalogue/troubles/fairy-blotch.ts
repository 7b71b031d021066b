import { LEAF_FUNGI } from '../means';
import { cp, trouble } from '../write';

export const fairyBlotch = trouble({
  id: 'fairy-blotch',
  name: 'Ink blotch and leaf scorch of bulbs',
  also: 'iris leaf spot, narcissus scorch',
  kind: 'fungus',
  labelAs: 'leaf-spots',
  hosts: { daffodil: 1, 'kin-liliaceae': 0.3, lily: 0.2 },
  seen: { always: 'tips-brown', often: 'brown-leaf-spots', sometimes: 'old-leaves-yellow', rarely: 'pustules', never: 'webbing sticky slime bulb-soft-grub' },
  first: 'tips-brown',
  season: '3-6',
  favours: 'wet cool',
  unit: 'plants',
  facts: [cp('Leaf tips red-brown as soon as they come up, then spots further down.')],
  life: [
    ['Bulb', '7-2', 'in the bulb neck', 'clearing'],
    ['Leaf', '3-6', 'leaf tips', 'protectant clearing'],
  ],
  open: cp('Scorched tips cut as they come.'),
  tolerate: cp('Late in spring leaves yellow anyway.'),
  act: 0.2,
  again: 10,
  by: 'splash plants',
  spread: cp('Splash and bulbs.'),
  never: cp('Never soft bulbs by itself.'),
  enemies: '',
  apart: { 'frost-damage': 'Frost hits all tips in a night.' },
  controls: [...LEAF_FUNGI],
});
