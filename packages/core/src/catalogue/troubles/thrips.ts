import { TINY } from '../means';
import { cp, use, trouble } from '../write';

export const thrips = trouble({
  id: 'thrips',
  name: 'Thrips', also: 'thunderflies, western flower thrips', kind: 'insect', labelAs: 'thrips', sizeMm: 1.5,
  hosts: { rose: 0.9, pea: 0.8, cucumber: 0.9, pepper: 1, orchid: 0.9, monstera: 1.3, chrysanthemum: 1, 'african-violet': 0.9, pelargonium: 0.6, ficus: 0.9, dracaena: 0.6, citrus: 0.6, strawberry: 0.6, 'french-bean': 0.6, 'group:house': 0.7, dahlia: 0.6, viburnum: 0.4, rhododendron: 0.4, petunia: 0.5, cabbage: 0.3 },
  seen: { always: 'silvering', often: 'black-specks slivers', sometimes: 'flower-streaks petals-ragged twisted-growth', rarely: 'bronzed curled-tips', never: 'webbing sticky slime' },
  first: 'silvering black-specks',
  season: '5-10', favours: 'dry warm', unit: 'leaves',
  facts: [cp('Shake a flower over white paper: slim slivers run.'), cp('Tiny black varnish specks among silver patches are their droppings.')],
  life: [['Egg', 'all', 'inside the leaf', 'none'], ['Young', 'all', 'undersides, flowers', 'contact helpers'], ['Pupa', 'all', 'in the soil', 'helpers'], ['Adult', 'all', 'flowers and young leaves', 'contact hand']],
  open: cp('Young and adults on the leaf; eggs and pupae are out of reach: three rounds, five to seven days apart.'),
  tolerate: cp('Outdoors a few silvered leaves can wait; indoors act.'), act: 0.1, again: 6,
  by: 'flight plants', spread: cp('They carry spotted wilt from plant to plant.'), carries: 'spotted-wilt',
  never: cp('Never webs and never sticky.'),
  enemies: 'predatory-mite pirate-bug lacewing-larva', apart: { 'spider-mite': 'Mites web and leave no black specks.', leafhopper: 'Hoppers leap; flecks are coarse.' },
  controls: [...TINY, use('sticky-card', 0.3, 'Blue cards tell the numbers and thin out adults.'), use('prune-out', 0.35, 'Spent flowers and the worst leaves carry most of them.'), use('pyrethrin-spray', 0.5, 'Hits adults in the open only.')],
});
