import { GRAZERS } from '../means';
import { cp, use, trouble } from '../write';

export const birds = trouble({
  id: 'birds',
  name: 'Pigeons and other birds', also: 'pigeon damage, blackbirds, bullfinches', kind: 'animal', labelAs: 'birds', sizeMm: 200,
  hosts: { cabbage: 1, broccoli: 0.9, pea: 0.8, cherry: 1, strawberry: 0.8, redcurrant: 0.9, blueberry: 0.8, raspberry: 0.5, grape: 0.6, primula: 0.5, plum: 0.4, lettuce: 0.3, gooseberry: 0.6, pear: 0.3, apple: 0.3, sweetcorn: 0.2, fig: 0.5, 'group:vegetable': 0.25, 'group:ornamental': 0.1 },
  seen: { always: 'animal-droppings', often: 'pigeon-rips fruit-pecked', sometimes: 'flower-clean-gone edge-eaten seedlings-gone', rarely: 'ragged-holes', never: 'slime webbing droppings sticky' },
  first: 'pigeon-rips fruit-pecked',
  season: 'all', favours: '', unit: 'plants',
  facts: [cp('Pigeons tear leaves and leave the ribs; pecked fruit has a torn round hole.')],
  life: [['Birds', 'all', 'at dawn above all', 'cover']],
  open: cp('Net before the fruit colours, tight, so that no bird is caught.'),
  tolerate: cp('Share a tree that is too tall to net; birds eat caterpillars too.'), act: 0.1, again: 7,
  by: 'flight', spread: cp('Come back at the same hour.'),
  never: cp('Never slime or grains of droppings on the leaf.'),
  enemies: '', apart: { 'cabbage-white': 'Caterpillars leave grains of droppings and holes inside the leaf.', rodents: 'Rodents leave tooth marks.' },
  controls: [...GRAZERS, use('bag-fruit', 0.7, 'A bag over the best trusses.'), use('row-cover', 0.85, 'Over seedlings and brassicas.')],
});
