import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const leafMould = trouble({
  id: 'leaf-mould',
  name: 'Tomato leaf mould',
  also: 'fulvia, cladosporium',
  kind: 'fungus',
  labelAs: 'leaf-spots',
  hosts: { tomato: 0.9 },
  seen: {
    always: 'olive-mould-under',
    often: 'yellow-spots-above',
    sometimes: 'leaves-drop',
    rarely: 'blossom-brown',
    never: 'target-rings webbing sticky pustules',
  },
  first: 'yellow-spots-above olive-mould-under',
  season: '6-10',
  favours: 'wet warm',
  unit: 'leaves',
  facts: [cp('Almost only under glass: yellow above, olive velvet below. Air the house early.')],
  life: [
    ['Winter', '10-4', 'glasshouse litter', 'clearing'],
    ['Mould', '6-10', 'undersides', 'protectant kickback clearing'],
  ],
  open: cp('Air and dry leaves.'),
  tolerate: cp('Lower leaves late on.'),
  act: 0.1,
  again: 6,
  by: 'wind splash',
  spread: cp('Dusty spores.'),
  never: cp('Never grey fur on fruit.'),
  enemies: '',
  apart: { 'powdery-mildew': 'Powder is white and on top.', 'late-blight': 'Blight is greasy and fast.' },
  controls: [
    ...LEAF_FUNGI,
    against('clear-fallen', 0.35, 'Old leaves and a dirty house carry it over.'),
    against('water-and-air', 0.55, 'Vents open by day, leaves off the bottom.'),
  ],
});
