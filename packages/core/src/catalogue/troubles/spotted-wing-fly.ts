import { MEM } from '../../measure';
import { FRUIT_GRUBS } from '../means';
import { against, cp, doing, timed, trouble } from '../write';

export const spottedWingFly = trouble({
  id: 'spotted-wing-fly',
  name: 'Spotted-wing fruit fly',
  also: 'spotted wing drosophila, cherry vinegar fly',
  kind: 'insect',
  labelAs: 'fruit-flies',
  sizeMm: 3,
  hosts: { raspberry: 1.2, cherry: 1, blackberry: 1, blueberry: 1, strawberry: 0.7, grape: 0.4, plum: 0.3, fig: 0.4, blackcurrant: 0.2 },
  seen: {
    always: 'fruit-maggots',
    often: 'fruit-leathery-brown',
    sometimes: 'fruit-drop smell-rot',
    rarely: 'grey-fur',
    never: 'fruit-tunnel fruit-pecked webbing slime',
  },
  first: 'fruit-maggots',
  season: '6-10',
  favours: 'warm wet',
  unit: 'fruits',
  facts: [cp('Unlike kitchen fruit flies it cuts into sound ripening fruit.'), cp('Soft fruit in salt water: maggots float out within the hour.')],
  life: [
    ['Winter fly', '11-4', 'hedges and woods', 'none'],
    ['Egg', '6-10', 'under the skin', 'none'],
    ['Maggot', '6-10', 'in the fruit', 'clearing'],
    ['Fly', '5-11', 'on fruit at dawn and dusk', 'cover'],
  ],
  open: cp('Only flies outside: very fine net, pick often, clear all fallen fruit.'),
  tolerate: cp('Pick early and chill: eggs do not hatch in the fridge.'),
  act: 0.05,
  again: 3,
  by: 'flight plants',
  spread: cp('Flies far; a brood in ten days.'),
  never: cp('Never a single tan grub.'),
  enemies: 'parasitic-wasp pirate-bug',
  apart: { 'raspberry-beetle': 'One tan grub with legs in the plug.' },
  controls: [
    ...FRUIT_GRUBS,
    against('pheromone-trap', 0.05, 'Vinegar traps tell it is there.', MEM),
    timed(
      'fruit-growing',
      'when fruit has set and before it colours, after the bees are done',
      against('row-cover', 0.9, 'Mesh under 1 mm from the first colour, after the bees are done.'),
    ),
    doing('holds', against('clear-fallen', 0.5, 'Pick every second day; every soft and fallen fruit into a closed bag.')),
  ],
});
