import { MEM } from '../../measure';
import { BORERS } from '../means';
import { cp, against, trouble } from '../write';

export const cornBorer = trouble({
  id: 'corn-borer',
  name: 'Corn borer',
  also: 'stalk borer',
  kind: 'insect',
  labelAs: 'caterpillars borers',
  sizeMm: 25,
  hosts: { sweetcorn: 1, pepper: 0.4, dahlia: 0.3, 'family:Poaceae': 0.4 },
  seen: {
    always: 'stem-hole',
    often: 'sawdust pinholes',
    sometimes: 'scale-eggs fruit-hole one-runner-wilts fruit-caterpillar',
    rarely: 'droppings',
    never: 'slime webbing big-galls-cob sticky',
  },
  first: 'pinholes stem-hole',
  season: '6-9',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('A row of holes across young leaves, then a broken tassel and sawdust at a hole in the stalk.')],
  life: [
    ['Winter grub', '10-4', 'in old stalks', 'clearing'],
    ['Moth', '6-8', 'dusk', 'none'],
    ['Egg', '6-8', 'underneath, like scales', 'egg-parasites'],
    ['Young', '6-8', 'in the whorl', 'stomach contact'],
    ['Grown', '7-9', 'in stalk and cob', 'hand'],
  ],
  open: cp('Young ones in the whorl, before they bore.'),
  tolerate: cp('A stalk with one hole still bears.'),
  act: 0.15,
  again: 5,
  by: 'flight',
  spread: cp('Moths from old stalks.'),
  never: cp('Never galls.'),
  enemies: 'parasitic-wasp lacewing-larva ladybird',
  apart: { 'corn-earworm': 'The earworm enters at the silk and leaves the stalk whole.' },
  controls: [
    ...BORERS,
    against('clear-fallen', 0.5, 'Old stalks cut low and shredded.'),
    against('bt-spray', 0.6, 'Into the whorl, before they bore.'),
    against('egg-wasps', 0.55, 'They lay in the eggs.'),
    against('stem-collar', 0.02, 'They come by air.', MEM),
  ],
});
