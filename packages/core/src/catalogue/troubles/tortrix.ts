import { CATERPILLARS } from '../means';
import { cp, use, trouble } from '../write';

export const tortrix = trouble({
  id: 'tortrix',
  name: 'Tortrix caterpillars', also: 'leaf rollers, leaf tiers', kind: 'insect', labelAs: 'caterpillars', sizeMm: 18,
  hosts: { bay: 0.6, apple: 0.8, rose: 0.7, strawberry: 0.7, pear: 0.6, blackcurrant: 0.5, chrysanthemum: 0.7, pelargonium: 0.5, 'group:shrub': 0.35, grape: 0.5, hydrangea: 0.4, citrus: 0.4 },
  seen: { always: 'leaves-rolled', often: 'caterpillar windows', sometimes: 'droppings fruit-dimples ragged-holes', rarely: 'buds-holed', never: 'slime leaves-rolled-tight tents sticky' },
  first: 'leaves-rolled',
  season: '4-9', favours: 'warm', unit: 'shoots',
  facts: [cp('Touched, it wriggles backwards and drops on a thread.')],
  life: [['Winter grub', '10-3', 'in bark and webs', 'hand'], ['Caterpillar', '4-9', 'in spun leaves', 'hand stomach'], ['Pupa', '5-9', 'in the roll', 'hand'], ['Moth', '6-9', 'flying', 'none']],
  open: cp('Before the leaf is spun shut; after, pinch the roll.'),
  tolerate: cp('A few rolls are pinched; no spray.'), act: 0.2, again: 7,
  by: 'flight wind', spread: cp('Moths; young drift on threads.'),
  never: cp('Never tight long rolls without a caterpillar.'),
  enemies: 'parasitic-wasp', apart: { 'rose-leaf-roller': 'Tight tubes on roses come from a sawfly.', 'winter-moth': 'Winter moth loops when it walks.' },
  hidesInCurl: true,
  controls: [...CATERPILLARS, use('hand-pick', 0.75, 'Pinch each roll.'), use('bt-spray', 0.5, 'Into the shoot before rolls close.')],
});
