import { CP } from '../../measure';
import type { Control } from '../schema';

export const eggWasps: Control = {
  id: 'egg-wasps',
  name: 'Wasps that lay in eggs',
  act: 'Hang the egg cards out',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { minTempC: 15 },
  how: [
    'When the first moths are in the trap: they take eggs, not caterpillars.',
    'Cards in the shade among the leaves, evening, no rain ahead.',
    'Fresh cards every week while moths fly.',
  ],
  works: { text: 'Each is smaller than a moth egg and lays in one after another.', prov: CP },
  cautions: [],
  doesNot: { text: 'They do nothing once the eggs have hatched, nor after a broad insecticide.', prov: CP },
  after: { text: 'Moth eggs turn black and stay closed.', prov: CP },
  means: ['egg-parasites'],
  does: 'cures',
  releases: 'wasps',
};
