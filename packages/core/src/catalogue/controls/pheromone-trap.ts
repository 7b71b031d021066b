import { CP } from '../../measure';
import type { Control } from '../schema';

export const pheromoneTrap: Control = {
  id: 'pheromone-trap',
  name: 'Scent trap',
  act: 'Hang the trap',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Hang it as blossom ends, one for up to five trees.',
    'Count and empty weekly; renew the lure when its packet says.',
    'Treat, if at all, one to two weeks after the catch rises.',
  ],
  works: { text: 'It times other means; alone it thins out a few males.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not protect the crop by itself: it tells when they fly.', prov: CP },
  after: { text: 'Write down the catch each week; the flight is over at three empty weeks.', prov: CP },
  means: [],
  does: 'prevents',
  when: { phases: ['in-flower', 'petal-fall', 'fruit-growing'], text: 'from blossom on, before they fly', prov: CP },
};
