import { GROUND_FEEDERS } from '../means';
import { cp, use, trouble } from '../write';

export const slugs = trouble({
  id: 'slugs',
  name: 'Slugs and snails', also: 'slug, snail', kind: 'mollusc', labelAs: 'slugs', sizeMm: 40,
  hosts: { lettuce: 2, hosta: 2, cabbage: 1.2, hollyhock: 1, courgette: 1, strawberry: 1.1, dahlia: 1.2, potato: 0.8, 'broad-bean': 0.6, leek: 0.4, primula: 0.6, tulip: 0.4, basil: 0.7, 'sweet-pea': 0.8, clematis: 0.6, 'group:vegetable': 0.7, 'group:ornamental': 0.6, 'group:fruit': 0.1, 'group:house': 0.05 },
  seen: { always: 'ragged-holes', often: 'slime night-feeding', sometimes: 'edge-eaten seedlings-gone slugs-seen petals-ragged cut-off gnawed', rarely: 'droppings windows', never: 'caterpillar egg-rafts webbing dark-crowd' },
  first: 'slime seedlings-gone',
  season: '3-11', favours: 'wet cool', unit: 'plants',
  facts: [cp('Mostly a trouble of cool wet months; they feed at night and hide by day under boards and leaves.')],
  life: [['Egg', '3-11', 'clear pearls in damp soil', 'clearing'], ['Young', '3-11', 'soil and low leaves', 'bait helpers'], ['Grown', '3-11', 'on plants at night', 'hand bait']],
  open: cp('At night and after rain, while they are out on the plants.'),
  tolerate: cp('Established plants outgrow a few holes; seedlings do not.'), act: 0.1, again: 3,
  by: 'crawling', spread: cp('Walk in from cover; eggs travel in compost.'),
  never: cp('Never droppings like green-black grains.'),
  enemies: 'ground-beetle rove-beetle harvestman centipede-friend', apart: { 'cabbage-white': 'Caterpillars leave droppings and no slime.', earwigs: 'Earwigs leave no slime.', woodlice: 'Woodlice eat what is soft already.' },
  controls: [...GROUND_FEEDERS, use('hand-pick', 0.6, 'By torch after dark or rain.'), use('beer-saucer', 0.5, 'Draws and drowns them; empty it daily.'), use('nematodes', 0.7, 'In warm moist soil, six weeks of work.'), use('iron-phosphate-bait', 0.8, 'They stop feeding and go to ground within days.')],
});
