import { CP } from '../../measure';
import type { Control } from '../schema';

export const systemicDrench: Control = {
  id: 'systemic-drench',
  name: 'Systemic drench',
  act: 'Mix the drench',
  rung: 6,
  hazard: { people: 2, bees: 4, water: 3, helpers: 3, persistence: 4 },
  organic: false,
  sheet: 'imidacloprid-drench',
  needs: { minTempC: 5, rainFreeHours: 24 },
  how: [
    { text: 'Clear mulch from the base.', at: 'before' },
    { text: 'Pour evenly round the base; water in.', at: 'on', by: ['soil-drench'] },
  ],
  works: { text: 'Taken up by the roots; reaches inside curled leaves; lasts a season or longer.', prov: CP },
  cautions: [
    { text: 'Never in bloom or beside flowers that bees visit.', prov: CP },
    { text: 'Withdrawn for outdoor use in several places: local law first.', prov: CP },
  ],
  doesNot: { text: 'It does not work at once, and not in dry or soaked soil.', prov: CP },
  after: { text: 'Sucking insects fewer after two to six weeks; no fresh honeydew.', prov: CP },
  means: ['systemic', 'stomach'],
  does: 'cures',
};
