import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const boxBlight = trouble({
  id: 'box-blight',
  name: 'Box blight',
  also: 'boxwood blight',
  kind: 'fungus',
  labelAs: 'blights',
  hosts: { box: 1.8 },
  seen: {
    always: 'black-stem-streak-box',
    often: 'brown-leaf-spots leaves-drop',
    sometimes: 'dieback',
    rarely: 'down-under',
    never: 'webbing droppings caterpillar sticky',
  },
  first: 'brown-leaf-spots black-stem-streak-box',
  season: '4-11',
  favours: 'wet warm',
  unit: 'plants',
  facts: [cp('Black streaks on green stems and fast leaf fall; clip on dry days and clean the shears.')],
  life: [
    ['Spores', 'all', 'litter and stems', 'clearing'],
    ['Infection', '4-11', 'wet leaves', 'protectant kickback'],
  ],
  open: cp('Dry leaves, cut out, litter gone.'),
  tolerate: cp('Consider another shrub.'),
  act: 0.01,
  again: 10,
  by: 'splash tool plants',
  spread: cp('Shears, boots, bought box.'),
  never: cp('Never webs or caterpillars.'),
  enemies: '',
  apart: { 'box-caterpillar': 'Webs, frass and caterpillars.' },
  controls: [...WOOD_DISEASE, against('clear-fallen', 0.4, 'Every fallen leaf.'), against('resistant-kinds', 0.5, 'Other small-leaved evergreens.')],
});
