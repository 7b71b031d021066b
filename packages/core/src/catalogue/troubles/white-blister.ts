import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const whiteBlister = trouble({
  id: 'white-blister',
  name: 'White blister',
  also: 'white rust of brassicas',
  kind: 'fungus',
  labelAs: 'white-rusts',
  hosts: { cabbage: 0.6, 'brussels-sprout': 0.7, radish: 0.7, 'salad-rocket': 0.8, chrysanthemum: 0.2, 'family:Brassicaceae': 0.5 },
  seen: {
    always: 'white-blisters',
    often: 'yellow-spots-above',
    sometimes: 'twisted-growth',
    rarely: 'stunted',
    never: 'pustules powder webbing sticky flies-up',
  },
  first: 'white-blisters',
  season: '6-10',
  favours: 'wet cool',
  unit: 'leaves',
  facts: [cp('Chalky white blisters underneath, in rings; wiped, they leave white dust.')],
  life: [
    ['Winter', '11-4', 'soil and litter', 'clearing'],
    ['Blisters', '6-10', 'undersides', 'clearing protectant kickback'],
  ],
  open: cp('First blisters: pick the leaves.'),
  tolerate: cp('Outer leaves are peeled off.'),
  act: 0.15,
  again: 8,
  by: 'wind splash',
  spread: cp('Wind and splash.'),
  never: cp('Never orange.'),
  enemies: '',
  apart: { 'cabbage-whitefly': 'Whitefly rises when brushed.', rust: 'Rust is orange or brown.' },
  waterMould: true,
  controls: [
    ...LEAF_FUNGI,
    against('clear-fallen', 0.35, 'Old leaves carry its spores into the soil.'),
    against('rotate-crops', 0.4, 'Spores rest in the soil.'),
  ],
});
