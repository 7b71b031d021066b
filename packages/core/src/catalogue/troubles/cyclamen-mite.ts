import { MEM } from '../../measure';
import { TINY } from '../means';
import { cp, against, trouble } from '../write';

export const cyclamenMite = trouble({
  id: 'cyclamen-mite',
  name: 'Cyclamen and broad mites',
  also: 'tarsonemid mites',
  kind: 'mite',
  labelAs: 'mites',
  sizeMm: 0.2,
  hosts: { 'african-violet': 1.2, begonia: 1, strawberry: 0.6, primula: 1, impatiens: 0.7, pepper: 0.6, ivy: 0.5, citrus: 0.3, 'group:house': 0.2 },
  seen: {
    always: 'brittle-centre',
    often: 'stunted curled-tips',
    sometimes: 'buds-drop bronzed',
    rarely: 'moving-specks',
    never: 'webbing sticky green-crowd',
  },
  first: 'brittle-centre',
  season: 'all',
  favours: 'warm wet',
  unit: 'plants',
  facts: [cp('Too small for the eye: the hard, tiny heart leaves are the sign.')],
  life: [['All stages', 'all', 'deep in the heart and buds', 'enemies contact clearing']],
  open: cp('Sulfur or predatory mites reach what hides in the heart; soap hardly.'),
  tolerate: cp('Do not wait: bin the plant or keep it apart.'),
  act: 0.02,
  again: 10,
  by: 'plants tool crawling',
  spread: cp('On hands, tools and touching leaves.'),
  never: cp('Never webs.'),
  enemies: 'predatory-mite',
  apart: { 'mosaic-virus': 'Virus marks the leaf in patterns.', 'weedkiller-drift': 'Drift hits everything at once.' },
  controls: [
    ...TINY,
    against('hose-jet', 0.02, 'They sit deep in the heart.', MEM),
    against('soap-spray', 0.1, 'It hardly reaches into the heart.', MEM),
    against('neem-spray', 0.15, 'It hardly reaches into the heart.', MEM),
    against('predatory-mites', 0.6, 'They follow it into folded leaves.', MEM),
    against('dig-out', 0.7, 'One bad pot feeds the shelf.'),
    against('sulfur-spray', 0.6, 'Outdoors, where the label allows it.'),
  ],
});
