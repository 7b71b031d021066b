import { MEM } from '../../measure';
import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const chocolateSpot = trouble({
  id: 'chocolate-spot',
  name: 'Chocolate spot of broad beans',
  also: 'chocolate spot',
  kind: 'fungus',
  labelAs: 'leaf-spots',
  hosts: { 'broad-bean': 1.2 },
  seen: {
    always: 'red-brown-flecks',
    often: 'brown-leaf-spots',
    sometimes: 'stem-lesions leaves-drop',
    rarely: 'sudden-wilt',
    never: 'pustules webbing sticky slime',
  },
  first: 'red-brown-flecks',
  season: '3-7',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('Chocolate flecks on leaf and stem after wet weeks; space and air slow it.')],
  life: [
    ['Winter', '10-3', 'litter', 'clearing'],
    ['Flecks', '3-7', 'wet leaves', 'protectant clearing'],
  ],
  open: cp('Space and air before the wet.'),
  tolerate: cp('Flecks only: crops all the same.'),
  act: 0.3,
  again: 7,
  by: 'wind splash',
  spread: cp('Wind and splash.'),
  never: cp('Never orange and dusty.'),
  enemies: '',
  apart: { rust: 'Rust is dusty orange.' },
  controls: [...LEAF_FUNGI, against('feed-it', 0.2, 'Potash makes firm leaves.'), against('copper-spray', 0.2, 'Hardly worth it.', MEM)],
});
