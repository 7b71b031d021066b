import { CP } from '../../measure';
import type { Control } from '../schema';

export const letItDry: Control = {
  id: 'let-it-dry',
  name: 'Let the soil dry',
  act: 'Let it dry',
  rung: 1,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Push a finger in: water only when the top 3 cm are dry.',
    'Empty the saucer a quarter hour after watering.',
    'Repot into airy mix if the roots smell.',
  ],
  works: { text: 'Roots need air; what lives in wet soil needs wet soil.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not bring back roots that have rotted.', prov: CP },
  after: { text: 'Soil dry to a finger’s depth, no flies, leaves firm again.', prov: CP },
  means: [],
  does: 'holds',
};
