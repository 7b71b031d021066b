import { GROUND_FEEDERS } from '../means';
import { cp, against, trouble } from '../write';

export const woodlice = trouble({
  id: 'woodlice',
  name: 'Woodlice and pill bugs',
  also: 'sow bugs, roly-polies',
  kind: 'animal',
  labelAs: 'woodlice',
  sizeMm: 14,
  hosts: { strawberry: 0.7, cucumber: 0.4, lettuce: 0.3, orchid: 0.3, 'group:vegetable': 0.2, fern: 0.2, primula: 0.2 },
  seen: {
    always: 'woodlice-seen',
    often: 'night-feeding',
    sometimes: 'seedlings-gone gnawed fruit-hole',
    rarely: 'ragged-holes',
    never: 'slime webbing droppings sticky',
  },
  first: 'woodlice-seen',
  season: '4-10',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('They clear up what is soft and rotting; only seedlings and fruit on the soil are at risk.')],
  life: [['All ages', 'all', 'damp litter, under pots', 'hand clearing']],
  open: cp('Dry the surface and lift the fruit.'),
  tolerate: cp('Leave them: they make compost.'),
  act: 0.4,
  again: 7,
  by: 'crawling',
  spread: cp('Walk in from damp litter.'),
  never: cp('Never on leaves by day.'),
  enemies: 'ground-beetle spider-friend centipede-friend',
  apart: { slugs: 'Slime says slug; woodlice often move into their holes.' },
  controls: [
    ...GROUND_FEEDERS,
    against('let-it-dry', 0.4, 'They leave where it is dry.'),
    against('clear-fallen', 0.45, 'Litter by seedlings is their shelter.'),
  ],
});
