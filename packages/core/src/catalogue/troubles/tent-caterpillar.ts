import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, use, trouble } from '../write';

export const tentCaterpillar = trouble({
  id: 'tent-caterpillar',
  name: 'Tent and web caterpillars', also: 'tent caterpillar, fall webworm, ermine moth, lackey moth', kind: 'insect', labelAs: 'caterpillars', sizeMm: 40,
  hosts: { apple: 0.7, cherry: 0.7, plum: 0.5, hawthorn: 0.9, 'flowering-cherry': 0.6, oak: 0.4, willow: 0.6, birch: 0.4, walnut: 0.5, rose: 0.2, blueberry: 0.2, elm: 0.3 },
  seen: { always: 'tents', often: 'hairy-caterpillars only-veins', sometimes: 'droppings', rarely: 'edge-eaten', never: 'slime sticky moving-specks procession' },
  first: 'tents',
  season: '4-9', favours: 'warm', unit: 'branches',
  facts: [cp('They go home to the tent in the evening: cut or wind it out then. Gloves: hairs may irritate.')],
  life: [['Egg band', '7-4', 'round twigs', 'hand'], ['Caterpillar', '4-9', 'tent and leaves near by', 'hand stomach'], ['Pupa', '6-9', 'in cocoons', 'none']],
  open: cp('Young, in the tent, in the evening.'),
  tolerate: cp('A grown tree bears a tent or two.'), act: 0.15, again: 7,
  by: 'flight', spread: cp('Moths lay bands of eggs on twigs.'),
  never: cp('Never fine webs with specks.'),
  enemies: 'parasitic-wasp', apart: { processionary: 'The procession walks nose to tail on oak or pine: keep away.', 'spider-mite': 'Mite webs are fine and hold specks, not caterpillars.' },
  controls: [...CATERPILLARS, use('hand-pick', 0.75, 'Gloved, wind the tent out in the evening.'), use('prune-out', 0.75, 'Cut the twig with the tent.'), use('row-cover', 0.02, 'Not on trees.', MEM)],
});
