import { MEM } from '../../measure';
import { SAWFLIES } from '../means';
import { cp, mem, against, trouble } from '../write';

export const gooseberrySawfly = trouble({
  id: 'gooseberry-sawfly',
  name: 'Gooseberry sawfly',
  also: 'currant sawfly, imported currantworm',
  kind: 'insect',
  labelAs: 'sawflies',
  sizeMm: 20,
  hosts: { gooseberry: 2, redcurrant: 1.3, blackcurrant: 0.3 },
  seen: {
    always: 'caterpillar',
    often: 'only-veins edge-eaten eggs-along-veins',
    sometimes: 'droppings ragged-holes',
    rarely: 'ants sticky slime',
    never: 'dark-crowd webbing powder',
  },
  first: 'eggs-along-veins edge-eaten',
  season: '4-8',
  favours: 'warm',
  unit: 'shoots',
  facts: [
    cp('Larvae start low in the middle of the bush and can strip it within days, so the first look goes there.'),
    mem('They are sawfly larvae, not caterpillars of butterflies or moths: Bt kurstaki does not work on them.'),
  ],
  life: [
    ['Egg', '4-8', 'along the veins, low in the bush', 'hand'],
    ['Young larva', '4-8', 'in groups underneath', 'hand water soap contact stomach'],
    ['Grown larva', '5-9', 'all over the bush', 'hand water contact stomach'],
    ['Cocoon', 'all', 'in the soil', 'nematodes'],
  ],
  open: cp('Young larvae, in the week after the eggs hatch; pupae in the soil are out of reach.'),
  tolerate: cp('A handful of eaten leaves does not cost fruit this year.'),
  act: 0.05,
  again: 4,
  by: 'flight',
  spread: cp('Small wasps without a waist, three broods a year.'),
  never: cp('Never a butterfly: no scaly wings are about.'),
  enemies: 'lacewing-larva ground-beetle',
  apart: { tortrix: 'Tortrix spins leaves together.', 'winter-moth': 'Loopers walk in loops and come in spring.' },
  controls: [
    ...SAWFLIES,
    against('leave-it', 0.05, 'A bush can be bare within the week.'),
    against('hand-pick', 0.8, 'They sit in groups while small: turn the low leaves and squash them.'),
    against('hose-jet', 0.4, 'Knocks young larvae to the ground; some climb back.', MEM),
    against('pyrethrin-spray', 0.9, 'Contact kill of larvae that are hit, inside the bush too.'),
    against('organophosphate-spray', 0.9, 'Contact and stomach kill, of helpers too.'),
  ],
});
