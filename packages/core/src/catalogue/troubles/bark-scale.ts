import { SCALES } from '../means';
import { cp, against, trouble } from '../write';

export const barkScale = trouble({
  id: 'bark-scale',
  name: 'Felted bark scale',
  also: 'crape myrtle bark scale, felt scale',
  kind: 'insect',
  labelAs: 'scales',
  sizeMm: 2,
  hosts: { 'crape-myrtle': 2, oak: 0.4, ficus: 0.2, elm: 0.3, 'ash-tree': 0.3, 'other-shrub': 0.2 },
  seen: { always: 'bark-felt', often: 'soot sticky', sometimes: 'ants bumps-crust', rarely: 'dieback', never: 'powder webbing' },
  first: 'bark-felt soot',
  season: '4-10',
  favours: 'warm',
  unit: 'branches',
  facts: [
    cp('Black bark comes first to the eye; the white felt above it bleeds pink when crushed.'),
    cp('Soapy water and a soft brush take off scale and soot together.'),
  ],
  life: [
    ['Crawler', '4-6', 'pink, on bark and twigs', 'water soap oil contact enemies systemic'],
    ['Felted', 'all', 'crotches and rough bark', 'hand oil systemic'],
    ['Egg under felt', '4-9', 'inside the white sac', 'hand'],
  ],
  open: cp('Crawlers from mid spring; wash the bark first, so that anything after it reaches.'),
  tolerate: cp('Flowering suffers little from a few; soot is ugly, not deadly.'),
  act: 0.15,
  again: 14,
  by: 'wind plants insect',
  spread: cp('By birds, wind and nursery plants.'),
  never: cp('Never on leaves alone.'),
  enemies: 'ladybird lacewing-larva',
  apart: {
    'sooty-mould': 'The soot is only its track: wash, and look for the felt.',
    'woolly-aphid': 'Woolly aphid does not bleed pink.',
    lichen: 'Lichen is grey-green and dry.',
  },
  controls: [...SCALES, against('bark-wash', 0.7, 'Takes off felt, eggs and soot in one go.')],
});
