import { TINY } from '../means';
import { cp, against, trouble } from '../write';

export const fruitTreeMite = trouble({
  id: 'fruit-tree-mite',
  name: 'Fruit tree red mite',
  also: 'european red mite, conifer mite',
  kind: 'mite',
  labelAs: 'mites',
  sizeMm: 0.5,
  hosts: { apple: 0.7, plum: 0.8, pear: 0.4, peach: 0.4, conifer: 0.8, box: 0.4 },
  seen: { always: 'stipple', often: 'bronzed', sometimes: 'moving-specks leaves-drop', rarely: 'webbing', never: 'ants sticky' },
  first: 'stipple',
  season: '5-9',
  favours: 'dry warm',
  unit: 'leaves',
  facts: [cp('Red winter eggs crust spurs and twigs; it makes little web.')],
  life: [
    ['Winter egg', '9-4', 'red, on spurs and twigs', 'oil'],
    ['Mite', '4-9', 'undersides', 'water soap oil contact enemies'],
  ],
  open: cp('Winter eggs take oil just before bud break.'),
  tolerate: cp('Predatory mites hold it where nothing broad is sprayed.'),
  act: 0.3,
  again: 10,
  by: 'wind',
  spread: cp('Drifts on threads.'),
  never: cp('Never webs whole shoots.'),
  enemies: 'predatory-mite pirate-bug',
  apart: { 'spider-mite': 'The two-spotted kind webs.', 'magnesium-shortage': 'Shortage keeps the veins green.' },
  controls: [
    ...TINY,
    against('winter-oil', 0.8, 'Smothers the red eggs just before bud break.'),
    against('sulfur-spray', 0.4, 'Holds them down, and their enemies too.'),
  ],
});
