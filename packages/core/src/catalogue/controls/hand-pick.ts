import { CP } from '../../measure';
import type { Control } from '../schema';

export const handPick: Control = {
  id: 'hand-pick',
  name: 'Pick off and squash',
  act: 'Pick them off by hand',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Gloves on.', 'Turn the leaves, low in the middle first.', 'Squash, or drop into soapy water.', 'Go round again in two days.'],
  works: { text: 'Quick on a few plants, and nothing else is harmed.', prov: CP },
  cautions: [{ text: 'Some caterpillar hairs itch: wear gloves.', prov: CP }],
  doesNot: { text: 'It does not find eggs and the smallest ones in one go: come again.', prov: CP },
  after: { text: 'Half as many at the next picking, and no fresh droppings.', prov: CP },
  means: ['hand'],
  does: 'cures',
};
