import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const rust: Trouble = {
  id: 'rust',
  name: 'Rust',
  kind: 'fungus',
  hosts: { leek: 2, hollyhock: 2, 'broad-bean': 1, 'family:Fabaceae': 0.6, 'family:Amaryllidaceae': 1, 'family:Malvaceae': 1, 'family:Rosaceae': 0.5 },
  signs: {
    pustules: 'always',
    'yellow-spots-above': 'often',
    'curled-tips': 'rarely',
    bronzed: 'sometimes',
    powder: 'rarely',
    ants: 'rarely',
    webbing: 'never',
    'dark-crowd': 'rarely',
    sticky: 'never',
    slime: 'rarely',
  },
  facts: [
    { text: 'Many rusts keep to one kind of plant: leek rust does not go to hollyhocks.', prov: MEM },
    { text: 'Spores travel by wind and need wet leaves to enter.', prov: CP },
  ],
  months: [4, 5, 6, 7, 8, 9, 10],
  favours: ['wet', 'cool'],
  unit: 'leaves',
  vulnerable: { text: 'Before or at the first pustules; leaves that carry many are past help.', prov: CP },
  tolerate: { text: 'Leeks with a few pustules are good to eat once peeled.', prov: CP },
  threshold: { share: 0.1, prov: MEM },
  lookAgainDays: 7,
  enemies: [],
  lookAlikes: ['old-leaf-yellowing'],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0, why: 'Light rust late on costs little.', prov: CP },
    { control: 'pick-off-leaves', effect: 0.5, why: 'Takes spores away; bin them, do not compost.', prov: CP },
    { control: 'water-and-air', effect: 0.3, why: 'Dry leaves give spores no way in.', prov: CP },
    { control: 'sulfur-spray', effect: 0.7, why: 'Guards clean leaves; does not heal spotted ones.', prov: CP },
    { control: 'licensed-person', effect: 0.9, why: 'For what is beyond home means.', prov: CP },
  ],
};
