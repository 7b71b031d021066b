import { GRAZERS } from '../means';
import { cp, trouble } from '../write';

export const deer = trouble({
  id: 'deer',
  name: 'Deer and rabbits', also: 'browsing, rabbit damage', kind: 'animal', labelAs: 'grazers', sizeMm: 200,
  hosts: { rose: 0.7, tulip: 0.7, hosta: 0.7, apple: 0.6, lettuce: 0.5, 'french-bean': 0.5, carrot: 0.3, cabbage: 0.3, 'group:shrub': 0.3, 'group:ornamental': 0.25, 'group:fruit': 0.25, 'group:vegetable': 0.25 },
  seen: { always: 'grazed-high', often: 'bark-stripped animal-droppings', sometimes: 'edge-eaten flower-clean-gone', rarely: 'seedlings-gone', never: 'slime webbing droppings sticky' },
  first: 'grazed-high',
  season: 'all', favours: '', unit: 'plants',
  facts: [cp('Deer tear: a ragged end, high up. Rabbits cut: a clean slanted end, low.')],
  life: [['All ages', 'all', 'come at dusk and dawn', 'cover']],
  open: cp('A fence, or guards round trunks, before winter.'),
  tolerate: cp('Grown shrubs sprout again.'), act: 0.05, again: 7,
  by: 'crawling', spread: cp('Come back by the same path.'),
  never: cp('Never small holes.'),
  enemies: '', apart: { rodents: 'Voles gnaw low, with fine tooth marks.' },
  controls: [...GRAZERS],
});
