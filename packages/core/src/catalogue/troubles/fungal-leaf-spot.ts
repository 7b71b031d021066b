import { LEAF_FUNGI } from '../means';
import { cp, trouble } from '../write';

export const fungalLeafSpot = trouble({
  id: 'fungal-leaf-spot',
  name: 'Fungal leaf spots', also: 'leaf spot, cercospora, ramularia, hellebore spot, currant leaf spot', kind: 'fungus', labelAs: 'leaf-spots',
  hosts: { beetroot: 1, chard: 1, strawberry: 0.9, hydrangea: 0.8, blackcurrant: 0.8, redcurrant: 0.6, pansy: 0.7, viburnum: 0.5, palm: 0.7, dracaena: 0.7, ivy: 0.7, orchid: 0.5, monstera: 0.5, ficus: 0.4, maple: 0.6, primula: 0.5, okra: 0.4, sunflower: 0.4, spinach: 0.4, holly: 0.3, willow: 0.3, blackberry: 0.4, peony: 0.4, walnut: 0.5, mango: 0.3, kiwi: 0.2, wisteria: 0.2, any: 0.3 },
  seen: { always: 'brown-leaf-spots', often: 'leaves-drop', sometimes: 'old-leaves-yellow pale-dotted-spots', rarely: 'shot-holes', never: 'webbing sticky slime pustules' },
  first: 'brown-leaf-spots',
  season: '5-10', favours: 'wet', unit: 'leaves',
  facts: [cp('Many fungi, one look: round brown spots with a dark edge, worst where leaves stay wet.')],
  life: [['Winter', '10-4', 'fallen leaves', 'clearing'], ['Spots', '5-10', 'leaves', 'clearing fungicide']],
  open: cp('First spots: pick and clear; guard new leaves.'),
  tolerate: cp('Most plants bear it: leave it where only looks suffer.'), act: 0.2, again: 8,
  by: 'splash', spread: cp('Splash and wet hands.'),
  never: cp('Never greasy and fast.'),
  enemies: '', apart: { 'black-spot': 'Rose black spot has a fringed edge.', 'bacterial-leaf-spot': 'Bacterial spots look wet against the light.' },
  controls: [...LEAF_FUNGI],
});
