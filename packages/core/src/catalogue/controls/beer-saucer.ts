import { CP } from '../../measure';
import type { Control } from '../schema';

export const beerSaucer: Control = {
  id: 'beer-saucer',
  name: 'Beer saucer',
  act: 'Set a beer saucer',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 1, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Sink a saucer so that its rim stands a finger above the soil.', 'Fill it with beer to half.', 'Empty and refill it each morning.'],
  works: { text: 'Slugs come to the smell and drown.', prov: CP },
  cautions: [{ text: 'A proud rim keeps ground beetles out.', prov: CP }],
  doesNot: { text: 'It does not empty a garden: it takes those within a stride or two.', prov: CP },
  after: { text: 'Fewer in the saucer from night to night, and no new holes.', prov: CP },
  means: ['bait'],
  does: 'cures',
};
