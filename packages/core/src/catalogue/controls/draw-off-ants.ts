import { CP } from '../../measure';
import type { Control } from '../schema';

export const drawOffAnts: Control = {
  id: 'draw-off-ants',
  name: 'Draw off the ants',
  act: 'Draw off the ants',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Set a dish of sugar water at the foot of the plants.', 'Or bar the stem with a sticky band.', 'Refill the dish after rain.'],
  works: { text: 'Ants leave the crowd unguarded, so helpers can reach it.', prov: CP },
  cautions: [{ text: 'Cover the dish with mesh so that bees stay out.', prov: CP }],
  doesNot: { text: 'It does not kill aphids: it lets their enemies at them.', prov: CP },
  after: { text: 'Fewer ants on the stems within two days, then more ladybird larvae.', prov: CP },
  means: [],
  does: 'aids',
};
