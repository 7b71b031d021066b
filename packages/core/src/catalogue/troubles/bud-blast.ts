import { MEM } from '../../measure';
import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const budBlast = trouble({
  id: 'bud-blast',
  name: 'Rhododendron bud blast',
  also: 'bud blast',
  kind: 'fungus',
  labelAs: 'cankers',
  hosts: { rhododendron: 1 },
  seen: { always: 'cluster-buds-brown', often: 'buds-drop', sometimes: 'hoppers', rarely: 'dieback', never: 'webbing sticky slime grey-fur' },
  first: 'cluster-buds-brown',
  season: '1-6',
  favours: 'wet',
  unit: 'buds',
  facts: [cp('Black bristles on dead buds; leafhoppers let it in when they lay.')],
  life: [
    ['Bristles', 'all', 'dead buds', 'clearing'],
    ['Entry', '8-10', 'bud scales', 'none'],
  ],
  open: cp('Dead buds picked before midsummer.'),
  tolerate: cp('A tenth of the buds.'),
  act: 0.15,
  again: 30,
  by: 'insect splash',
  spread: cp('Leafhoppers and splash.'),
  never: cp('Never soft.'),
  enemies: '',
  apart: { 'frost-damage': 'Frosted buds have no bristles.' },
  follows: 'leafhopper',
  controls: [...WOOD_DISEASE, against('pick-off-leaves', 0.5, 'Pick dead buds and bin them.'), against('copper-spray', 0.05, 'Not worth it.', MEM)],
});
