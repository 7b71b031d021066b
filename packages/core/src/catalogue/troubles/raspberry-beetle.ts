import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const raspberryBeetle = trouble({
  id: 'raspberry-beetle',
  name: 'Raspberry beetle',
  also: 'raspberry maggot',
  kind: 'insect',
  labelAs: 'raspberry-beetle beetles',
  sizeMm: 4,
  hosts: { raspberry: 1.5, blackberry: 0.8 },
  seen: {
    always: 'fruit-caterpillar',
    often: 'fruit-leathery-brown',
    sometimes: 'fruit-misshapen buds-holed',
    rarely: 'windows',
    never: 'webbing slime sticky fruit-maggots',
  },
  first: 'buds-holed fruit-caterpillar',
  season: '5-8',
  favours: 'warm',
  unit: 'fruits',
  facts: [cp('One small tan grub in the plug end, which is dry and brown; autumn raspberries mostly escape.')],
  life: [
    ['Winter adult', '9-4', 'soil under the canes', 'hand'],
    ['Beetle', '5-6', 'flower buds', 'hand'],
    ['Egg and grub', '6-8', 'in flower and fruit', 'contact'],
    ['Pupa', '8-9', 'in soil', 'none'],
  ],
  open: cp('Hatching grubs, when the first fruit turns pink; at dusk for the bees.'),
  tolerate: cp('Salted water floats grubs out of picked fruit.'),
  act: 0.1,
  again: 7,
  by: 'flight soil',
  spread: cp('Flies in from wild brambles.'),
  never: cp('Never many tiny maggots: that is the spotted-wing fly.'),
  enemies: 'ground-beetle',
  apart: { 'spotted-wing-fly': "The fly's maggots are tiny, white and many, in soft fruit." },
  controls: [
    ...BEETLES,
    against('hand-pick', 0.3, 'Shake beetles from the flowers onto a sheet.'),
    against('row-cover', 0.2, 'Bees must reach the flowers.', MEM),
    against('dig-over', 0.2, 'Light forking in winter lays pupae open to birds.'),
  ],
});
