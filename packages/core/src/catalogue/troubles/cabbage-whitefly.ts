import { SOFT_SUCKERS } from '../means';
import { cp, against, trouble, except } from '../write';

export const cabbageWhitefly = trouble({
  id: 'cabbage-whitefly',
  name: 'Cabbage whitefly',
  also: 'brassica whitefly',
  kind: 'insect',
  labelAs: 'whiteflies',
  sizeMm: 1.5,
  hosts: { cabbage: 1.5, broccoli: 1.1, 'brussels-sprout': 1.5, 'kin-brassicaceae': 0.8 },
  seen: { always: 'flies-up', often: 'still-ovals sticky', sometimes: 'soot', rarely: 'ants', never: 'webbing droppings' },
  first: 'flies-up',
  season: '5-12',
  favours: 'warm dry',
  unit: 'plants',
  facts: [cp('It winters on the plants themselves; honeydew and soot foul outer leaves, the heart stays sound.')],
  life: [
    ['Egg ring', '5-9', 'undersides', 'none'],
    ['Flat young', '5-10', 'undersides', 'water soap oil contact enemies systemic'],
    ['Adult', 'all', 'undersides, winter too', 'hand water soap oil contact'],
  ],
  open: cp('Adults and flat young, with a spray from below.'),
  tolerate: cp('Peel off the outer leaves; kale and hearts can be washed.'),
  act: 0.5,
  again: 10,
  by: 'flight',
  spread: cp('From old brassicas to new ones in late spring.'),
  never: cp('Never leaves the cabbage family.'),
  enemies: 'parasitic-wasp',
  apart: { 'glasshouse-whitefly': 'That one lives under glass, on many plants.', 'diamondback-moth': 'Small moths are brown and leave windows in leaves.' },
  controls: [
    ...except(SOFT_SUCKERS, 'systemic-drench', 'organophosphate-spray'),
    against('leave-it', 0.4, 'It fouls outer leaves only.'),
    against('row-cover', 0.8, 'Very fine mesh from planting.'),
    against('clear-fallen', 0.4, 'Clear old plants before new ones go out.'),
  ],
});
