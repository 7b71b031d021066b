import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const viburnumBeetle = trouble({
  id: 'viburnum-beetle',
  name: 'Viburnum leaf beetle',
  also: 'viburnum beetle',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 5,
  hosts: { viburnum: 1.9 },
  seen: { always: 'skeleton-lace', often: 'only-veins', sometimes: 'droppings dieback', rarely: 'caterpillar', never: 'slime webbing sticky' },
  first: 'skeleton-lace',
  season: '5-9',
  favours: 'warm',
  unit: 'shoots',
  facts: [cp('Egg scars in rows of caps on the twig tips are cut out in winter.')],
  life: [
    ['Egg', '9-4', 'in twig tips under caps', 'hand clearing'],
    ['Grub', '5-6', 'undersides', 'hand soap contact stomach oil'],
    ['Beetle', '7-9', 'leaves', 'hand'],
  ],
  open: cp('Young grubs in late spring, twigs with eggs in winter.'),
  tolerate: cp('One season of lace does not kill a shrub.'),
  act: 0.2,
  again: 10,
  by: 'flight',
  spread: cp('Flies from shrub to shrub.'),
  never: cp('Never on other shrubs.'),
  enemies: 'parasitic-wasp ladybird lacewing-larva',
  apart: { 'copper-leaf-beetle': 'Copper beetles are seen by day in groups.' },
  controls: [...BEETLES, against('prune-out', 0.6, 'Twig tips with eggs, between leaf fall and spring.')],
});
