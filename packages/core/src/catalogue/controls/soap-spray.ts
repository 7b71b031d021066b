import { CP } from '../../measure';
import type { Control } from '../schema';

export const soapSpray: Control = {
  id: 'soap-spray',
  name: 'Soap spray',
  act: 'Mix the soap',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 2, helpers: 2, persistence: 0 },
  organic: true,
  sheet: 'potassium-soap',
  needs: { maxSunWm2: 200, maxTempC: 30, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 1, bees: 'in-flower', daylight: true },
  how: [
    { text: 'Evening, or a fully overcast day.', at: 'before' },
    { text: 'Both sides of every leaf, until it drips.', at: 'list' },
    { text: 'Two or three evenings running, then look again.', at: 'after' },
    { text: 'Dead ones stay on: wash them off.', at: 'after' },
  ],
  works: { text: 'Works only wet and on contact.', prov: CP },
  cautions: [
    { text: 'Scorches in sun.', prov: CP },
    { text: 'Washes into ponds and kills fish.', prov: CP },
    { text: 'Wets helpers too: set larvae aside first.', prov: CP },
  ],
  doesNot: { text: 'It does nothing once dry, and misses eggs and what it does not touch.', prov: CP },
  after: { text: 'Nine in ten gone the morning after; dead ones stay on until washed off.', prov: CP },
  means: ['soap'],
  does: 'cures',
  schools: [
    {
      topic: 'soap in sun',
      positions: ['Rinse it off again after ten minutes and it may be used by day.', 'Soap scorches in sun, rinsed or not.'],
      ours: 'Evening or a fully overcast day.',
      why: 'A scorched tip is worse than a night’s wait.',
    },
  ],
};
