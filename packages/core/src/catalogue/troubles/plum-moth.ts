import { FRUIT_GRUBS } from '../means';
import { cp, use, trouble } from '../write';

export const plumMoth = trouble({
  id: 'plum-moth',
  name: 'Plum fruit moth', also: 'plum maggot, red plum maggot', kind: 'insect', labelAs: 'caterpillars', sizeMm: 12,
  hosts: { plum: 1.6, apricot: 0.3, peach: 0.3 },
  seen: { always: 'fruit-caterpillar', often: 'fruit-tunnel droppings', sometimes: 'fruit-drop gum', rarely: 'fruit-hole', never: 'webbing slime fruit-crescent' },
  first: 'fruit-caterpillar',
  season: '6-9', favours: 'warm', unit: 'fruits',
  facts: [cp('A pink grub and wet brown crumbs at the stone of plums that colour early.')],
  life: [['Cocoon', '9-5', 'under bark', 'hand'], ['Moth', '5-8', 'flying at dusk', 'none'], ['Hatching', '6-8', 'on the fruit', 'contact'], ['In fruit', '6-9', 'at the stone', 'clearing']],
  open: cp('At hatching, about ten days after moths are caught.'),
  tolerate: cp('Early coloured plums are thrown out; the main crop is often clean.'), act: 0.1, again: 7,
  by: 'flight', spread: cp('Moths fly from tree to tree.'),
  never: cp('Never a crescent cut on the skin.'),
  enemies: 'parasitic-wasp', apart: { 'plum-curculio': 'The curculio scars the skin with a crescent; its grub has no legs.' },
  controls: [...FRUIT_GRUBS, use('pheromone-trap', 0.35, 'On a lone tree it thins the males as well.')],
});
