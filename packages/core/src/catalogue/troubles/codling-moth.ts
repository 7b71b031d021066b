import { MEM } from '../../measure';
import { FRUIT_GRUBS } from '../means';
import { against, cp, inSoil, trouble } from '../write';

export const codlingMoth = trouble({
  id: 'codling-moth',
  name: 'Codling moth',
  also: 'apple maggot, worm in the apple',
  kind: 'insect',
  labelAs: 'codling-moth caterpillars',
  sizeMm: 18,
  hosts: { apple: 1.8, pear: 0.8, quince: 0.5, walnut: 0.5 },
  seen: {
    always: 'fruit-tunnel',
    often: 'fruit-caterpillar fruit-drop',
    sometimes: 'droppings',
    rarely: 'fruit-ribbon-scar',
    never: 'webbing slime fruit-maggots',
  },
  first: 'fruit-tunnel',
  season: '6-9',
  favours: 'warm dry',
  unit: 'fruits',
  facts: [
    cp('A hole at the eye with brown crumbs; the tunnel goes to the core and the pips are eaten.'),
    cp('Eggs hatch a few warm days after the moths fly on still warm evenings: that is the one moment.'),
  ],
  life: [
    ['Cocoon', '9-4', 'under loose bark', 'hand nematodes'],
    ['Moth', '5-8', 'flying on warm evenings', 'none'],
    ['Egg', '6-8', 'on leaf and fruitlet', 'egg-parasites'],
    ['Hatching', '6-8', 'on the skin, hours', 'stomach contact'],
    ['In fruit', '6-9', 'in the core', 'clearing'],
  ],
  open: cp('The hours between egg and fruit; hang a lure to know when.'),
  tolerate: cp('Thin the holed ones out; the rest is sound.'),
  act: 0.05,
  again: 7,
  by: 'flight',
  spread: cp('Moths of a garden fly a few hundred metres.'),
  never: cp('Never a ribbon scar on the skin.'),
  enemies: 'parasitic-wasp ground-beetle',
  apart: { 'apple-sawfly': 'The sawfly comes in May and leaves a ribbon scar.', 'plum-curculio': 'Curculio cuts a crescent.' },
  controls: [
    ...FRUIT_GRUBS,
    against('bt-spray', 0.3, 'Only at hatching, weekly.', MEM),
    against('grease-band', 0.1, 'Corrugated card bands catch cocooning grubs; grease does little.', MEM),
    against('pheromone-trap', 0.3, 'Tells the day moths fly.'),
    inSoil(10, against('nematodes', 0.45, 'On trunk and branches in early autumn.')),
  ],
});
