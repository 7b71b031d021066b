import { LEAF_FUNGI } from '../means';
import { cp, use, trouble } from '../write';

export const bacterialLeafSpot = trouble({
  id: 'bacterial-leaf-spot',
  name: 'Bacterial leaf spot', also: 'bacterial spot, bacterial speck', kind: 'bacterium', labelAs: 'bacterial-diseases leaf-spots',
  hosts: { pepper: 1, tomato: 0.7, peach: 0.5, pelargonium: 0.6, begonia: 0.7, ivy: 0.7, lettuce: 0.5, orchid: 0.5, monstera: 0.4, 'flowering-cherry': 0.4, walnut: 0.5, parsley: 0.4, hydrangea: 0.2, celery: 0.2, mango: 0.3 },
  seen: { always: 'halo-spots', often: 'fruit-raised-specks leaves-drop', sometimes: 'shot-holes brown-leaf-spots', rarely: 'stem-lesions', never: 'grey-fur pustules webbing sticky' },
  first: 'halo-spots',
  season: '5-10', favours: 'wet warm', unit: 'leaves',
  facts: [cp('Small wet spots with a yellow halo, shining through against the light.')],
  life: [['Winter', '10-4', 'seed and litter', 'clearing'], ['Infection', '5-10', 'splash through pores', 'fungicide']],
  open: cp('Keep leaves dry; copper only holds it.'),
  tolerate: cp('Spots on few leaves: pick them dry.'), act: 0.08, again: 6,
  by: 'splash seed tool', spread: cp('Splash, seed, wet hands.'),
  never: cp('Never fur or dots in the spot.'),
  enemies: '', apart: { septoria: 'Septoria has black dots.', 'fungal-leaf-spot': 'Fungal spots are dry.' },
  controls: [...LEAF_FUNGI, use('rotate-crops', 0.3, 'It rests in litter.')],
});
