import { CP, pub } from '../../measure';
import type { Control } from '../schema';

export const bagFruit: Control = {
  id: 'bag-fruit',
  name: 'Bag the fruit',
  act: 'Bag the fruit',
  rung: 2,
  hazard: { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 },
  organic: true,
  needs: {},
  how: ['Thin to one or two, slip a paper or mesh bag over each when it is 12 to 25 mm across.', 'Close it round the stalk.', 'Open it a week before picking.'],
  works: { text: 'What can not reach the fruit can not lay in it.', prov: CP },
  cautions: [],
  doesNot: { text: 'It does not help fruit that is already entered.', prov: CP },
  after: { text: 'Unpack two after a fortnight: no hole, no frass, skin dry.', prov: CP },
  means: ['cover'],
  does: 'prevents',
  when: { phases: ['fruit-growing'], text: 'when fruit is 12 to 25 mm across, four to six weeks after bloom', prov: pub('UC IPM pest notes: codling moth') },
};
