import { MEM } from '../../measure';
import { SOFT_SUCKERS } from '../means';
import { cp, against, trouble } from '../write';

export const laceBug = trouble({
  id: 'lace-bug',
  name: 'Lace bugs',
  also: 'andromeda lace bug, azalea lace bug',
  kind: 'insect',
  labelAs: 'lacebugs',
  sizeMm: 3.5,
  hosts: { rhododendron: 1.4, aubergine: 0.4, hawthorn: 0.5, chrysanthemum: 0.4, 'family:Ericaceae': 0.9, elm: 0.2, oak: 0.3 },
  seen: {
    always: 'coarse-stipple',
    often: 'black-specks',
    sometimes: 'bronzed cast-skins leaf-edge-scorch',
    rarely: 'lace-wings',
    never: 'webbing sticky hoppers',
  },
  first: 'coarse-stipple black-specks',
  season: '5-9',
  favours: 'dry warm',
  unit: 'leaves',
  facts: [cp('Bleached tops, and rusty-black varnish spots underneath; worst in full sun.')],
  life: [
    ['Egg', '10-4', 'in the leaf by the midrib', 'clearing'],
    ['Nymph', '5-7', 'undersides', 'water soap oil contact hand enemies systemic'],
    ['Adult', '6-10', 'undersides', 'water soap oil contact systemic'],
  ],
  open: cp('Nymphs in early summer: soap underneath, twice.'),
  tolerate: cp('In shade a shrub bears it.'),
  act: 0.25,
  again: 8,
  by: 'flight plants',
  spread: cp('Moves slowly from shrub to shrub.'),
  never: cp('Never leaps away.'),
  enemies: 'lacewing-larva spider-friend pirate-bug',
  apart: { leafhopper: 'Leafhoppers leap; no varnish spots.', 'spider-mite': 'Mites web.' },
  controls: [
    ...SOFT_SUCKERS,
    against('draw-off-ants', 0.02, 'Ants have no part in it.', MEM),
    against('shade-and-shelter', 0.35, 'In part shade they do far less.'),
    against('soap-spray', 0.7, 'Nymphs underneath, twice, ten days apart.'),
  ],
});
