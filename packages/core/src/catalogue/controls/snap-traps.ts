import { CP } from '../../measure';
import type { Control } from '../schema';

export const snapTraps: Control = {
  id: 'snap-traps',
  name: 'Traps under cover',
  act: 'Set the traps',
  rung: 2,
  hazard: { people: 1, bees: 0, water: 0, helpers: 1, persistence: 0 },
  organic: true,
  needs: {},
  how: ['In a tunnel or box that pets, children and birds can not enter.', 'Check each morning, with gloves.', 'Clear food and cover first.'],
  works: { text: 'Takes the few that know the way.', prov: CP },
  cautions: [
    { text: 'Mind fingers, pets and protected animals: local rules first.', prov: CP },
    { text: 'No poison bait here: for that, a licensed person.', prov: CP },
  ],
  doesNot: { text: 'They do not work out of reach of a run, or set only once.', prov: CP },
  after: { text: 'No new gnawing for a week.', prov: CP },
  means: [],
  does: 'cures',
};
