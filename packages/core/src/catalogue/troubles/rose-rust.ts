import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const roseRust = trouble({
  id: 'rose-rust',
  name: 'Rose rust',
  also: 'rust on roses',
  kind: 'fungus',
  labelAs: 'rusts',
  hosts: { rose: 1.1 },
  seen: {
    always: 'pustules',
    often: 'leaves-drop yellow-spots-above',
    sometimes: 'stem-lesions twisted-growth',
    rarely: 'bronzed',
    never: 'sticky webbing powder fringed-black-spots',
  },
  first: 'pustules',
  season: '4-10',
  favours: 'wet cool',
  unit: 'leaves',
  facts: [cp('Bright orange in spring on stalks, orange dust underneath in summer, black by autumn.')],
  life: [
    ['Winter', '11-3', 'stems and fallen leaves', 'clearing'],
    ['Orange', '4-8', 'undersides', 'protectant kickback clearing'],
    ['Black', '8-11', 'undersides', 'protectant clearing'],
  ],
  open: cp('First orange in spring: cut it out at once.'),
  tolerate: cp('A few leaves late in the year: pick them up.'),
  act: 0.05,
  again: 7,
  by: 'wind splash',
  spread: cp('By wind and splash.'),
  never: cp('Never black with a fringed edge on top.'),
  enemies: '',
  apart: { 'black-spot': 'Black spot is on top, with a fringed edge.' },
  controls: [...LEAF_FUNGI, against('prune-out', 0.4, 'Stem patches in early spring.'), against('sulfur-spray', 0.65, 'Guards clean leaves.')],
});
