import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const appleScab: Trouble = {
  id: 'apple-scab',
  name: 'Apple scab',
  kind: 'fungus',
  hosts: { apple: 2, pear: 0.6 },
  signs: {
    'olive-spots': 'always',
    'fruit-scabs': 'often',
    'curled-tips': 'sometimes',
    'old-leaves-yellow': 'sometimes',
    powder: 'never',
    pustules: 'never',
    ants: 'rarely',
    sticky: 'rarely',
    webbing: 'never',
  },
  facts: [
    {
      text: 'Infection needs leaves to stay wet for hours; the warmer, the fewer.',
      prov: { mark: 'PUB', source: 'Mills 1944, revised MacHardy & Gadoury 1989' },
    },
    { text: 'It overwinters on fallen leaves under the tree.', prov: CP },
  ],
  months: [4, 5, 6, 7],
  favours: ['wet', 'cool'],
  unit: 'leaves',
  vulnerable: { text: 'From bud burst until the shoots stop growing; before the rain that would infect.', prov: CP },
  tolerate: { text: 'A few spotted leaves and marked fruit keep their taste.', prov: CP },
  threshold: { share: 0.05, prov: MEM },
  lookAgainDays: 7,
  enemies: [],
  lookAlikes: [],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0, why: 'Marked fruit is still good fruit.', prov: CP },
    { control: 'pick-off-leaves', effect: 0.3, why: 'Fallen leaves raked up now are spores gone next spring.', prov: CP },
    { control: 'water-and-air', effect: 0.25, why: 'An open tree dries sooner after rain.', prov: CP },
    { control: 'sulfur-spray', effect: 0.7, why: 'Guards new leaves ahead of a wet spell.', prov: CP },
    { control: 'licensed-person', effect: 0.9, why: 'For tall trees.', prov: CP },
  ],
};
