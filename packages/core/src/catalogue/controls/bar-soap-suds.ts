import { CP } from '../../measure';
import type { Control } from '../schema';

export const barSoapSuds: Control = {
  id: 'bar-soap-suds',
  name: 'Bar-soap suds',
  act: 'Make the suds',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 2, helpers: 2, persistence: 0 },
  organic: true,
  needs: { maxSunWm2: 200, maxTempC: 30, maxWindMs: 4.5, rainFreeHours: 2, bees: 'in-flower', daylight: true },
  how: [
    'Suds of a plain laundry bar in 10 l of water.',
    'A few leaves first; wait 24 to 48 hours.',
    'Both sides, evening, daily for three days; rinse each morning.',
  ],
  works: { text: 'Wets soft bodies so that they dry out.', prov: CP },
  cautions: [{ text: 'Harsher than soap made for plants, and it varies.', prov: CP }],
  doesNot: { text: 'It does nothing once dry.', prov: CP },
  after: { text: 'Soft ones dead on the leaf in the morning.', prov: CP },
  means: ['soap'],
  does: 'cures',
  homeMade: true,
  alsoFor: [{ pests: ['aphids', 'whiteflies', 'mealybugs'], effect: 0.4, why: 'Wets and dries out what it touches.', prov: CP }],
};
