import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const organophosphateSpray: Control = {
  id: 'organophosphate-spray',
  name: 'Organophosphate spray',
  act: 'Mix the malathion',
  rung: 6,
  hazard: { people: 3, bees: 4, water: 4, helpers: 4, persistence: 2 },
  organic: false,
  sheet: 'malathion-50-ec',
  needs: { maxTempC: 29, maxSunWm2: 200, maxWindMs: 4, rainFreeHours: 24, leaf: 'dry', bees: 'always', daylight: true },
  how: [
    { text: 'Calm air, no rain for 24 hours.', at: 'before', open: true },
    { text: 'Gloves, goggles and cover.', at: 'list' },
    { text: 'Children and pets away until dry.', at: 'after' },
  ],
  works: { text: 'Broad contact and stomach kill.', prov: CP },
  cautions: [
    { text: 'Very toxic to bees: never on plants in flower.', prov: CP },
    { text: 'Kills helpers; mites often get worse after it.', prov: CP },
    { text: 'Check that it is allowed where you are.', prov: CP },
  ],
  doesNot: { text: 'It does not tell friend from foe: helpers die too, and mites may follow.', prov: CP },
  after: { text: 'Dead within a day; look for mites and for helpers two weeks later.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['scales'], effect: 0.4, why: 'Crawlers only.', prov: MEM },
    { pests: ['mealybugs'], effect: 0.5, why: 'Those that it wets.', prov: MEM },
  ],
};
