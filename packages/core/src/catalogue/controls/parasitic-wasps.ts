import { CP } from '../../measure';
import type { Control } from '../schema';

export const parasiticWasps: Control = {
  id: 'parasitic-wasps',
  name: 'Parasitic wasps under glass',
  act: 'Hang the cards out',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { minTempC: 18 },
  how: ['Under glass, above 18 °C by day, at the first few.', 'Hang the cards low among the leaves, out of sun.', 'Take sticky cards down first.'],
  works: { text: 'Each lays in one young pest after another.', prov: CP },
  cautions: [],
  doesNot: { text: 'They do nothing in the cold, or after a broad insecticide.', prov: CP },
  after: { text: 'Whitefly scales turn black within three weeks.', prov: CP },
  means: ['enemies'],
  does: 'cures',
  releases: 'wasps',
  underCoverOnly: true,
};
