import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const cabbageWhite = trouble({
  id: 'cabbage-white',
  name: 'Cabbage white caterpillars',
  also: 'cabbage worms, imported cabbageworm, cabbage loopers, small white, large white',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 30,
  hosts: { cabbage: 2, nasturtium: 0.9, 'salad-rocket': 0.6, radish: 0.5, 'family:Brassicaceae': 1.2 },
  seen: {
    always: 'ragged-holes',
    often: 'droppings caterpillar egg-rafts white-butterflies',
    sometimes: 'edge-eaten only-veins heart-eaten',
    rarely: 'slime ants',
    never: 'webbing sticky pustules pinholes',
  },
  first: 'white-butterflies egg-rafts droppings',
  season: '4-10',
  favours: 'warm dry',
  unit: 'plants',
  facts: [
    cp('Droppings are often the first sign of caterpillars.'),
    cp('Holed wrapper leaves are peeled off in the kitchen; what matters is the growing heart.'),
  ],
  life: [
    ['Egg', '4-9', 'undersides, in rafts or singly', 'hand egg-parasites'],
    ['Young', '5-10', 'undersides and heart', 'hand stomach contact enemies'],
    ['Grown', '5-10', 'on the leaves', 'hand contact'],
    ['Pupa', 'all', 'on walls and stems', 'none'],
    ['Butterfly', '4-9', 'flying by day', 'cover'],
  ],
  open: cp('Small caterpillars that still eat on the outer leaves; large ones and pupae resist.'),
  tolerate: cp('Holes in outer leaves only: leave them, and watch the heart.'),
  act: 0.2,
  again: 5,
  by: 'flight',
  spread: cp('White butterflies by day.'),
  never: cp('Never slime, never webs.'),
  enemies: 'lacewing-larva parasitic-wasp ground-beetle',
  apart: {
    'diamondback-moth': 'Small moth grubs wriggle and drop on a thread.',
    slugs: 'Slugs leave slime and no droppings.',
    birds: 'Pigeons tear and leave the ribs.',
  },
  schools: [
    {
      topic: 'Bt while butterflies fly',
      positions: ['Spray as soon as white butterflies are seen.', 'Wait for eggs or small caterpillars.'],
      ours: 'Start with the first eggs or small holes.',
      why: 'It is eaten to work and fades in sun within days.',
    },
  ],
  controls: [
    ...CATERPILLARS,
    against('leave-it', 0.1, 'Cosmetic while the heart is whole.'),
    against('hand-pick', 0.7, 'Turn the leaves; squash eggs and caterpillars.'),
    against('row-cover', 0.9, 'Keeps the butterflies from laying, if no eggs are under it.'),
    against('bt-spray', 0.9, 'Small caterpillars that eat it stop feeding at once and die in 3 to 4 days.'),
    against('neem-spray', 0.4, 'Slows feeding of small ones.', MEM),
    against('organophosphate-spray', 0.9, 'Contact and stomach kill, of helpers too.'),
  ],
});
