import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const neemOil: LabelSheet = {
  id: 'neem-oil',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Neem oil, horticultural',
  class: 'low-toxicity',
  actives: [{ name: 'Clarified neem oil', percent: 70, moa: 'UN' }],
  formulation: 'EC',
  state: 'liquid',
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'foliar',
      crops: ['vegetables', 'fruit', 'herbs', 'ornamentals', 'house-plants'],
      pests: ['aphids', 'mites', 'whiteflies', 'mealybugs', 'scales', 'psyllids', 'leafhoppers', 'thrips', 'sawflies', 'caterpillars', 'leafminers', 'beetles', 'powdery-mildew', 'fungus-gnats'],
      rate: { form: 'per-litre', unit: 'ml', min: 2.5, max: 5 },
      waterMlPerM2: 400,
      coverage: 'run-off',
      phiDays: 1,
      intervalDays: 7,
      maxPerSeason: null,
      prov: CP,
    },
  ],
  forbidden: [{ crop: 'air-plants', why: 'Air plants breathe through leaf scales: oil suffocates them.' }],
  reEntry: { kind: 'until-dry' },
  bees: 'wet',
  fish: true,
  protection: ['gloves', 'goggles', 'sleeves'],
  maxTempC: 30,
  rainfastHours: 24,
  groups: ['oil'],
  gaps: [{ group: 'sulfur', days: 14, prov: MEM }],
  mixLifeHours: 8,
  into: 'soap-then-oil',
  cautions: [
    { text: 'Twice as much plain liquid soap as oil carries it into water.', prov: CP },
    { text: 'Never neat. Horticultural grade only.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
