import { CP } from '../../measure';
import type { Control } from '../schema';

export const stickyCard: Control = {
  id: 'sticky-card',
  name: 'Sticky cards',
  act: 'Hang the cards',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 1, persistence: 0 },
  organic: true,
  needs: {},
  how: [
    'Yellow for flies and whitefly, blue for thrips, just above the leaves.',
    'One card to 2 square metres; count them weekly.',
    'Under glass and indoors only: outside they catch friends.',
  ],
  works: { text: 'They tell the numbers, and thin out the adults.', prov: CP },
  cautions: [{ text: 'Catches helpers and small birds outside.', prov: CP }],
  doesNot: { text: 'It does not clear a room: it thins and it tells.', prov: CP },
  after: { text: 'Fewer from week to week on the card.', prov: CP },
  means: ['hand'],
  does: 'aids',
};
