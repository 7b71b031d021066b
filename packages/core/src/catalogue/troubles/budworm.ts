import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const budworm = trouble({
  id: 'budworm',
  name: 'Budworm',
  also: 'tobacco budworm, geranium budworm',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 30,
  hosts: { petunia: 1.5, pelargonium: 1.3, rose: 0.7, snapdragon: 0.7, chrysanthemum: 0.4, hollyhock: 0.3 },
  seen: {
    always: 'buds-holed',
    often: 'bud-caterpillar droppings petals-ragged',
    sometimes: 'ragged-holes',
    rarely: 'flower-clean-gone',
    never: 'slime webbing buds-severed',
  },
  first: 'buds-holed droppings',
  season: '6-9',
  favours: 'warm dry',
  unit: 'buds',
  facts: [cp('Look at dusk: they come out to feed then. Their colour follows the flower they eat.')],
  life: [
    ['Egg', '5-9', 'on buds and leaves', 'none'],
    ['Young', '6-9', 'in the bud', 'stomach contact'],
    ['Grown', '6-9', 'on flowers at dusk', 'hand contact'],
    ['Pupa', '9-5', 'in the soil', 'none'],
  ],
  open: cp('Small ones boring into buds.'),
  tolerate: cp('Few flowers lost: pick them at dusk and leave it.'),
  act: 0.1,
  again: 4,
  by: 'flight',
  spread: cp('Moths fly at dusk; pupae overwinter where it is mild.'),
  never: cp('Never on leaves alone.'),
  enemies: 'parasitic-wasp pirate-bug',
  apart: { earwigs: 'Earwigs leave no round hole and no green droppings.', 'blossom-weevil': 'The weevil severs the stalk.' },
  controls: [
    ...CATERPILLARS,
    against('bt-spray', 0.6, 'Small ones on the buds; those inside are out of reach.'),
    against('row-cover', 0.1, 'Not over flowers.', MEM),
  ],
});
