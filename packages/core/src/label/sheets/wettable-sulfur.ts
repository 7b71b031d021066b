import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const wettableSulfur: LabelSheet = {
  id: 'wettable-sulfur',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Wettable sulfur 80 WP',
  class: 'low-toxicity',
  actives: [
    { name: 'Sulfur', percent: 80, moa: 'M02' },
  ],
  formulation: 'WP',
  state: 'dry',
  levelDensity: { gPerMl: 0.5, spread: 0.15, prov: MEM },
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: false,
  lines: [
    {
      id: 'fungi',
      crops: ['vegetables', 'fruit', 'ornamentals'],
      pests: ['powdery-mildew', 'rust', 'apple-scab', 'spider-mite'],
      rate: { form: 'per-litre', unit: 'g', min: 4, max: 7.5 },
      waterMlPerM2: 100,
      coverage: 'wetted',
      phiDays: 1,
      intervalDays: 7,
      maxPerSeason: 8,
      prov: CP,
    },
  ],
  forbidden: [
    { crop: 'gooseberry', why: 'Many gooseberries drop their leaves after sulfur.' },
  ],
  reEntry: { kind: 'hours', hours: 24 },
  bees: 'none',
  fish: false,
  protection: ['gloves', 'goggles', 'sleeves', 'mask'],
  maxTempC: 30,
  rainfastHours: 24,
  groups: ['sulfur'],
  gaps: [
    { group: 'oil', days: 14, prov: MEM },
  ],
  mixLifeHours: 24,
  into: 'slurry-first',
  cautions: [
    { text: 'Burns leaves in heat: not at 30 °C or above.', prov: CP },
    { text: 'Keep shaking: it settles.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
