import { CP, MEM } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const bacillusSubtilis: LabelSheet = {
  id: 'bacillus-subtilis',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Bacillus subtilis suspension',
  class: 'biological',
  actives: [{ name: 'Bacillus subtilis, living spores', percent: 1.3, moa: 'BM02' }],
  formulation: 'SC',
  state: 'liquid',
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'fungi',
      crops: ['vegetables', 'fruit', 'herbs', 'ornamentals', 'house-plants'],
      pests: ['powdery-mildew', 'grey-mould', 'leaf-spots', 'scab', 'blights', 'downy-mildews', 'mummy-berry', 'bacterial-diseases', 'brown-rot', 'black-spot'],
      rate: { form: 'per-litre', unit: 'ml', min: 10, max: 20 },
      waterMlPerM2: 100,
      coverage: 'wetted',
      phiDays: 0,
      intervalDays: 7,
      maxPerSeason: null,
      prov: MEM,
    },
  ],
  forbidden: [],
  reEntry: { kind: 'hours', hours: 4 },
  bees: 'none',
  fish: false,
  protection: ['gloves', 'goggles', 'sleeves', 'mask'],
  maxTempC: 32,
  rainfastHours: 4,
  groups: [],
  gaps: [{ group: 'copper', days: 3, prov: MEM }],
  mixLifeHours: 12,
  into: 'shake-in',
  cautions: [
    { text: 'Living: keep cool, use the mix the same day.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
