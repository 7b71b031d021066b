import { MEM } from '../../measure';
import { ROOT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const onionFly = trouble({
  id: 'onion-fly',
  name: 'Onion fly',
  also: 'onion maggot',
  kind: 'insect',
  labelAs: 'root-flies',
  sizeMm: 8,
  hosts: { onion: 1.2, leek: 0.6, garlic: 0.4, chives: 0.4 },
  seen: {
    always: 'bulb-maggots',
    often: 'wilt-wet-soil smell-rot',
    sometimes: 'all-pale stunted',
    rarely: 'sudden-wilt',
    never: 'leek-white-lines white-threads-base windows',
  },
  first: 'wilt-wet-soil',
  season: '5-9',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('Sets escape more than seed; lift wilted ones with all maggots.')],
  life: [
    ['Fly', '5-8', 'at stem bases', 'cover'],
    ['Maggot', '6-9', 'in the bulb', 'clearing nematodes'],
    ['Pupa', '9-5', 'in the soil', 'clearing'],
  ],
  open: cp('Only before the egg; after, lift and bin.'),
  tolerate: cp('One or two lifted plants are the thinning.'),
  act: 0.05,
  again: 6,
  by: 'flight',
  spread: cp('Follows the smell of bruised onions.'),
  never: cp('Never white fluff with black grains.'),
  enemies: 'ground-beetle rove-beetle',
  apart: { 'white-rot': 'White rot: fluff and black grains.', 'allium-leaf-miner': 'A line of dots comes first.' },
  controls: [...ROOT_GRUBS, against('stem-collar', 0.05, 'Too close together for collars.', MEM)],
});
