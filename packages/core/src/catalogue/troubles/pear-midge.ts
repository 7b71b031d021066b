import { MEM } from '../../measure';
import { FRUIT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const pearMidge = trouble({
  id: 'pear-midge',
  name: 'Pear midge',
  also: 'pear gall midge',
  kind: 'insect',
  labelAs: 'midges',
  sizeMm: 3,
  hosts: { pear: 1 },
  seen: {
    always: 'midge-larvae',
    often: 'fruit-drop fruit-misshapen',
    sometimes: 'fruit-leathery-brown',
    rarely: 'fruit-sunken-spots',
    never: 'webbing slime fruit-scabs',
  },
  first: 'fruit-misshapen',
  season: '4-6',
  favours: 'wet',
  unit: 'fruitlets',
  facts: [cp('Fruitlets swell too fast, blacken and fall: cut one and many tiny larvae are inside.')],
  life: [
    ['Midge', '4-4', 'at the blossom', 'none'],
    ['Larva', '5-6', 'in fruitlets', 'clearing'],
    ['Pupa', '6-4', 'in the soil', 'clearing'],
  ],
  open: cp('Blackened fruitlets picked before the larvae drop.'),
  tolerate: cp('It may only thin a heavy crop.'),
  act: 0.2,
  again: 10,
  by: 'flight',
  spread: cp('Tiny midges at blossom time.'),
  never: cp('Never one large grub.'),
  enemies: 'ground-beetle',
  apart: { 'codling-moth': 'One caterpillar, later in summer.', 'frost-damage': 'Frosted fruitlets do not swell.' },
  controls: [
    ...FRUIT_GRUBS,
    against('pheromone-trap', 0.05, 'Hardly at home.', MEM),
    against('clear-fallen', 0.55, 'Pick and bin black fruitlets in late spring.'),
  ],
});
