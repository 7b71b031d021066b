import { CP } from '../../measure';
import type { Control } from '../schema';

export const predatoryMites: Control = {
  id: 'predatory-mites',
  name: 'Predatory mites',
  act: 'Release them',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { minTempC: 15, duskOnly: true },
  how: [
    'At the first specks, not when leaves brown.',
    'Shake them over the leaves at dusk; mist in dry air.',
    'No sulfur for two weeks before; oil and soap a day before, so that they are dry.',
  ],
  works: { text: 'They hunt mites and thrips leaf by leaf.', prov: CP },
  cautions: [],
  doesNot: { text: 'They do nothing below 15 °C or in very dry air.', prov: CP },
  after: { text: 'Clean new leaves after three weeks; pear-shaped quick mites among the slow ones.', prov: CP },
  means: ['enemies'],
  does: 'cures',
  releases: 'mites',
};
