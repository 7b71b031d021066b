import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const septoria = trouble({
  id: 'septoria',
  name: 'Septoria leaf spot',
  also: 'septoria, celery leaf spot, tomato leaf spot',
  kind: 'fungus',
  labelAs: 'leaf-spots',
  hosts: { tomato: 1.1, celery: 1.2, blackcurrant: 0.6, parsley: 0.5, chrysanthemum: 0.5, blueberry: 0.4 },
  seen: {
    always: 'pale-dotted-spots',
    often: 'old-leaves-yellow leaves-drop',
    sometimes: 'stem-lesions',
    rarely: 'fruit-raised-specks',
    never: 'target-rings down-under webbing sticky',
  },
  first: 'pale-dotted-spots',
  season: '6-10',
  favours: 'wet warm',
  unit: 'leaves',
  facts: [cp('Small pale spots with a dark rim and black dots in the middle, lowest leaves first.')],
  life: [
    ['Winter', '10-5', 'litter and seed', 'clearing'],
    ['Spots', '6-10', 'old leaves upward', 'clearing protectant kickback'],
  ],
  open: cp('First spots: pick, mulch, water the soil.'),
  tolerate: cp('Lowest leaves late in the season.'),
  act: 0.1,
  again: 5,
  by: 'splash seed tool',
  spread: cp('Splash and wet hands.'),
  never: cp('Never on the fruit.'),
  enemies: '',
  apart: { 'early-blight': 'Early blight has large rings.', 'bacterial-leaf-spot': 'Bacterial spots are wet, with a yellow halo.' },
  controls: [...LEAF_FUNGI, against('rotate-crops', 0.35, 'It rests in the litter.')],
});
