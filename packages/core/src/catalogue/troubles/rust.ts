import { LEAF_FUNGI } from '../means';
import { cp, mem, use, trouble } from '../write';

export const rust = trouble({
  id: 'rust',
  name: 'Rust', also: 'rust fungus, leek rust, hollyhock rust, bean rust', kind: 'fungus', labelAs: 'rusts',
  hosts: { leek: 2, hollyhock: 2, garlic: 1.4, 'broad-bean': 1, 'runner-bean': 0.7, 'french-bean': 0.7, mint: 1.1, plum: 0.8, pelargonium: 1, chrysanthemum: 0.9, snapdragon: 1.1, chives: 1, raspberry: 0.7, blackberry: 0.6, asparagus: 0.9, beetroot: 0.4, sunflower: 0.6, willow: 0.7, fig: 0.6, gooseberry: 0.3, sweetcorn: 0.6, birch: 0.5, fern: 0.2, 'family:Fabaceae': 0.6, 'family:Amaryllidaceae': 1, 'family:Malvaceae': 1, 'family:Lamiaceae': 0.5 },
  seen: { always: 'pustules', often: 'yellow-spots-above', sometimes: 'bronzed leaves-drop', rarely: 'curled-tips stunted', never: 'sticky webbing olive-spots silvering' },
  first: 'yellow-spots-above pustules',
  season: '4-10', favours: 'wet cool', unit: 'leaves',
  facts: [mem('Many rusts keep to one kind of plant: leek rust does not go to hollyhocks.'), cp('Spores travel by wind and need wet leaves to enter; a wiped pustule leaves orange on the finger.')],
  life: [['Winter', '11-3', 'old leaves and volunteers', 'clearing'], ['Pustules', '4-10', 'undersides and stems', 'fungicide clearing']],
  open: cp('Before or at the first pustules; leaves that carry many are past help.'),
  tolerate: cp('Leeks with a few pustules are good to eat once peeled.'), act: 0.1, again: 7,
  by: 'wind', spread: cp('By wind, over great distances.'),
  never: cp('Never sticky, never eaten.'),
  enemies: '', apart: { 'fern-spores': 'Spore heaps of ferns stand in even rows.', 'white-blister': 'White blister is white.' },
  controls: [...LEAF_FUNGI, use('leave-it', 0, 'Light rust late on costs little.'), use('pick-off-leaves', 0.5, 'Takes spores away; bin them, do not compost.'), use('sulfur-spray', 0.7, 'Guards clean leaves; does not heal spotted ones.')],
});
