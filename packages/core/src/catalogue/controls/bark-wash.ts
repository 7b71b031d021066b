import { CP } from '../../measure';
import type { Control } from '../schema';

export const barkWash: Control = {
  id: 'bark-wash',
  name: 'Wash the bark',
  act: 'Wash the bark',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['8 l of water with a few spoons of soap.', 'A soft brush, into every crack, from the top down.', 'Rinse. Look again after a week.'],
  works: { text: 'Scrubbing takes off scales, eggs and soot.', prov: CP },
  cautions: [{ text: 'Not on thin young bark with force.', prov: CP }],
  doesNot: { text: 'It does not reach what sits under the bark.', prov: CP },
  after: { text: 'Scrape with a nail after a week: dry flakes, nothing wet or moving.', prov: CP },
  means: ['hand', 'soap', 'water'],
  does: 'cures',
};
