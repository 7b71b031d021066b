import { LEAF_FUNGI } from '../means';
import { cp, use, trouble } from '../write';

export const anthracnose = trouble({
  id: 'anthracnose',
  name: 'Anthracnose', also: 'leaf blotch, dogwood anthracnose, sycamore anthracnose', kind: 'fungus', labelAs: 'anthracnose leaf-spots',
  hosts: { 'french-bean': 0.8, cucumber: 0.7, melon: 0.7, tomato: 0.5, strawberry: 0.5, mango: 1.2, maple: 0.7, oak: 0.5, 'ash-tree': 0.5, pepper: 0.6, raspberry: 0.3, willow: 0.5, walnut: 0.5, blueberry: 0.3, hydrangea: 0.3, citrus: 0.3, orchid: 0.3, rhubarb: 0.3, birch: 0.2 },
  seen: { always: 'fruit-sunken-spots', often: 'scorched-patches', sometimes: 'brown-leaf-spots leaves-drop stem-lesions', rarely: 'dieback', never: 'webbing sticky slime pustules' },
  first: 'scorched-patches fruit-sunken-spots',
  season: '5-9', favours: 'wet', unit: 'leaves or fruits',
  facts: [cp('Sunken round spots with salmon dots on fruit and pod; brown along the veins on tree leaves.')],
  life: [['Winter', '10-4', 'twigs, litter, seed', 'clearing'], ['Infection', '4-9', 'wet leaves and fruit', 'fungicide']],
  open: cp('Before rain; clean seed for beans.'),
  tolerate: cp('Trees leaf out again; ripe fruit is eaten at once.'), act: 0.1, again: 7,
  by: 'splash seed tool', spread: cp('Splash; do not touch wet beans.'),
  never: cp('Never at the blossom end only.'),
  enemies: '', apart: { 'blossom-end-rot': 'Blossom end rot is at the bottom end and dry.', 'halo-blight': 'Halo blight has pale yellow halos.' },
  controls: [...LEAF_FUNGI, use('rotate-crops', 0.3, 'It rests in litter.')],
});
