import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const potassiumBicarbonate: LabelSheet = {
  id: 'potassium-bicarbonate',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Potassium bicarbonate 85 SP',
  class: 'low-toxicity',
  actives: [{ name: 'Potassium hydrogen carbonate', percent: 85, moa: 'NC' }],
  formulation: 'WP',
  state: 'dry',
  levelDensity: { gPerMl: 0.9, spread: 0.15, prov: MEM },
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'mildew',
      crops: ['vegetables', 'fruit', 'herbs', 'ornamentals', 'house-plants'],
      pests: ['powdery-mildew', 'scab', 'grey-mould'],
      rate: { form: 'per-litre', unit: 'g', min: 3, max: 5 },
      waterMlPerM2: 100,
      coverage: 'wetted',
      phiDays: 1,
      intervalDays: 7,
      maxPerSeason: 8,
      prov: MEM,
    },
  ],
  forbidden: [],
  reEntry: { kind: 'hours', hours: 4 },
  bees: 'none',
  fish: false,
  protection: ['gloves', 'goggles', 'sleeves', 'mask'],
  maxTempC: 30,
  rainfastHours: 6,
  groups: [],
  gaps: [],
  mixLifeHours: 24,
  into: 'slurry-first',
  cautions: [
    { text: 'Too strong or in sun it scorches.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
