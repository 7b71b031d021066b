import { SCALES } from '../means';
import { cp, trouble } from '../write';

export const cushionScale = trouble({
  id: 'cushion-scale',
  name: 'Cushion scale',
  also: 'hydrangea scale, cottony maple scale, cushiony scale',
  kind: 'insect',
  labelAs: 'scales',
  sizeMm: 4,
  hosts: { hydrangea: 1, maple: 0.9, rhododendron: 0.7, holly: 0.6, grape: 0.4, ivy: 0.4, birch: 0.4, citrus: 0.6, 'other-shrub': 0.2 },
  seen: { always: 'egg-sacs', often: 'sticky soot bumps-flat', sometimes: 'ants', rarely: 'leaves-drop cottony-tufts', never: 'bark-felt flies-up' },
  first: 'egg-sacs',
  season: '5-8',
  favours: 'warm',
  unit: 'branches',
  facts: [cp('White waxy egg ribbons stick out from under a brown cap in early summer.')],
  life: [
    ['Egg sac', '5-6', 'under leaves or along stems', 'hand'],
    ['Crawler', '6-7', 'along the veins', 'soap oil contact enemies systemic'],
    ['Winter young', '9-4', 'on twigs', 'hand oil soap contact'],
  ],
  open: cp('Wipe off the white sacs before they hatch; crawlers in midsummer.'),
  tolerate: cp('A grown shrub bears some.'),
  act: 0.2,
  again: 14,
  by: 'plants crawling',
  spread: cp('Crawlers walk to touching branches.'),
  never: cp('Never in loose cotton dabs in the joints.'),
  enemies: 'ladybird parasitic-wasp',
  apart: { mealybug: 'Mealybug tufts have no brown cap and walk.', 'woolly-aphid': 'Woolly aphid sits in bark wounds.' },
  controls: [...SCALES],
});
