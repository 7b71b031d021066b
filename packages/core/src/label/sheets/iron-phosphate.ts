import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const ironPhosphate: LabelSheet = {
  id: 'iron-phosphate',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Iron phosphate bait 1 GB',
  class: 'low-toxicity',
  actives: [
    { name: 'Ferric phosphate', percent: 1, moa: 'none assigned' },
  ],
  formulation: 'GB',
  state: 'dry',
  levelDensity: { gPerMl: 0.7, spread: 0.1, prov: MEM },
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'slugs',
      crops: ['vegetables', 'fruit', 'ornamentals'],
      pests: ['slugs'],
      rate: { form: 'per-m2', unit: 'g', min: 2.5, max: 5 },
      waterMlPerM2: 0,
      coverage: 'scattered',
      phiDays: 0,
      intervalDays: 7,
      maxPerSeason: null,
      prov: MEM,
    },
  ],
  forbidden: [],
  reEntry: { kind: 'until-dry' },
  bees: 'none',
  fish: false,
  protection: ['gloves'],
  rainfastHours: 3,
  groups: [],
  gaps: [],
  mixLifeHours: 240,
  into: 'not-mixed',
  cautions: [
    { text: 'Thinly, never in heaps. Keep the pack from pets.', prov: CP },
  ],
  disposal: 'Keep in its own pack, dry and locked away. Old bait to a hazardous-waste day.',
};
