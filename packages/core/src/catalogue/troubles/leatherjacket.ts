import { MEM } from '../../measure';
import { SOIL_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const leatherjacket = trouble({
  id: 'leatherjacket',
  name: 'Leatherjackets',
  also: 'crane fly larvae',
  kind: 'insect',
  labelAs: 'soil-grubs',
  sizeMm: 30,
  hosts: { lettuce: 0.6, strawberry: 0.4, cabbage: 0.4, 'family:Poaceae': 0.6, beetroot: 0.4, pea: 0.2, 'family:Brassicaceae': 0.3 },
  seen: {
    always: 'leather-grubs',
    often: 'cut-off seedlings-gone',
    sometimes: 'wilt-wet-soil roots-chewed night-feeding',
    rarely: 'ragged-holes',
    never: 'slime webbing c-grubs wire-larvae',
  },
  first: 'cut-off',
  season: '3-6',
  favours: 'wet',
  unit: 'plants',
  facts: [cp('A sheet over wet soil at night brings them up: pick them off in the morning.')],
  life: [
    ['Grub', '9-6', 'roots and stem bases', 'nematodes hand'],
    ['Pupa', '7-8', 'in soil', 'none'],
    ['Crane fly', '8-9', 'flying over grass', 'none'],
  ],
  open: cp('Young grubs in autumn on warm moist soil.'),
  tolerate: cp('Grown plants are safe from them.'),
  act: 0.15,
  again: 7,
  by: 'flight soil',
  spread: cp('Crane flies lay in grass at the end of summer.'),
  never: cp('Never curls up when touched.'),
  enemies: 'ground-beetle rove-beetle',
  apart: { cutworm: 'Cutworms curl up and have legs.', 'chafer-grub': 'Chafer grubs are white and C-shaped.' },
  controls: [
    ...SOIL_GRUBS,
    against('row-cover', 0.1, 'Of use in late summer only.', MEM),
    against('hand-pick', 0.45, 'Under a sheet laid on wet soil overnight.'),
    against('stem-collar', 0.4, 'A collar round each transplant.'),
  ],
});
