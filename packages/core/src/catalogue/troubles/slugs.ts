import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const slugs: Trouble = {
  id: 'slugs',
  name: 'Slugs and snails',
  kind: 'mollusc',
  hosts: { lettuce: 2, cabbage: 1.2, hollyhock: 1, courgette: 1, 'broad-bean': 0.6, leek: 0.4, 'family:Fabaceae': 0.6, 'sweet-pea': 0.8 },
  signs: {
    slime: 'often', 'ragged-holes': 'always', 'night-feeding': 'often', 'edge-eaten': 'sometimes',
    droppings: 'rarely', caterpillar: 'never', 'egg-rafts': 'never', ants: 'rarely', sticky: 'rarely', webbing: 'never', 'dark-crowd': 'never', powder: 'never',
  },
  facts: [{ text: 'Mostly a trouble of cool wet months; they feed at night and hide by day under boards and leaves.', prov: CP }],
  months: [3, 4, 5, 6, 9, 10, 11],
  favours: ['wet', 'cool'],
  unit: 'plants',
  vulnerable: { text: 'At night and after rain, while they are out on the plants.', prov: CP },
  tolerate: { text: 'Established plants outgrow a few holes; seedlings do not.', prov: CP },
  threshold: { share: 0.1, prov: MEM },
  lookAgainDays: 3,
  enemies: [],
  lookAlikes: [],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0, why: 'Large plants outgrow a few holes.', prov: CP },
    { control: 'hand-pick', effect: 0.6, why: 'By torch after dark or rain.', prov: CP },
    { control: 'beer-saucer', effect: 0.5, why: 'Draws and drowns them; empty it daily.', prov: CP },
    { control: 'iron-phosphate-bait', effect: 0.8, why: 'They stop feeding and go to ground within days.', prov: CP },
    { control: 'licensed-person', effect: 0.9, why: 'For what is beyond home means.', prov: CP },
  ],
};
