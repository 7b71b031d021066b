import { MEM } from '../../measure';
import { cp, against, trouble } from '../write';

export const shotHoleBorer = trouble({
  id: 'shot-hole-borer',
  name: 'Shot-hole and bark beetles',
  also: 'bark beetle, ambrosia beetle',
  kind: 'insect',
  labelAs: 'borers',
  sizeMm: 3,
  hosts: { plum: 0.5, cherry: 0.5, elm: 0.8, conifer: 0.8, fig: 0.4, peach: 0.4, 'ash-tree': 0.4, apple: 0.3, 'crape-myrtle': 0.3, maple: 0.3, oak: 0.2 },
  seen: { always: 'exit-holes', often: 'dieback', sometimes: 'trunk-frass gum', rarely: 'leaves-drop', never: 'slime webbing honey-toadstools' },
  first: 'exit-holes',
  season: '4-10',
  favours: 'dry',
  unit: 'branches',
  facts: [cp('Many round pin-sized holes: the tree was weak before they came. Find out why.')],
  life: [
    ['Adult', '4-9', 'boring in', 'none'],
    ['Grub', '5-10', 'galleries under the bark', 'clearing'],
    ['Winter', '10-3', 'under the bark', 'clearing'],
  ],
  open: cp('Never inside: strength and clearing of dead wood.'),
  tolerate: cp('On dead twigs it is housekeeping.'),
  act: 0.05,
  again: 21,
  by: 'flight',
  spread: cp('From dead wood and log piles; elm ones carry a deadly wilt.'),
  never: cp('Never on a strong tree.'),
  enemies: 'parasitic-wasp',
  apart: { 'bark-borer': 'Single large holes with frass.' },
  controls: [
    against('leave-it', 0.1, 'A sign of weakness more than its cause.', MEM),
    against('even-watering', 0.4, 'A strong tree drowns them in sap.'),
    against('prune-out', 0.6, 'Holed wood comes out and is burnt or binned.'),
    against('clear-fallen', 0.4, 'Log piles breed them.'),
    against('licensed-person', 0.5, 'For a tree worth keeping.'),
  ],
});
