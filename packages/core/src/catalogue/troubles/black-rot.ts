import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const blackRot = trouble({
  id: 'black-rot',
  name: 'Black rot of brassicas',
  also: 'bacterial black rot',
  kind: 'bacterium',
  labelAs: 'black-rot bacterial-diseases',
  hosts: { cabbage: 0.9, broccoli: 0.7, 'brussels-sprout': 0.5, 'salad-rocket': 0.3, 'family:Brassicaceae': 0.5 },
  seen: {
    always: 'v-yellow',
    often: 'brown-inside-stem',
    sometimes: 'smell-rot stunted leaves-drop',
    rarely: 'midday-droop',
    never: 'roots-clubbed webbing sticky pustules',
  },
  first: 'v-yellow',
  season: '6-10',
  favours: 'warm wet',
  unit: 'plants',
  facts: [cp('A yellow V from the leaf edge with black veins: from seed, by splash.')],
  life: [
    ['Seed', 'all', 'in seed and litter', 'clearing'],
    ['Leaf', '6-10', 'edge pores', 'protectant clearing'],
  ],
  open: cp('Clean seed and rotation; no cure.'),
  tolerate: cp('Pull the plant, cut the next ones early.'),
  act: 0.02,
  again: 7,
  by: 'seed splash tool',
  spread: cp('Seed, splash, insects.'),
  never: cp('Never spots in the middle first.'),
  enemies: '',
  apart: { 'potassium-shortage': 'Scorched edges all round, no V.' },
  controls: [
    ...LEAF_FUNGI,
    against('rotate-crops', 0.45, 'Three years without brassicas.'),
    against('dig-out', 0.5, 'Sick plants, dry day.'),
    against('copper-spray', 0.25, 'Slows the splash, no more.'),
  ],
});
