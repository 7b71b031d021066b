import { CP } from '../../measure';
import type { Control } from '../schema';

export const unpotClean: Control = {
  id: 'unpot-clean',
  name: 'Unpot and clean the roots',
  act: 'Knock it out of the pot',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Water the day before; knock the plant out over a sheet.',
    'Shake or rinse the old mix off; pick out every grub and white patch.',
    'Bin the old mix; scald the pot.',
    'Repot in fresh mix; shade for a week.',
  ],
  works: { text: 'What lives among the roots goes out with the old mix.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not reach what sits inside thick roots and tubers.', prov: CP },
  after: { text: 'In three weeks: new white roots, nothing that moves.', prov: CP },
  means: ['hand', 'clearing'],
  does: 'cures',
  inPots: true,
};
