import { MEM } from '../../measure';
import { ROOT_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const bulbFly = trouble({
  id: 'bulb-fly',
  name: 'Narcissus bulb fly',
  also: 'bulb fly',
  kind: 'insect',
  labelAs: 'root-flies',
  sizeMm: 18,
  hosts: { daffodil: 1.3, lily: 0.2, 'family:Amaryllidaceae': 0.1 },
  seen: { always: 'bulb-soft-grub', often: 'stunted', sometimes: 'narrow-leaves', rarely: 'smell-rot', never: 'slime webbing pustules' },
  first: 'stunted',
  season: '4-9',
  favours: 'warm dry',
  unit: 'bulbs',
  facts: [cp('Bulbs that come up grassy or not at all: press them, soft ones hold one fat grub.')],
  life: [
    ['Fly', '5-7', 'at dying leaves on sunny days', 'cover'],
    ['Grub', '6-3', 'in the bulb', 'hand'],
    ['Pupa', '3-5', 'in the soil', 'none'],
  ],
  open: cp('Firm soil over the neck as leaves die down; soft bulbs binned.'),
  tolerate: cp('In grass and shade they hardly come.'),
  act: 0.05,
  again: 20,
  by: 'flight plants',
  spread: cp('Flies, and bought bulbs.'),
  never: cp('Never many maggots.'),
  enemies: 'ground-beetle',
  apart: { 'stem-nematode': 'Stem eelworm shows brown rings in the cut bulb.' },
  controls: [...ROOT_GRUBS, against('dig-out', 0.6, 'Soft bulbs go in the bin.'), against('nematodes', 0.2, 'Hardly reaches inside.', MEM)],
});
