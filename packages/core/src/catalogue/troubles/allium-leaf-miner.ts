import { MEM } from '../../measure';
import { ROOT_GRUBS } from '../means';
import { cp, mem, against, trouble } from '../write';

export const alliumLeafMiner = trouble({
  id: 'allium-leaf-miner',
  name: 'Allium leaf-mining fly',
  also: 'onion leaf miner fly',
  kind: 'insect',
  labelAs: 'root-flies',
  sizeMm: 4,
  hosts: { leek: 1.2, onion: 0.7, chives: 0.7, garlic: 0.6, 'family:Amaryllidaceae': 0.5 },
  seen: {
    always: 'leek-white-lines',
    often: 'bulb-maggots',
    sometimes: 'twisted-growth smell-rot',
    rarely: 'mine-trails',
    never: 'windows silvering slime sticky',
  },
  first: 'leek-white-lines',
  season: '3-11',
  favours: 'cool',
  unit: 'plants',
  facts: [
    cp('A line of white dots down the leaf first; then maggots and brown pupae in the shaft, and rot.'),
    mem('It flies twice, in spring and in autumn: cover then.'),
  ],
  life: [
    ['Fly', '3-4', 'on leaf tips', 'cover'],
    ['Maggot', '4-5', 'down the leaf to the base', 'none'],
    ['Pupa', '5-9', 'in the shaft', 'hand'],
    ['Autumn fly', '9-11', 'on leaf tips', 'cover'],
  ],
  open: cp('Never inside: keep the fly off with mesh in both flights.'),
  tolerate: cp('Outer layers are peeled off; badly mined ones rot.'),
  act: 0.05,
  again: 7,
  by: 'flight',
  spread: cp('Flies from garden to garden.'),
  never: cp('Never windows with a caterpillar.'),
  enemies: '',
  apart: { 'leek-moth': "The moth's grub is a caterpillar with a brown head.", 'onion-fly': 'Onion fly maggots are in the bulb and there are no dots.' },
  controls: [...ROOT_GRUBS, against('nematodes', 0.1, 'They sit in the plant, not the soil.', MEM)],
});
