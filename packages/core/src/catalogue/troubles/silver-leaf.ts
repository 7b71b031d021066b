import { MEM } from '../../measure';
import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const silverLeaf = trouble({
  id: 'silver-leaf',
  name: 'Silver leaf',
  also: 'silverleaf of plums',
  kind: 'fungus',
  labelAs: 'cankers',
  hosts: { plum: 1.2, cherry: 0.7, apple: 0.3, peach: 0.5, apricot: 0.5, 'flowering-cherry': 0.4, rhododendron: 0.1, hawthorn: 0.2 },
  seen: { always: 'silver-sheen', often: 'dieback', sometimes: 'brown-inside-stem', rarely: 'leaves-drop', never: 'black-specks webbing slivers sticky' },
  first: 'silver-sheen',
  season: '4-10',
  favours: 'wet',
  unit: 'branches',
  facts: [cp('Leaden leaves on one branch; a cut branch is stained brown. Prune only in dry summer.')],
  life: [
    ['Brackets', '9-5', 'dead wood, spores in wet', 'clearing'],
    ['In the wood', 'all', 'from cuts', 'clearing'],
  ],
  open: cp('Cut 15 cm beyond the stain in summer.'),
  tolerate: cp('Some trees recover: wait a year when light.'),
  act: 0.02,
  again: 30,
  by: 'wind tool',
  spread: cp('Spores to fresh cuts in the wet months.'),
  never: cp('Never scraped or specked.'),
  enemies: '',
  apart: { thrips: 'Thrips scrape and leave black specks.', 'fruit-tree-mite': 'Mites bronze all leaves.' },
  inside: true,
  controls: [...WOOD_DISEASE, against('leave-it', 0.25, 'Light cases recover.'), against('copper-spray', 0.02, 'It does nothing inside wood.', MEM)],
});
