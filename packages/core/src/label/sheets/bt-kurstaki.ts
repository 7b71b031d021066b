import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const btKurstaki: LabelSheet = {
  id: 'bt-kurstaki',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Bt kurstaki WP',
  class: 'biological',
  actives: [
    { name: 'Bacillus thuringiensis subsp. kurstaki', percent: 54, moa: '11A' },
  ],
  formulation: 'WP',
  state: 'dry',
  levelDensity: { gPerMl: 0.4, spread: 0.15, prov: MEM },
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'caterpillars',
      crops: ['vegetables', 'fruit', 'ornamentals'],
      pests: ['cabbage-white'],
      rate: { form: 'per-litre', unit: 'g', min: 0.5, max: 1 },
      waterMlPerM2: 100,
      coverage: 'wetted',
      phiDays: 0,
      intervalDays: 5,
      maxPerSeason: null,
      prov: MEM,
    },
  ],
  forbidden: [],
  reEntry: { kind: 'hours', hours: 4 },
  bees: 'none',
  fish: false,
  protection: ['gloves', 'goggles', 'sleeves', 'mask'],
  rainfastHours: 6,
  groups: [],
  gaps: [],
  mixLifeHours: 12,
  into: 'slurry-first',
  cautions: [
    { text: 'May irritate skin. Wash produce.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
