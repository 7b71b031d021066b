import { CP } from '../../measure';
import type { Control } from '../schema';

export const ashDusting: Control = {
  id: 'ash-dusting',
  name: 'Wood-ash dusting',
  act: 'Dust with ash',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 0, helpers: 1, persistence: 0 },
  organic: true,
  needs: { maxWindMs: 3, leaf: 'damp', rainFreeHours: 12, bees: 'in-flower' },
  how: [
    'Cool, sieved ash of wood, rice straw or rice husk.',
    'Early morning on dew, a thin film.',
    'Daily for three days.',
    'Never ash of mustard, bamboo, banana leaf or tree leaves: it burns plants.',
  ],
  works: { text: 'Dry, sharp and alkaline: soft bodies leave it alone.', prov: CP },
  cautions: [{ text: 'Goggles and mask; alkaline in the eyes.', prov: CP }],
  doesNot: { text: 'It does not last past the next rain, and sweetens the soil if overdone.', prov: CP },
  after: { text: 'Fewer on the third morning, leaves not scorched.', prov: CP },
  means: ['contact'],
  does: 'cures',
  homeMade: true,
  alsoFor: [{ pests: ['aphids', 'flea-beetles', 'slugs'], effect: 0.3, why: 'Soft bodies leave dusted leaves alone.', prov: CP }],
};
