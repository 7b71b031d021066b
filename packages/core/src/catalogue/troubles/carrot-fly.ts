import { ROOT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const carrotFly = trouble({
  id: 'carrot-fly',
  name: 'Carrot fly',
  also: 'carrot rust fly, carrot root fly',
  kind: 'insect',
  labelAs: 'root-flies',
  sizeMm: 8,
  hosts: { carrot: 2, parsnip: 1, celery: 0.6, parsley: 0.7, 'family:Apiaceae': 0.8 },
  seen: {
    always: 'root-tunnels',
    often: 'bulb-maggots purple-tint',
    sometimes: 'stunted wilt-wet-soil',
    rarely: 'smell-rot',
    never: 'slime root-wool roots-knots leaf-edge-scorch',
  },
  first: 'purple-tint root-tunnels',
  season: '5-10',
  favours: 'cool',
  unit: 'roots',
  facts: [cp('The fly flies low and follows the smell of bruised leaves: thin in the evening, and cover.')],
  life: [
    ['Fly', '5-6', 'low over the rows', 'cover'],
    ['Maggot', '6-7', 'in fine roots', 'nematodes'],
    ['Second fly', '7-9', 'low over the rows', 'cover'],
    ['Maggot in roots', '8-11', 'in the roots', 'clearing'],
    ['Pupa', '10-4', 'in the soil', 'none'],
  ],
  open: cp('Only before the egg: cover from sowing, or sow after the first flight.'),
  tolerate: cp('Lift early what is tunnelled; the rest is cut out in the kitchen.'),
  act: 0.05,
  again: 10,
  by: 'flight',
  spread: cp('Flies low from hedges.'),
  never: cp('Never in the leaf.'),
  enemies: 'ground-beetle rove-beetle',
  apart: { wireworm: 'Wireworm holes are clean and narrow.', 'drought-stress': 'Red leaves with clean roots: thirst or hunger.' },
  schools: [
    {
      topic: 'Onions between the rows',
      positions: ['Rows of onions keep the fly away.', 'They do nothing that can be measured.'],
      ours: 'Cover first; onions as an aid at most.',
      why: 'Mesh works every time, smell only sometimes.',
    },
  ],
  controls: [
    ...ROOT_GRUBS,
    against('resistant-kinds', 0.4, 'Some carrots are less to its taste.'),
    against('row-cover', 0.93, 'Fine mesh from sowing, edges buried.'),
  ],
});
