import { CP } from '../../measure';
import type { Control } from '../schema';

export const stemCollar: Control = {
  id: 'stem-collar',
  name: 'Collars round the stems',
  act: 'Fit the collars',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['A disc or sleeve 10 to 15 cm wide, snug to the stem.', 'Press it 2 cm into the soil against cutworms.', 'Fit it on the day of planting.'],
  works: { text: 'What can not reach the stem base can not lay or cut there.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not stop what is already in the soil inside it.', prov: CP },
  after: { text: 'No felled stems in the morning.', prov: CP },
  means: ['cover'],
  does: 'prevents',
  when: { phases: ['planting-out'], text: 'on the day of planting', prov: CP },
};
