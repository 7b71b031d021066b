import { LEAF_FUNGI } from '../means';
import { cp, trouble } from '../write';

export const downyMildew = trouble({
  id: 'downy-mildew',
  name: 'Downy mildew', also: 'basil downy mildew, blue mould', kind: 'fungus', labelAs: 'downy-mildews',
  hosts: { lettuce: 1.1, onion: 0.9, cabbage: 0.7, pea: 0.7, grape: 1.2, spinach: 0.9, basil: 1.2, cucumber: 0.9, melon: 0.7, pansy: 0.7, impatiens: 1.3, radish: 0.6, rose: 0.5, 'salad-rocket': 0.6, sunflower: 0.4, hollyhock: 0.2, beetroot: 0.4, 'family:Cucurbitaceae': 0.7, 'family:Brassicaceae': 0.5, snapdragon: 0.4 },
  seen: { always: 'down-under', often: 'angular-yellow', sometimes: 'yellow-spots-above leaves-drop stunted', rarely: 'powder', never: 'webbing sticky pustules slime' },
  first: 'angular-yellow',
  season: '4-10', favours: 'wet cool', unit: 'leaves',
  facts: [cp('Look underneath in the early morning: grey or purple down where the top is yellow.')],
  life: [['Winter', '10-3', 'litter, soil, seed', 'clearing'], ['Infection', '4-10', 'wet leaves at night', 'fungicide'], ['Spores', '4-10', 'undersides', 'clearing']],
  open: cp('Before the wet night; spotted leaves are past help.'),
  tolerate: cp('Outer lettuce leaves are peeled off.'), act: 0.05, again: 5,
  by: 'wind splash seed', spread: cp('Spores on moist wind and in splash.'),
  never: cp('Never on dry leaves in hot sun.'),
  enemies: '', apart: { 'powdery-mildew': 'Powdery mildew is on top and dry.', 'leaf-mould': 'Leaf mould is olive and on tomatoes under glass.' },
  controls: [...LEAF_FUNGI],
});
