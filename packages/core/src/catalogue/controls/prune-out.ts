import { CP } from '../../measure';
import type { Control } from '../schema';

export const pruneOut: Control = {
  id: 'prune-out',
  name: 'Prune it out',
  act: 'Prune it out',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['On a dry day, cut well below the last sign, into clean wood.', 'Wipe the blade with spirit between cuts.', 'Bag what you cut: do not compost it.'],
  works: { text: 'What is cut out does not spread.', prov: CP },
  cautions: [
    { text: 'Stone fruit only in summer: winter cuts let canker and silver leaf in.', prov: CP },
    { text: 'No ladders or big limbs alone: that is work for a tree surgeon.', prov: CP },
  ],
  doesNot: { text: 'It does not help if the cut is above sound wood.', prov: CP },
  after: { text: 'Cut face white right across; no new wilting behind it.', prov: CP },
  means: ['hand', 'clearing'],
  does: 'cures',
};
