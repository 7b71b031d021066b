import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const verticilliumWilt = trouble({
  id: 'verticillium-wilt',
  name: 'Verticillium wilt', also: 'maple wilt, wilt', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { aubergine: 1, strawberry: 0.8, tomato: 0.6, potato: 0.5, maple: 1, raspberry: 0.4, chrysanthemum: 0.4, pepper: 0.3, 'ash-tree': 0.2, cucumber: 0.2 , elm: 0.2, okra: 0.3, artichoke: 0.4, kiwi: 0.1 },
  seen: { always: 'one-side-yellow', often: 'brown-inside-stem v-yellow', sometimes: 'dieback midday-droop one-runner-wilts', rarely: 'stunted', never: 'ooze-drops webbing sticky sawdust' },
  first: 'one-side-yellow',
  season: '5-10', favours: 'cool', unit: 'plants',
  facts: [cp('One branch or one side first; cut slantwise, the wood is streaked brown or green.')],
  life: [['In soil', 'all', 'for many years', 'none'], ['In the plant', '5-10', 'water vessels', 'clearing']],
  open: cp('Never inside; grafted or resistant plants.'),
  tolerate: cp('A tree may live long with it: water, feed lightly, prune the dead.'), act: 0.01, again: 14,
  by: 'soil tool plants', spread: cp('Soil, tools, infected plants.'),
  never: cp('Never threads of slime.'),
  enemies: '', apart: { 'fusarium-wilt': 'Fusarium likes heat and starts with low leaves on one side.', 'bark-borer': 'Borers leave frass.' },
  controls: [...SOIL_BORNE, use('prune-out', 0.2, 'Dead branches of trees.'), use('even-watering', 0.2, 'Eases it.')],
});
