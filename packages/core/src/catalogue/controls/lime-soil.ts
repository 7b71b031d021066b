import { CP } from '../../measure';
import type { Control } from '../schema';

export const limeSoil: Control = {
  id: 'lime-soil',
  name: 'Lime the soil',
  act: 'Lime it',
  rung: 1,
  hazard: { people: 1, bees: 0, water: 0, helpers: 0, persistence: 1 },
  organic: true,
  needs: {},
  how: [
    'Test the soil first: aim at pH 7.0 to 7.2 for brassicas.',
    'Rake garden lime in, in autumn or a month before planting.',
    'Gloves, goggles, a still day.',
  ],
  works: { text: 'Club root takes hold poorly in limed, drained soil.', prov: CP },
  cautions: [
    { text: 'Dust hurts eyes and lungs.', prov: CP },
    { text: 'Not with fresh manure.', prov: CP },
  ],
  doesNot: { text: 'It does not clear this season’s crop.', prov: CP },
  after: { text: 'Soil at pH 7 or above next spring, cleaner roots at lifting.', prov: CP },
  means: [],
  does: 'next-year',
  when: { phases: ['before-planting'], text: 'weeks before planting, best the autumn before', prov: CP },
};
