import { SOIL_BORNE } from '../means';
import { cp, against, trouble } from '../write';

export const whiteRot = trouble({
  id: 'white-rot',
  name: 'Onion white rot',
  also: 'white rot',
  kind: 'fungus',
  labelAs: 'soil-diseases',
  hosts: { onion: 1.1, garlic: 1.2, leek: 0.5, chives: 0.3, 'family:Amaryllidaceae': 0.6 },
  seen: {
    always: 'white-threads-base',
    often: 'black-grains wilt-wet-soil',
    sometimes: 'patch-in-row all-pale smell-rot stunted',
    rarely: 'old-leaves-yellow',
    never: 'bulb-maggots leek-white-lines webbing sticky',
  },
  first: 'all-pale white-threads-base',
  season: '4-9',
  favours: 'cool wet',
  unit: 'plants',
  facts: [cp('White fluff at the base with black grains like poppy seed: they live in the soil for fifteen years and more.')],
  life: [
    ['Grains', 'all', 'in soil', 'none'],
    ['Attack', '4-9', 'bulb base', 'clearing'],
  ],
  open: cp('Never: lift with the soil round it, bin, wash tools and boots.'),
  tolerate: cp('No onions there again for many years.'),
  act: 0.005,
  again: 7,
  by: 'soil tool plants',
  spread: cp('A spoon of soil on a boot is enough.'),
  never: cp('Never maggots first.'),
  enemies: '',
  apart: { 'onion-fly': 'Maggots, no black grains.' },
  inside: true,
  controls: [...SOIL_BORNE, against('dig-out', 0.5, 'With a bucket of soil round each, binned.')],
});
