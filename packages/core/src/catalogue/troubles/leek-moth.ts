import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const leekMoth = trouble({
  id: 'leek-moth',
  name: 'Leek moth',
  also: 'onion leaf miner moth',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 11,
  hosts: { leek: 1.4, onion: 0.8, garlic: 0.7, chives: 0.3, 'family:Amaryllidaceae': 0.6 },
  seen: {
    always: 'windows',
    often: 'mine-trails heart-eaten',
    sometimes: 'caterpillar droppings ragged-holes',
    rarely: 'smell-rot',
    never: 'leek-white-lines bulb-maggots slime sticky',
  },
  first: 'windows',
  season: '5-10',
  favours: 'warm dry',
  unit: 'plants',
  facts: [cp('White windows, then frass in the heart; net-like cocoons hang on the leaves.')],
  life: [
    ['Moth', '4-9', 'at dusk', 'cover'],
    ['Egg', '5-9', 'on leaf bases', 'none'],
    ['Caterpillar', '5-10', 'in leaf and heart', 'hand stomach contact'],
    ['Pupa', '6-10', 'in net cocoons on leaves', 'hand'],
  ],
  open: cp('Small ones before they reach the heart.'),
  tolerate: cp('Cut leeks back to the ground early in the season: they grow on clean.'),
  act: 0.1,
  again: 7,
  by: 'flight',
  spread: cp('Moths at dusk.'),
  never: cp('Never a line of dots.'),
  enemies: 'parasitic-wasp',
  apart: {
    'allium-leaf-miner': 'The fly leaves a line of white dots and brown pupae in the shaft.',
    'onion-thrips': 'Thrips silver the leaf and make no hole.',
  },
  controls: [...CATERPILLARS, against('bt-spray', 0.6, 'Into the fan of leaves while they are small.')],
});
