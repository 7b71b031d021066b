import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, against, except, trouble } from '../write';

export const rosemaryBeetle = trouble({
  id: 'rosemary-beetle',
  name: 'Rosemary beetle',
  also: 'rainbow beetle',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 7,
  hosts: { lavender: 1.8, 'kin-lamiaceae': 0.6, mint: 0.2 },
  seen: { always: 'rainbow-beetle', often: 'edge-eaten tips-brown', sometimes: 'only-veins', rarely: 'ragged-holes', never: 'slime webbing sticky' },
  first: 'rainbow-beetle',
  season: '8-4',
  favours: 'cool',
  unit: 'plants',
  facts: [cp('It feeds from late summer to spring: tap the shrub over a sheet in winter.')],
  life: [
    ['Beetle at rest', '5-8', 'on the shrub, hardly feeding', 'hand'],
    ['Grub', '9-4', 'on the shoot tips', 'hand contact stomach'],
    ['Pupa', '4-5', 'in the soil', 'none'],
  ],
  open: cp('Beetles and grubs shaken onto a sheet.'),
  tolerate: cp('A clipped, grown shrub bears some.'),
  act: 0.2,
  again: 14,
  by: 'flight plants',
  spread: cp('With bought plants.'),
  never: cp('Never on plants outside the mint family.'),
  enemies: 'ground-beetle',
  apart: { 'copper-leaf-beetle': 'That one has no stripes.' },
  controls: [
    ...except(BEETLES, 'pyrethrin-spray'),
    against('hand-pick', 0.7, 'Tapped onto a sheet under the shrub.'),
    against('row-cover', 0.1, 'Of little use on a shrub.', MEM),
  ],
});
