import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const blackSpot = trouble({
  id: 'black-spot',
  name: 'Rose black spot',
  also: 'black spot, blackspot',
  kind: 'fungus',
  labelAs: 'black-spot leaf-spots',
  hosts: { rose: 2 },
  seen: {
    always: 'fringed-black-spots',
    often: 'leaves-drop old-leaves-yellow',
    sometimes: 'stem-lesions',
    rarely: 'stunted',
    never: 'sticky webbing pustules powder',
  },
  first: 'fringed-black-spots',
  season: '5-10',
  favours: 'wet warm',
  unit: 'leaves',
  facts: [cp('Black spots with a fringed edge, yellow round them, then the leaf falls.')],
  life: [
    ['Winter', '11-3', 'fallen leaves and stems', 'clearing'],
    ['Infection', '4-10', 'leaves wet for seven hours', 'protectant kickback'],
    ['Spots', '5-10', 'leaf tops', 'protectant kickback eradicant clearing'],
  ],
  open: cp('Before rain, from leafing out; spotted leaves are past help.'),
  tolerate: cp('Old roses that flower once bear it.'),
  act: 0.05,
  again: 7,
  by: 'splash',
  spread: cp('Splashing rain and hose.'),
  never: cp('Never orange underneath.'),
  enemies: '',
  apart: { 'rose-rust': 'Rust is orange underneath.', 'fungal-leaf-spot': 'Other spots have a clean edge.' },
  controls: [
    ...LEAF_FUNGI,
    against('sulfur-spray', 0.55, 'Guards clean leaves.'),
    against('bicarbonate-spray', 0.4, 'Weak alone.'),
    against('prune-out', 0.35, 'Spotted stems in early spring.'),
  ],
});
