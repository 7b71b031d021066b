import { MEM } from '../../measure';
import { FRUIT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const plumCurculio = trouble({
  id: 'plum-curculio',
  name: 'Plum curculio',
  also: 'fruit weevil, snout beetle',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 5,
  hosts: { plum: 1, peach: 0.8, apple: 0.7, cherry: 0.7, apricot: 0.7, pear: 0.3, blueberry: 0.3 },
  seen: {
    always: 'fruit-crescent',
    often: 'fruit-drop snout-beetle-fruit',
    sometimes: 'gum fruit-misshapen',
    rarely: 'fruit-caterpillar',
    never: 'webbing slime fruit-ribbon-scar',
  },
  first: 'fruit-crescent',
  season: '4-7',
  favours: 'warm wet',
  unit: 'fruits',
  facts: [cp('A crescent cut on the fruitlet is the egg-laying mark; beetles fall when the tree is jarred in the cool morning.')],
  life: [
    ['Winter adult', '9-4', 'litter and hedges', 'clearing'],
    ['Adult', '4-6', 'fruitlets', 'hand contact stomach'],
    ['Grub', '5-7', 'in the fruitlet', 'clearing'],
    ['Pupa', '6-8', 'in the soil', 'none'],
  ],
  open: cp('Adults from petal fall for about four weeks.'),
  tolerate: cp('Some scarred fruit grows on; drop is partly thinning.'),
  act: 0.05,
  again: 4,
  by: 'flight',
  spread: cp('Walks and flies in from woods.'),
  never: cp('Never a long ribbon scar.'),
  enemies: 'ground-beetle spider-friend',
  apart: { 'apple-sawfly': 'The sawfly leaves a ribbon scar and wet frass.', 'codling-moth': 'The moth bores to the core.' },
  controls: [
    ...FRUIT_GRUBS,
    against('pheromone-trap', 0.05, 'No lure worth the name at home.', MEM),
    against('hand-pick', 0.45, 'Jar the tree over a sheet at sunrise.'),
  ],
});
