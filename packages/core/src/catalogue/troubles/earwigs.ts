import { GROUND_FEEDERS } from '../means';
import { cp, use, trouble } from '../write';

export const earwigs = trouble({
  id: 'earwigs',
  name: 'Earwigs', also: 'pincher bugs', kind: 'insect', labelAs: 'earwigs', sizeMm: 15,
  hosts: { dahlia: 1.3, chrysanthemum: 0.8, clematis: 0.7, peach: 0.4, strawberry: 0.3, basil: 0.5, hollyhock: 0.3, sweetcorn: 0.4, apricot: 0.3, lettuce: 0.2 },
  seen: { always: 'petals-ragged', often: 'earwigs-seen night-feeding', sometimes: 'ragged-holes silk-tips-eaten fruit-hole', rarely: 'buds-holed', never: 'slime webbing droppings sticky' },
  first: 'petals-ragged',
  season: '6-9', favours: 'wet', unit: 'flowers',
  facts: [cp('In fruit trees they eat aphids: there they are help. On dahlias they are not.')],
  life: [['Egg and nest', '11-4', 'in the soil', 'none'], ['Young', '4-6', 'soil, then plants', 'hand'], ['Grown', '6-10', 'flowers and hollow stems', 'hand']],
  open: cp('By day in upturned pots of straw: carry them to the orchard.'),
  tolerate: cp('Few torn petals: leave it, they eat aphids by night.'), act: 0.3, again: 5,
  by: 'crawling', spread: cp('Walk and hide.'),
  never: cp('Never slime.'),
  enemies: 'ground-beetle', apart: { slugs: 'Slugs leave slime.', budworm: 'Budworm leaves a round hole in the bud and droppings.' },
  schools: [{ topic: 'Friend or pest', positions: ['Trap and kill them.', 'Leave them: they eat aphids.'], ours: 'Move them from flowers to fruit trees.', why: 'Both are true, in different beds.' }],
  controls: [...GROUND_FEEDERS, use('earwig-pots', 0.65, 'Straw in a pot on a cane, emptied each morning elsewhere.')],
});
