import { CP } from '../../measure';
import type { Control } from '../schema';

export const rowCover: Control = {
  id: 'row-cover',
  name: 'Fine mesh cover',
  act: 'Put the cover on',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Look under every leaf: nothing may be shut in.',
    'Lay light mesh over hoops, loose, with air under it.',
    'Bury every edge: pins alone let crawlers under.',
    'Take it off at first flowers on crops that need insects.',
  ],
  works: { text: 'What cannot land cannot lay.', prov: CP },
  cautions: [{ text: 'Keep an air gap in heat.', prov: CP }],
  notOn: [{ group: 'ornamental', why: 'A cover hides what you grow it for.' }],
  doesNot: { text: 'It does not help if any are shut in beneath it.', prov: CP },
  after: { text: 'Lift a corner weekly: no eggs, no holes, tips not chafed.', prov: CP },
  means: ['cover'],
  does: 'prevents',
  when: {
    phases: ['sowing', 'planting-out', 'growing'],
    text: 'on the day of sowing or planting, before they fly; off at the first flowers where insects must come',
    prov: CP,
  },
  covers: true,
};
