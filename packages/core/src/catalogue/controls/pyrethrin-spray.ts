import { CP } from '../../measure';
import type { Control } from '../schema';

export const pyrethrinSpray: Control = {
  id: 'pyrethrin-spray',
  name: 'Pyrethrin spray',
  act: 'Mix the pyrethrin',
  rung: 5,
  hazard: { people: 2, bees: 4, water: 4, helpers: 4, persistence: 0 },
  organic: true,
  sheet: 'pyrethrins',
  needs: { maxTempC: 30, maxSunWm2: 120, maxWindMs: 4.5, rainFreeHours: 6, leaf: 'dry', bees: 'always', daylight: true },
  how: [
    { text: 'At dusk, when bees are home.', at: 'before', open: true },
    { text: 'Hit what you see, both sides.', at: 'on', by: ['fine-spray', 'run-off'] },
  ],
  works: { text: 'Fast contact kill, gone within a day in sun.', prov: CP },
  cautions: [
    { text: 'Kills bees and helpers it wets.', prov: CP },
    { text: 'Very poisonous to fish: keep far from ponds.', prov: CP },
  ],
  doesNot: { text: 'It does not last: a day later new arrivals are safe, and it does not reach into curls.', prov: CP },
  after: { text: 'Down within minutes; count again in the morning, some get up again.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
};
