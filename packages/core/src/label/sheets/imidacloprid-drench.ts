import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const imidaclopridDrench: LabelSheet = {
  id: 'imidacloprid-drench',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Imidacloprid drench 1.47 SL',
  class: 'conventional',
  actives: [{ name: 'Imidacloprid', percent: 1.47, moa: '4A' }],
  formulation: 'SL',
  state: 'liquid',
  signalWord: 'caution',
  organicListed: false,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'ornamental',
      crops: ['ornamentals', 'shrubs'],
      pests: ['aphids', 'scales', 'whiteflies', 'mealybugs', 'leafhoppers', 'beetles', 'lacebugs', 'borers'],
      rate: { form: 'per-m2', unit: 'ml', min: 8, max: 9.5 },
      waterMlPerM2: 1000,
      coverage: 'drenched',
      phiDays: null,
      intervalDays: 365,
      maxPerSeason: 1,
      prov: MEM,
    },
  ],
  forbidden: [
    { crop: 'vegetables', why: 'This label is for ornamentals only: not on food crops.' },
    { crop: 'fruit', why: 'This label is for ornamentals only: not on food crops.' },
    { crop: 'herbs', why: 'This label is for ornamentals only: not on food crops.' },
  ],
  reEntry: { kind: 'hours', hours: 12 },
  bees: 'toxic',
  fish: true,
  protection: ['gloves', 'goggles', 'sleeves', 'boots'],
  rainfastHours: 24,
  groups: ['broad-insecticide'],
  gaps: [],
  mixLifeHours: 24,
  into: 'shake-in',
  cautions: [
    { text: 'Not on soaked soil. Never in bloom.', prov: CP },
    { text: 'Withdrawn for outdoor use in several places: check that it is allowed where you are.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
