import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const blossomWeevil = trouble({
  id: 'blossom-weevil',
  name: 'Blossom weevils',
  also: 'apple blossom weevil, strawberry blossom weevil, clipper',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 4,
  hosts: { apple: 0.7, strawberry: 1, raspberry: 0.7, pear: 0.4, blackberry: 0.4 },
  seen: { always: 'buds-severed', often: 'snout-beetle-fruit', sometimes: 'buds-holed buds-drop', rarely: 'petals-ragged', never: 'webbing slime sticky' },
  first: 'buds-severed',
  season: '3-6',
  favours: 'dry warm',
  unit: 'trusses',
  facts: [cp('Flower buds hang by a thread or stay shut and brown with a grub inside.')],
  life: [
    ['Adult', '3-5', 'on buds', 'hand contact stomach'],
    ['Grub', '4-6', 'inside the bud', 'clearing'],
    ['Winter adult', '8-3', 'bark and litter', 'clearing'],
  ],
  open: cp('Adults tapped off before flowering; buds with grubs picked.'),
  tolerate: cp('A full-flowering tree can spare a third of its buds.'),
  act: 0.3,
  again: 7,
  by: 'flight',
  spread: cp('Flies in from hedges.'),
  never: cp('Never in the ripe fruit.'),
  enemies: 'ground-beetle',
  apart: { 'frost-damage': 'Frosted flowers blacken in the middle but do not hang.' },
  controls: [
    ...BEETLES,
    against('row-cover', 0.1, 'Bees must reach the flowers.', MEM),
    against('clear-fallen', 0.35, 'Fallen and hanging buds hold the grubs.'),
    against('hand-pick', 0.45, 'Tap branches over a sheet in the cool morning.'),
  ],
});
