import { NO_CURE } from '../means';
import { cp, trouble } from '../write';

export const potatoLeafRoll = trouble({
  id: 'potato-leaf-roll',
  name: 'Potato leaf roll',
  also: 'leafroll virus',
  kind: 'virus',
  labelAs: 'viruses',
  hosts: { potato: 0.8 },
  seen: { always: 'leaves-rolled-tight', often: 'stunted all-pale', sometimes: 'purple-tint', rarely: 'mosaic', never: 'webbing powder slime leaves-rolled' },
  first: 'leaves-rolled-tight',
  season: '6-9',
  favours: 'dry warm',
  unit: 'plants',
  facts: [cp('Lower leaves roll up and rattle; it comes with saved tubers and by aphids.')],
  life: [
    ['In tubers', 'all', 'saved seed', 'clearing'],
    ['On the move', '5-8', 'in aphids', 'cover'],
  ],
  open: cp('Certified tubers each year.'),
  tolerate: cp('Eat the tubers, save none.'),
  act: 0.02,
  again: 10,
  by: 'insect plants',
  spread: cp('Aphids and tubers.'),
  never: cp('Never silk in the roll.'),
  enemies: '',
  apart: { 'drought-stress': 'Heat rolls leaves softly and they unroll.' },
  controls: [...NO_CURE],
});
