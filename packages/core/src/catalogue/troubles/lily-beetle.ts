import { BEETLES } from '../means';
import { cp, use, trouble } from '../write';

export const lilyBeetle = trouble({
  id: 'lily-beetle',
  name: 'Lily beetle', also: 'scarlet lily beetle', kind: 'insect', labelAs: 'beetles', sizeMm: 8,
  hosts: { lily: 2, 'kin-liliaceae': 0.8 },
  seen: { always: 'scarlet-beetle', often: 'dirty-frass edge-eaten orange-eggs', sometimes: 'ragged-holes only-veins', rarely: 'flower-clean-gone', never: 'slime webbing sticky' },
  first: 'scarlet-beetle orange-eggs',
  season: '4-9', favours: 'warm', unit: 'plants',
  facts: [cp('Grubs carry their own wet droppings on their backs.'), cp('Beetles drop on their backs when disturbed: hold a hand beneath.')],
  life: [['Winter adult', '10-3', 'in soil and litter', 'none'], ['Egg', '4-7', 'undersides, in short rows', 'hand'], ['Grub', '5-8', 'under leaves, in frass', 'hand contact'], ['Beetle', '4-9', 'on the leaves', 'hand']],
  open: cp('Eggs and grubs by thumb from spring on, twice a week.'),
  tolerate: cp('Few: a bare lily does not flower next year.'), act: 0.05, again: 4,
  by: 'flight plants', spread: cp('Flies well; comes with bought bulbs and pots.'),
  never: cp('Never on anything but lilies and fritillaries.'),
  enemies: 'parasitic-wasp', apart: { 'soldier-beetle': 'Soldier beetles are slim and sit on flowers.', slugs: 'Slugs leave slime.' },
  controls: [...BEETLES, use('hand-pick', 0.75, 'Eggs, grubs and beetles, twice a week.')],
});
