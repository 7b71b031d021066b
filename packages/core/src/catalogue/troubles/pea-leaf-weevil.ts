import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const peaLeafWeevil = trouble({
  id: 'pea-leaf-weevil',
  name: 'Pea and bean weevil',
  also: 'bean leaf weevil',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 5,
  hosts: { pea: 1.5, 'broad-bean': 1.4, 'sweet-pea': 0.6, 'family:Fabaceae': 0.5 },
  seen: { always: 'edge-notches', often: 'stunted', sometimes: 'weevil-night', rarely: 'ragged-holes', never: 'slime dark-crowd webbing sticky c-grubs' },
  first: 'edge-notches',
  season: '3-7',
  favours: 'dry',
  unit: 'plants',
  facts: [cp('Even scallops along the edge look dramatic and cost a grown plant nothing.')],
  life: [
    ['Adult', '3-6', 'leaf edges', 'cover contact stomach'],
    ['Grub', '5-7', 'root nodules', 'none'],
    ['New adult', '7-9', 'leaves, then litter', 'none'],
  ],
  open: cp('Adults on seedlings: cover them.'),
  tolerate: cp('From six leaves on, leave it.'),
  act: 0.5,
  again: 7,
  by: 'flight crawling',
  spread: cp('Walks and flies in from clover and hedges.'),
  never: cp('Never eats the pods.'),
  enemies: 'ground-beetle',
  apart: { 'vine-weevil': 'Vine weevil is larger and not on peas.', birds: 'Birds tear and leave ribs.' },
  controls: [...BEETLES, against('leave-it', 0.3, 'They outgrow it nearly always.'), against('hand-pick', 0.1, 'They drop at a touch.', MEM)],
});
