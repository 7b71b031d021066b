import { CP } from '../../measure';
import type { Control } from '../schema';

export const companionRow: Control = {
  id: 'companion-row',
  name: 'Companion or trap row',
  act: 'Sow the row',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'One row of mustard round the crop, sown 7 days after it, so that the flowering overlaps.',
    'Or sesame.',
    'Pull a trap row out, with all that is on it, before they move on.',
  ],
  works: { text: 'Draws some away and feeds helpers.', prov: CP },
  cautions: [{ text: 'Near the crop it can draw in more than it keeps.', prov: CP }],
  doesNot: { text: 'It does not hold an outbreak: it is an aid, never the only step.', prov: CP },
  after: { text: 'Count on the row and on the crop: more on the row.', prov: CP },
  means: [],
  does: 'prevents',
  when: { phases: ['before-planting', 'sowing', 'planting-out'], text: 'with the crop, or two weeks before it', prov: CP },
  alsoFor: [{ pests: ['flea-beetles', 'plant-bugs', 'aphids'], effect: 0.2, why: 'An aid only: growers differ on whether it works.', prov: CP }],
  schools: [
    {
      topic: 'companion rows',
      positions: ['A row of mustard or sesame draws pests off and feeds their enemies.', 'Trials show little: it draws in as many as it keeps.'],
      ours: 'Listed as an aid, never as the only step.',
      why: 'It harms nothing, and costs a row; nobody should lean on it.',
    },
  ],
};
