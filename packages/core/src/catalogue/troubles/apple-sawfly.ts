import { MEM } from '../../measure';
import { FRUIT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const appleSawfly = trouble({
  id: 'apple-sawfly',
  name: 'Apple sawfly',
  also: 'sawfly of fruitlets',
  kind: 'insect',
  labelAs: 'sawflies',
  sizeMm: 12,
  hosts: { apple: 0.9, plum: 0.5 },
  seen: {
    always: 'fruit-ribbon-scar',
    often: 'fruit-tunnel fruit-drop',
    sometimes: 'fruit-caterpillar',
    rarely: 'fruit-misshapen',
    never: 'webbing slime fruit-crescent',
  },
  first: 'fruit-ribbon-scar',
  season: '5-7',
  favours: 'warm',
  unit: 'fruits',
  facts: [cp('A ribbon scar on the skin, wet frass at a hole, and fruitlets falling in early summer.')],
  life: [
    ['Wasp', '4-5', 'at the blossom', 'none'],
    ['Egg', '5-5', 'under the sepals', 'none'],
    ['Grub', '5-6', 'under the skin, then the core', 'hand contact stomach clearing'],
    ['Cocoon', '7-4', 'in soil', 'nematodes'],
  ],
  open: cp('A few days after petal fall, at dusk.'),
  tolerate: cp('Scarred fruit is sound inside and fallen ones are thinning.'),
  act: 0.1,
  again: 7,
  by: 'flight',
  spread: cp('Small wasps at blossom time.'),
  never: cp('Never after midsummer.'),
  enemies: 'ground-beetle',
  apart: { 'codling-moth': 'The moth comes from midsummer and leaves no ribbon.', 'plum-curculio': 'Curculio leaves a crescent.' },
  controls: [
    ...FRUIT_GRUBS,
    against('pheromone-trap', 0.02, 'There is no lure; white cards tell.', MEM),
    against('hand-pick', 0.4, 'Pick marked fruitlets in late spring.'),
  ],
});
