import { MEM } from '../../measure';
import { SOIL_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const rootAphid = trouble({
  id: 'root-aphid',
  name: 'Root aphids',
  also: 'lettuce root aphid',
  kind: 'insect',
  labelAs: 'soil-grubs',
  sizeMm: 2,
  hosts: { lettuce: 1.2, chrysanthemum: 0.5, artichoke: 0.4, primula: 0.7, 'french-bean': 0.3, parsnip: 0.4, carrot: 0.4 },
  seen: {
    always: 'root-wool',
    often: 'wilt-wet-soil stunted',
    sometimes: 'ants ant-soil all-pale',
    rarely: 'bulb-maggots',
    never: 'roots-clubbed roots-knots',
  },
  first: 'stunted wilt-wet-soil',
  season: '6-9',
  favours: 'dry warm',
  unit: 'plants',
  facts: [cp('Plants flag in the sun though the soil is moist; white waxy insects sit on the roots.')],
  life: [
    ['Egg', '10-4', 'on poplar and other trees', 'none'],
    ['Root crowd', '6-9', 'on roots and lower stem', 'clearing hand systemic'],
  ],
  open: cp('No spray reaches roots: water well, lift the worst, move the crop.'),
  tolerate: cp('Well watered plants often heart up all the same.'),
  act: 0.2,
  again: 7,
  by: 'flight insect',
  spread: cp('Winged ones come from poplars in early summer; ants move them.'),
  never: cp('Never swells the roots.'),
  enemies: 'ground-beetle rove-beetle',
  apart: { 'root-mealybug': 'Root mealybug lives in pots, all year.', 'club-root': 'Club root swells the roots.' },
  controls: [
    ...SOIL_GRUBS,
    against('even-watering', 0.4, 'Dry soil doubles the harm.'),
    against('resistant-kinds', 0.6, 'Some lettuces hardly take them.'),
    against('nematodes', 0.1, 'Made for grubs, of little use here.', MEM),
  ],
});
