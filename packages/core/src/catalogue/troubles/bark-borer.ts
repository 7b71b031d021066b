import { MEM } from '../../measure';
import { cp, use, trouble } from '../write';

export const barkBorer = trouble({
  id: 'bark-borer',
  name: 'Clearwing and longhorn borers', also: 'peach tree borer, trunk borers, lilac borer', kind: 'insect', labelAs: 'borers', sizeMm: 30,
  hosts: { peach: 1.1, cherry: 0.7, plum: 0.7, apricot: 0.6, apple: 0.4, 'ash-tree': 0.8, birch: 0.7, rhododendron: 0.4, willow: 0.5, maple: 0.4, blackcurrant: 0.6, 'flowering-cherry': 0.6, oak: 0.3, elm: 0.3, raspberry: 0.3 },
  seen: { always: 'trunk-frass', often: 'exit-holes gum', sometimes: 'dieback bark-cracks one-runner-wilts', rarely: 'sunken-bark', never: 'slime webbing honey-toadstools' },
  first: 'trunk-frass',
  season: '4-9', favours: 'dry', unit: 'trunks',
  facts: [cp('Sawdust or frass with gum at a hole near the ground; dry, wounded trees are chosen.')],
  life: [['Egg', '6-8', 'on bark at wounds', 'contact'], ['Grub', 'all', 'under bark and in wood', 'hand'], ['Pupa', '5-7', 'under the bark', 'none'], ['Adult', '5-8', 'flying', 'none']],
  open: cp('Eggs and hatching grubs on the bark; inside, a wire.'),
  tolerate: cp('A strong tree walls in one or two.'), act: 0.02, again: 14,
  by: 'flight plants', spread: cp('Moths and beetles; fire wood.'),
  never: cp('Never clear gum alone without frass.'),
  enemies: 'parasitic-wasp', apart: { 'bacterial-canker': 'Canker: gum and sunken bark, no frass.', 'shot-hole-borer': 'Shot-hole borers leave many pin-sized holes.' },
  controls: [use('leave-it', 0.1, 'A strong tree may wall it in.', MEM), use('even-watering', 0.3, 'Thirsty trees call them.'), use('cut-out-borer', 0.5, 'A wire into the hole.'), use('prune-out', 0.5, 'A bored branch comes off below the hole.'), use('nematodes', 0.5, 'Squirted into the hole.'), use('licensed-person', 0.7, 'For a tree worth keeping.')],
});
