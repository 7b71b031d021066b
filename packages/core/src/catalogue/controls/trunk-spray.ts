import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const trunkSpray: Control = {
  id: 'trunk-spray',
  name: 'Systemic trunk spray',
  act: 'Mix the trunk spray',
  rung: 6,
  hazard: { people: 2, bees: 4, water: 3, helpers: 3, persistence: 4 },
  organic: false,
  sheet: 'dinotefuran-trunk',
  needs: { minTempC: 5, maxTempC: 30, maxWindMs: 3, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Dry bark, from the flare to 1.2 or 1.5 m, all the way round.', at: 'list' },
    { text: 'To the point of wet: it must not run.', at: 'list' },
    { text: 'Never in bloom, nor over flowering weeds.', at: 'before', open: true },
  ],
  works: { text: 'Passes through the bark and rises with the sap; lasts a season or two.', prov: MEM },
  cautions: [
    { text: 'Never in bloom or beside flowers that bees visit.', prov: CP },
    { text: 'Withdrawn for outdoor use in several places: local law first.', prov: CP },
  ],
  doesNot: { text: 'It does not pass through soaked, mossy or flaking bark.', prov: CP },
  after: { text: 'Sucking insects fewer after two to four weeks.', prov: CP },
  means: ['systemic', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['scales', 'lacebugs', 'borers', 'leafhoppers'], effect: 0.8, why: 'Rises with the sap; reaches what feeds high up.', prov: MEM },
    { pests: ['aphids', 'whiteflies', 'mealybugs'], effect: 0.75, why: 'Rises with the sap; reaches what feeds high up.', prov: MEM },
  ],
};
