import { MEM } from '../../measure';
import { SOIL_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const wireworm = trouble({
  id: 'wireworm',
  name: 'Wireworms',
  also: 'click beetle larvae',
  kind: 'insect',
  labelAs: 'soil-grubs',
  sizeMm: 20,
  hosts: { potato: 1.3, carrot: 0.7, lettuce: 0.5, 'sweet-potato': 0.8, beetroot: 0.5, sweetcorn: 0.4, strawberry: 0.4, onion: 0.3, dahlia: 0.3 },
  seen: {
    always: 'root-holes-clean',
    often: 'wire-larvae',
    sometimes: 'wilt-wet-soil seedlings-gone',
    rarely: 'cut-off',
    never: 'slime webbing roots-clubbed',
  },
  first: 'root-holes-clean',
  season: '3-10',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('Worst in the first years after grass.'), cp('A half potato on a stick, buried, draws them: lift it weekly.')],
  life: [
    ['Egg', '6-7', 'in grassland', 'none'],
    ['Larva', 'all', 'in soil, three to five years', 'hand bait nematodes'],
    ['Beetle', '5-7', 'on plants, harmless', 'none'],
  ],
  open: cp('Larvae at bait in spring and autumn.'),
  tolerate: cp('Early potatoes mostly escape.'),
  act: 0.2,
  again: 10,
  by: 'soil',
  spread: cp('Live where grass was dug in.'),
  never: cp('Never slime in the hole.'),
  enemies: 'ground-beetle rove-beetle',
  apart: { slugs: 'Slug holes are wide inside.', 'centipede-friend': 'Centipedes have many legs and are friends.' },
  controls: [
    ...SOIL_GRUBS,
    against('row-cover', 0.02, 'They are in the soil already.', MEM),
    against('hand-pick', 0.35, 'At buried half potatoes, weekly.'),
    against('nematodes', 0.35, 'Works on young ones.'),
  ],
});
