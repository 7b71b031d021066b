import { MEM } from '../../measure';
import { cp, use, trouble } from '../write';

export const fungusGnat = trouble({
  id: 'fungus-gnat',
  name: 'Fungus gnats', also: 'sciarid fly, compost flies', kind: 'insect', labelAs: 'fungus-gnats', sizeMm: 3,
  hosts: { 'group:house': 1.6, pelargonium: 0.6, primula: 0.6, tomato: 0.3, cucumber: 0.3, lettuce: 0.2, basil: 0.6, cactus: 0.5, 'air-plant': 0.2, pepper: 0.3 },
  seen: { always: 'gnats', often: 'soil-maggots', sometimes: 'green-crust-soil stunted', rarely: 'wilt-wet-soil seedling-pinched', never: 'webbing sticky slime flies-up' },
  first: 'gnats',
  season: 'all', favours: 'wet', unit: 'pots',
  facts: [cp('They breed in compost that never dries on top; let the top few centimetres dry.'), cp('Yellow cards at pot level count the adults.')],
  life: [['Egg and larva', 'all', 'top of wet compost', 'bait contact helpers'], ['Adult', 'all', 'on the soil and at windows', 'hand']],
  open: cp('Larvae in the top of the compost: dry it, or drench; adults live only about a week.'),
  tolerate: cp('On a grown plant they are a nuisance, not a harm.'), act: 0.3, again: 7,
  by: 'flight soil', spread: cp('With compost and from pot to pot.'),
  never: cp('Never on the leaf: that is whitefly.'),
  enemies: 'rove-beetle predatory-mite', apart: { 'glasshouse-whitefly': 'Whitefly is white and sits under leaves.', springtails: 'Springtails have no wings and spring.' },
  schools: [{ topic: 'Drying out or drenching first', positions: ['Let the top dry and nothing more.', 'Drench with neem or soap at once.'], ours: 'Dry first, cards to count, a drench only when the count stays up.', why: 'Larvae need wet compost, and a drench keeps it wet.' }],
  controls: [use('leave-it', 0.1, 'A few gnats do no harm.', MEM), use('let-it-dry', 0.6, 'Larvae die in a dry top layer.'), use('sticky-card', 0.35, 'Catches adults and shows whether it works.'), use('nematodes', 0.75, 'They seek the larvae in the compost.'), use('neem-spray', 0.6, 'As a soil drench at the same strength.'), use('licensed-person', 0.5, 'For what is beyond home means.')],
});
