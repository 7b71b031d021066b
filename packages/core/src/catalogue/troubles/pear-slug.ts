import { SAWFLIES } from '../means';
import { cp, against, trouble } from '../write';

export const pearSlug = trouble({
  id: 'pear-slug',
  name: 'Pear slug sawfly',
  also: 'pear slugworm, cherry slug',
  kind: 'insect',
  labelAs: 'sawflies',
  sizeMm: 10,
  hosts: { pear: 1.2, cherry: 0.9, plum: 0.4, hawthorn: 0.6, quince: 0.5, 'flowering-cherry': 0.6 },
  seen: { always: 'slug-grubs', often: 'windows', sometimes: 'skeleton-lace leaves-drop scorched-patches', rarely: 'bronzed', never: 'slime droppings sticky' },
  first: 'windows slug-grubs',
  season: '6-9',
  favours: 'warm',
  unit: 'leaves',
  facts: [cp('Small slimy dark grubs graze the top skin; a handful of dry dust or a jet takes them off.')],
  life: [
    ['Egg', '6-8', 'in the leaf', 'none'],
    ['Grub', '6-9', 'leaf tops', 'hand water soap contact stomach'],
    ['Cocoon', '9-5', 'in the soil', 'nematodes'],
  ],
  open: cp('Grubs sit bare on top of the leaf.'),
  tolerate: cp('A grown tree late in summer bears it.'),
  act: 0.2,
  again: 7,
  by: 'flight',
  spread: cp('Small black wasps without a waist.'),
  never: cp('Never a slug: no trail on the ground.'),
  enemies: 'parasitic-wasp',
  apart: { slugs: 'True slugs hide by day and eat holes.' },
  controls: [...SAWFLIES, against('hose-jet', 0.6, 'They wash off and rarely climb back.'), against('soap-spray', 0.65, 'Bare and soft, on top of the leaf.')],
});
