import { SOIL_BORNE } from '../means';
import { cp, against, trouble } from '../write';

export const rootMealybug = trouble({
  id: 'root-mealybug',
  name: 'Root mealybug',
  also: 'white bugs on pot roots',
  kind: 'insect',
  labelAs: 'soil-grubs',
  sizeMm: 2,
  hosts: { cactus: 1.2, succulent: 1.2, aloe: 0.8, 'african-violet': 0.9, palm: 0.4, hoya: 0.4, 'group:house': 0.3, primula: 0.4 },
  seen: { always: 'root-wool', often: 'stunted', sometimes: 'all-pale wilt-wet-soil ants', rarely: 'cottony-tufts', never: 'soil-maggots gnats' },
  first: 'stunted root-wool',
  season: 'all',
  favours: 'dry warm',
  unit: 'pots',
  facts: [cp('Found when a plant that sulks is knocked out of its pot: white wax on roots and pot wall.')],
  life: [
    ['Egg and young', 'all', 'among the roots', 'clearing systemic'],
    ['Grown', 'all', 'roots and inner pot wall', 'hand clearing'],
  ],
  open: cp('Wash every crumb of soil off, repot in fresh mix and a clean pot.'),
  tolerate: cp('A plant outgrows a few if well kept; neighbours do not stay clean.'),
  act: 0.05,
  again: 14,
  by: 'soil plants',
  spread: cp('Walks through drain holes to the next saucer.'),
  never: cp('Never jumps or flies.'),
  enemies: 'rove-beetle',
  apart: { 'root-aphid': 'Root aphids are outdoors, in summer.', springtails: 'Springtails spring and eat no roots.' },
  controls: [
    ...SOIL_BORNE,
    against('unpot-clean', 0.7, 'Unpot, wash the roots bare, bin the mix, scald the pot.'),
    against('rotate-crops', 0.2, 'Fresh mix and a scalded pot are the same thing.'),
  ],
});
