import { CP } from '../../measure';
import type { Control } from '../schema';

export const neemSpray: Control = {
  id: 'neem-spray',
  name: 'Neem oil spray',
  act: 'Mix the neem',
  rung: 4,
  hazard: { people: 1, bees: 2, water: 2, helpers: 1, persistence: 1 },
  organic: true,
  sheet: 'neem-oil',
  needs: { maxSunWm2: 120, maxTempC: 30, minTempC: 8, maxWindMs: 4.5, rainFreeHours: 24, leaf: 'dry', bees: 'in-flower', daylight: true },
  how: [
    { text: 'Stand the bottle in warm water for 5 minutes: it is solid when cool.', at: 'before', state: 'liquid' },
    { text: 'Soap in first, then oil; shake until frothy, and keep shaking.', at: 'list' },
    { text: 'Evening.', at: 'before' },
    { text: 'Lamps off indoors.', at: 'list' },
    { text: 'Weekly for the first month, then every two weeks.', at: 'after' },
  ],
  works: { text: 'Smothers at once; otherwise acts over weeks on growth and breeding.', prov: CP },
  cautions: [
    { text: 'Growers differ on bees: Sleetbrook treats it as unsafe for bees while wet.', prov: CP },
    { text: 'Never neat. Not on air plants.', prov: CP },
  ],
  doesNot: { text: 'It does not kill at once, apart from what it smothers.', prov: CP },
  after: { text: 'Young ones fewer after two weeks; growth clean after a month.', prov: CP },
  means: ['contact', 'stomach', 'eradicant', 'protectant'],
  does: 'cures',
  schools: [
    {
      topic: 'neem and bees',
      positions: ['Harmless to bees once it has dried, so any hour will do.', 'Keep it off open flowers: it harms bees while wet and brood later.'],
      ours: 'Not on open flowers by day; evening only.',
      why: 'The stricter view costs one evening and no crop.',
    },
  ],
};
