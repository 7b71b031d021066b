import { MEM } from '../../measure';
import { GRAZERS } from '../means';
import { cp, use, trouble } from '../write';

export const rodents = trouble({
  id: 'rodents',
  name: 'Mice, voles, squirrels and rats', also: 'rodent damage, vole damage', kind: 'animal', labelAs: 'rodents', sizeMm: 100,
  hosts: { pea: 0.8, 'broad-bean': 0.6, tulip: 0.9, strawberry: 0.5, sweetcorn: 0.7, carrot: 0.4, beetroot: 0.6, apple: 0.4, pumpkin: 0.3, artichoke: 0.2, tomato: 0.2, 'sweet-potato': 0.4, walnut: 0.5, 'group:vegetable': 0.2 },
  seen: { always: 'gnawed', often: 'seedlings-gone animal-droppings', sometimes: 'bark-stripped fruit-hole root-holes-clean', rarely: 'cut-off', never: 'slime webbing droppings sticky' },
  first: 'gnawed seedlings-gone',
  season: 'all', favours: '', unit: 'plants',
  facts: [cp('Pairs of tooth marks; sown seeds dug up and husks left.'), cp('Where rats are about, wear gloves: their urine carries illness.')],
  life: [['All ages', 'all', 'runs, stacks, compost', 'hand cover']],
  open: cp('Guards of fine wire before they find the food.'),
  tolerate: cp('A lost row is sown again under wire.'), act: 0.1, again: 5,
  by: 'crawling', spread: cp('Live where food and cover are.'),
  never: cp('Never slime.'),
  enemies: '', apart: { slugs: 'Slugs rasp and leave slime.', deer: 'Deer reach high and leave ragged ends.' },
  controls: [...GRAZERS, use('snap-traps', 0.6, 'Under a cover that keeps birds and pets out; check daily.'), use('row-cover', 0.2, 'They gnaw through fleece.', MEM)],
});
