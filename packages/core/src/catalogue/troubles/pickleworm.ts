import { CATERPILLARS } from '../means';
import { cp, use, trouble } from '../write';

export const pickleworm = trouble({
  id: 'pickleworm',
  name: 'Pickleworm and melonworm', also: 'fruit-boring caterpillar of gourds', kind: 'insect', labelAs: 'caterpillars borers', sizeMm: 19,
  hosts: { cucumber: 0.9, courgette: 0.9, melon: 1, pumpkin: 0.7 },
  seen: { always: 'fruit-hole', often: 'fruit-caterpillar droppings buds-holed', sometimes: 'bud-caterpillar stem-hole', rarely: 'leaves-rolled', never: 'slime webbing flat-bugs' },
  first: 'buds-holed',
  season: '7-10', favours: 'warm', unit: 'fruits',
  facts: [cp('Young caterpillars begin in the flowers: look into them.')],
  life: [['Egg', '6-9', 'buds and tips', 'none'], ['Young', '6-9', 'flowers and buds', 'stomach contact'], ['Grown', '7-10', 'inside the fruit', 'clearing'], ['Pupa', '7-10', 'in rolled leaves', 'hand']],
  open: cp('Young ones in the flowers, before they bore.'),
  tolerate: cp('Pick small and often: the first fruit escapes.'), act: 0.05, again: 4,
  by: 'flight', spread: cp('Moths come north from the warm south each summer.'),
  never: cp('Never at the stem base.'),
  enemies: 'parasitic-wasp ground-beetle spider-friend', apart: { 'squash-vine-borer': 'The borer is in the stem base.', slugs: 'Slugs gnaw from outside and leave slime.' },
  controls: [...CATERPILLARS, use('clear-fallen', 0.35, 'Holed fruit holds them.'), use('bt-spray', 0.6, 'Into flowers and buds at dusk, weekly.')],
});
