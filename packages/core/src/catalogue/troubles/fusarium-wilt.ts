import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const fusariumWilt = trouble({
  id: 'fusarium-wilt',
  name: 'Fusarium wilt', also: 'panama disease, basil wilt', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { tomato: 0.8, basil: 0.8, melon: 0.9, pea: 0.6, chrysanthemum: 0.3, 'sweet-potato': 0.4, asparagus: 0.5, cabbage: 0.3, cucumber: 0.5, palm: 0.4, okra: 0.3, 'sweet-pea': 0.3, garlic: 0.3 },
  seen: { always: 'brown-inside-stem', often: 'one-side-yellow old-leaves-yellow midday-droop', sometimes: 'stunted sudden-wilt', rarely: 'stem-base-dark', never: 'threads-from-cut webbing sticky v-yellow' },
  first: 'midday-droop one-side-yellow',
  season: '6-9', favours: 'warm', unit: 'plants',
  facts: [cp('Droops at noon on hot days, recovers, then does not; brown streaks inside the stem.')],
  life: [['In soil', 'all', 'for many years', 'none'], ['In the plant', '6-9', 'water vessels', 'clearing']],
  open: cp('Never inside; resistant kinds.'),
  tolerate: cp('Pick what ripens, then lift.'), act: 0.01, again: 10,
  by: 'soil seed tool', spread: cp('Soil and seed.'),
  never: cp('Never sap drawn out in threads.'),
  enemies: '', apart: { 'verticillium-wilt': 'Verticillium likes it cooler and makes a yellow V.', 'cucurbit-bacterial-wilt': 'Threads draw from the cut.' },
  controls: [...SOIL_BORNE, use('lime-soil', 0.2, 'It likes sour soil.')],
});
