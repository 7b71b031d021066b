import { CP } from '../../measure';
import type { Control } from '../schema';

export const nematodes: Control = {
  id: 'nematodes',
  name: 'Beneficial nematodes',
  act: 'Water them in',
  rung: 3,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: { duskOnly: true },
  soilC: 12,
  how: [
    'Use fresh, at once; soil damp and as warm as the packet says.',
    'Water in at dusk, from a coarse rose, then water again.',
    'Keep the soil moist for two weeks.',
  ],
  works: { text: 'Tiny worms that seek out grubs in the soil.', prov: CP },
  cautions: [{ text: 'The right kind for the pest: read the packet.', prov: CP }],
  doesNot: { text: 'It does nothing in cold or dry soil.', prov: CP },
  after: { text: 'Fewer wilted plants in two weeks; limp, off-colour grubs when you dig.', prov: CP },
  means: ['nematodes'],
  does: 'cures',
  releases: 'nematodes',
};
