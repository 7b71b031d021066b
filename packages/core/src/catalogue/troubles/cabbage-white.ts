import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const cabbageWhite: Trouble = {
  id: 'cabbage-white',
  name: 'Cabbage white caterpillars',
  kind: 'insect',
  hosts: { cabbage: 2, 'family:Brassicaceae': 1 },
  signs: {
    'ragged-holes': 'always', droppings: 'often', caterpillar: 'often', 'egg-rafts': 'often', 'white-butterflies': 'often',
    'edge-eaten': 'sometimes', 'only-veins': 'sometimes', slime: 'rarely', ants: 'rarely', sticky: 'rarely', webbing: 'never',
  },
  facts: [
    { text: 'Droppings are often the first sign of caterpillars.', prov: CP },
    { text: 'Holed wrapper leaves are peeled off in the kitchen; what matters is the growing heart.', prov: CP },
  ],
  months: [4, 5, 6, 7, 8, 9, 10],
  favours: ['warm', 'dry'],
  unit: 'plants',
  vulnerable: { text: 'Small caterpillars that still eat on the outer leaves; large ones and pupae resist.', prov: CP },
  tolerate: { text: 'Holes in outer leaves only: leave them, and watch the heart.', prov: CP },
  threshold: { share: 0.2, prov: MEM },
  lookAgainDays: 5,
  enemies: ['lacewing-larva'],
  lookAlikes: [],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0.1, why: 'Cosmetic while the heart is whole.', prov: CP },
    { control: 'hand-pick', effect: 0.7, why: 'Turn the leaves; squash eggs and caterpillars.', prov: CP },
    { control: 'row-cover', effect: 0.9, why: 'Keeps the butterflies from laying, if no eggs are under it.', prov: CP },
    { control: 'bt-spray', effect: 0.9, why: 'Small caterpillars that eat it stop feeding at once and die in 3 to 4 days.', prov: CP },
    { control: 'neem-spray', effect: 0.4, why: 'Slows feeding of small ones.', prov: MEM },
    { control: 'pyrethrin-spray', effect: 0.8, why: 'Contact kill of those hit.', prov: CP },
    { control: 'organophosphate-spray', effect: 0.9, why: 'Contact and stomach kill, of helpers too.', prov: CP },
    { control: 'licensed-person', effect: 0.95, why: 'For what is beyond home means.', prov: CP },
  ],
};
