import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const shotHole = trouble({
  id: 'shot-hole',
  name: 'Shot hole',
  also: 'coryneum blight, stone fruit shot hole',
  kind: 'fungus',
  labelAs: 'shot-hole leaf-spots',
  hosts: { cherry: 0.9, plum: 0.8, peach: 0.9, apricot: 1, 'flowering-cherry': 1.2 },
  seen: {
    always: 'shot-holes',
    often: 'brown-leaf-spots',
    sometimes: 'gum leaves-drop fruit-sunken-spots',
    rarely: 'dieback',
    never: 'slime pinholes webbing sticky',
  },
  first: 'brown-leaf-spots shot-holes',
  season: '4-9',
  favours: 'wet',
  unit: 'leaves',
  facts: [cp('Red-rimmed spots fall out and leave neat round holes; nothing has eaten them.')],
  life: [
    ['Winter', '11-3', 'buds and twigs', 'protectant kickback clearing'],
    ['Infection', '3-6', 'in rain', 'protectant kickback'],
    ['Holes', '5-9', 'leaves', 'clearing'],
  ],
  open: cp('At leaf fall and at bud swell.'),
  tolerate: cp('Cherry laurel bears it; thirst makes it look worse.'),
  act: 0.2,
  again: 10,
  by: 'splash',
  spread: cp('Splash from buds and twigs.'),
  never: cp('Never slime or droppings.'),
  enemies: '',
  apart: { 'bacterial-canker': 'Canker also has sunken bark and gum.', 'flea-beetle': 'Flea beetles leave pinholes on vegetables.' },
  controls: [...LEAF_FUNGI, against('prune-out', 0.35, 'Dead twigs in dry weather.')],
});
