import { CP } from '../../measure';
import type { LabelSheet } from '../schema';

/** Specimen under a generic name: check against your own label. */
export const potassiumSoap: LabelSheet = {
  id: 'potassium-soap',
  version: 1,
  specimen: true,
  restricted: false,
  name: 'Potassium soap concentrate',
  class: 'low-toxicity',
  actives: [{ name: 'Potassium salts of fatty acids', percent: 49, moa: 'contact, none assigned' }],
  formulation: 'SL',
  state: 'liquid',
  signalWord: 'caution',
  organicListed: true,
  outdoors: true,
  indoors: true,
  lines: [
    {
      id: 'soft-bodied',
      crops: ['vegetables', 'fruit', 'herbs', 'ornamentals', 'house-plants'],
      pests: ['aphids', 'mites', 'whiteflies', 'mealybugs', 'scales', 'psyllids', 'leafhoppers', 'thrips', 'plant-bugs', 'lacebugs'],
      rate: { form: 'per-litre', unit: 'ml', min: 10, max: 20 },
      waterMlPerM2: 400,
      coverage: 'run-off',
      phiDays: 0,
      intervalDays: 1,
      maxPerSeason: null,
      prov: CP,
    },
  ],
  forbidden: [{ crop: 'ferns', why: 'Soap burns many ferns.' }],
  reEntry: { kind: 'until-dry' },
  bees: 'wet',
  fish: true,
  protection: ['gloves', 'goggles', 'sleeves'],
  maxTempC: 32,
  rainfastHours: 1,
  groups: ['soap'],
  gaps: [],
  mixLifeHours: 24,
  into: 'foams-last',
  cautions: [
    { text: 'New to a plant: try a few leaves and wait 24 to 48 hours.', prov: CP },
    { text: 'Washes off into ponds: kills fish.', prov: CP },
  ],
  disposal: 'Rinse the sprayer over the treated plants. Rinse the empty three times into the last load. Take old product to a hazardous-waste day.',
};
