import { CP, MEM } from '../../measure';
import type { Trouble } from '../schema';

export const gooseberrySawfly: Trouble = {
  id: 'gooseberry-sawfly',
  name: 'Gooseberry sawfly',
  kind: 'insect',
  hosts: { gooseberry: 2 },
  signs: {
    'only-veins': 'often', 'edge-eaten': 'often', caterpillar: 'always', 'eggs-along-veins': 'often', droppings: 'sometimes',
    'ragged-holes': 'sometimes', 'dark-crowd': 'never', ants: 'rarely', sticky: 'rarely', slime: 'rarely', powder: 'rarely',
  },
  facts: [
    { text: 'Larvae start low in the middle of the bush and can strip it within days, so the first look goes there.', prov: CP },
    { text: 'They are sawfly larvae, not caterpillars of butterflies or moths: Bt kurstaki does not work on them.', prov: MEM },
  ],
  months: [4, 5, 6, 7, 8],
  favours: ['warm'],
  unit: 'shoots',
  vulnerable: { text: 'Young larvae, in the week after the eggs hatch; pupae in the soil are out of reach.', prov: CP },
  tolerate: { text: 'A handful of eaten leaves does not cost fruit this year.', prov: CP },
  threshold: { share: 0.05, prov: MEM },
  lookAgainDays: 4,
  enemies: ['lacewing-larva'],
  lookAlikes: [],
  hidesInCurl: false,
  controls: [
    { control: 'leave-it', effect: 0.05, why: 'A bush can be bare within the week.', prov: CP },
    { control: 'hand-pick', effect: 0.8, why: 'They sit in groups while small: turn the low leaves and squash them.', prov: CP },
    { control: 'hose-jet', effect: 0.4, why: 'Knocks young larvae to the ground; some climb back.', prov: MEM },
    { control: 'neem-spray', effect: 0.5, why: 'Slows feeding of small larvae.', prov: MEM },
    { control: 'pyrethrin-spray', effect: 0.9, why: 'Contact kill of larvae that are hit, inside the bush too.', prov: CP },
    { control: 'organophosphate-spray', effect: 0.9, why: 'Contact and stomach kill, of helpers too.', prov: CP },
    { control: 'licensed-person', effect: 0.95, why: 'For what is beyond home means.', prov: CP },
  ],
};
