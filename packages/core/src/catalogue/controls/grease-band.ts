import { CP } from '../../measure';
import type { Control } from '../schema';

export const greaseBand: Control = {
  id: 'grease-band',
  name: 'Grease band',
  act: 'Band the trunk',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 1, persistence: 0 },
  organic: true,
  needs: {},
  how: ['A band 45 cm up the trunk, and round the stake.', 'From mid autumn to spring.', 'Check that no leaf bridges it.'],
  works: { text: 'Wingless moths walk up to lay.', prov: CP },
  cautions: [{ text: 'Never grease on bare young bark: use paper below.', prov: CP }],
  doesNot: { text: 'It does not stop what flies up, nor what was up already.', prov: CP },
  after: { text: 'Wingless moths or ants stuck in it; the band unbridged by leaves.', prov: CP },
  means: ['cover'],
  does: 'prevents',
  when: { phases: ['leaf-fall'], text: 'as leaves turn, before they climb; off again in spring', prov: CP },
};
