import { CP } from '../../measure';
import type { Control } from '../schema';

export const hoseJet: Control = {
  id: 'hose-jet',
  name: 'Jet of water',
  act: 'Knock them off with water',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { minTempC: 4, daylight: true },
  how: ['Hold the stem in one hand.', 'A sharp jet on the undersides, from below.', 'Early in the day, so that leaves dry.', 'Again in two days.'],
  works: { text: 'Soft bodies are knocked off and few climb back.', prov: CP },
  cautions: [{ text: 'Not on fragile plants.', prov: CP }],
  notWhenDense: 'Plants stand too close: the jet moves them next door.',
  notAt: [{ stage: 'seedling', why: 'Seedlings are too fragile for a jet.' }],
  doesNot: { text: 'It does not kill what is washed back up within days, and not where leaves curl.', prov: CP },
  after: { text: 'Hardly any on the tips the next morning; look again in three days.', prov: CP },
  means: ['water'],
  does: 'cures',
};
