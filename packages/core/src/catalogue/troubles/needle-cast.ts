import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const needleCast = trouble({
  id: 'needle-cast',
  name: 'Needle cast of conifers',
  also: 'needle blight',
  kind: 'fungus',
  labelAs: 'blights leaf-spots',
  hosts: { conifer: 1.3 },
  seen: { always: 'needles-brown', often: 'leaves-drop', sometimes: 'dieback', rarely: 'gum', never: 'webbing sticky slime moving-specks' },
  first: 'needles-brown',
  season: '3-10',
  favours: 'wet',
  unit: 'branches',
  facts: [cp('Second-year needles brown with black dots, from low and inside out.')],
  life: [
    ['Needles', 'all', 'on needles', 'clearing'],
    ['Infection', '4-6', 'new needles in rain', 'protectant'],
  ],
  open: cp('New needles half grown, before rain.'),
  tolerate: cp('The oldest needles fall each autumn by themselves.'),
  act: 0.15,
  again: 30,
  by: 'splash wind',
  spread: cp('Splash.'),
  never: cp('Never moving specks.'),
  enemies: '',
  apart: { 'spider-mite': 'Mites: tap over paper, specks walk.', 'drought-stress': 'Drought browns the tips.' },
  controls: [...LEAF_FUNGI, against('prune-out', 0.3, 'Lowest branches for air.')],
});
