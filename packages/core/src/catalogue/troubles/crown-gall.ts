import { MEM } from '../../measure';
import { NO_CURE } from '../means';
import { cp, use, trouble } from '../write';

export const crownGall = trouble({
  id: 'crown-gall',
  name: 'Crown gall', also: 'agrobacterium gall', kind: 'bacterium', labelAs: 'bacterial-diseases',
  hosts: { rose: 0.5, raspberry: 0.6, apple: 0.3, peach: 0.5, cherry: 0.4, plum: 0.3, grape: 0.5, chrysanthemum: 0.2, blueberry: 0.3, walnut: 0.4, willow: 0.2, dahlia: 0.3 },
  seen: { always: 'crown-gall', often: 'stunted', sometimes: 'leaf-swelling', rarely: 'dieback', never: 'roots-clubbed roots-knots webbing sticky' },
  first: 'crown-gall',
  season: 'all', favours: 'warm wet', unit: 'plants',
  facts: [cp('A rough, woody lump at the soil line; it enters by wounds. Look before you buy.')],
  life: [['In soil', 'all', 'in soil for years', 'none'], ['In the plant', 'all', 'lumps', 'clearing']],
  open: cp('Never cured.'),
  tolerate: cp('Grown plants live with it.'), act: 0.1, again: 30,
  by: 'soil tool plants', spread: cp('Wounds, tools, bought plants.'),
  never: cp('Never on brassica roots: that is club root.'),
  enemies: '', apart: { 'gall-maker': 'Insect galls sit on leaf and twig.', 'cactus-corking': 'Old bark is firm and even.' },
  controls: [...NO_CURE, use('prune-out', 0.1, 'Cutting it spreads it as often as not.', MEM)],
});
