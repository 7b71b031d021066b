import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, mem, against, trouble } from '../write';

export const cornEarworm = trouble({
  id: 'corn-earworm',
  name: 'Corn earworm and tomato fruitworm',
  also: 'cob worm, bollworm, cotton bollworm',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 38,
  hosts: { sweetcorn: 1.6, tomato: 0.8, pepper: 0.6, 'french-bean': 0.2, okra: 0.7, pelargonium: 0.1 },
  seen: {
    always: 'fruit-hole',
    often: 'silk-tips-eaten fruit-caterpillar droppings',
    sometimes: 'ragged-holes',
    rarely: 'buds-holed',
    never: 'slime webbing big-galls-cob',
  },
  first: 'silk-tips-eaten droppings',
  season: '7-9',
  favours: 'warm',
  unit: 'cobs or fruits',
  facts: [
    cp('Eggs are laid on fresh silks; a few drops of oil on the silk tip once it wilts keep them out.'),
    mem('They eat each other, so one is left in a cob.'),
  ],
  life: [
    ['Egg', '7-8', 'on silks and leaves', 'egg-parasites'],
    ['Young', '7-8', 'on the silk', 'stomach contact'],
    ['Grown', '7-9', 'in cob or fruit', 'hand'],
    ['Pupa', '9-6', 'in soil', 'clearing'],
  ],
  open: cp('The first days on the silk, before they are in the cob.'),
  tolerate: cp('Cut the tip off: the rest of the cob is sound.'),
  act: 0.1,
  again: 3,
  by: 'flight wind',
  spread: cp('Moths fly in on warm winds.'),
  never: cp('Never grey swollen galls.'),
  enemies: 'parasitic-wasp pirate-bug lacewing-larva',
  apart: { 'corn-borer': 'The borer holes the stalk and leaves sawdust.', earwigs: 'Earwigs clip silks but leave no droppings like these.' },
  controls: [
    ...CATERPILLARS,
    against('bt-spray', 0.55, 'On the silks, every few days while they are fresh.'),
    against('row-cover', 0.3, 'Hard to keep over tall plants.', MEM),
  ],
});
