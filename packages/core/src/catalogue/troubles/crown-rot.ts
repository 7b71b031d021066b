import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const crownRot = trouble({
  id: 'crown-rot',
  name: 'Crown and collar rot', also: 'foot rot, rhubarb crown rot, stem rot', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { rhubarb: 1.2, strawberry: 0.7, apple: 0.3, citrus: 0.5, peony: 0.4, petunia: 0.3, orchid: 0.8, 'african-violet': 0.8, cactus: 0.6, pansy: 0.5, courgette: 0.3, hosta: 0.4, artichoke: 0.4, pelargonium: 0.7, celery: 0.3, asparagus: 0.3, clematis: 0.2 },
  seen: { always: 'stem-base-dark', often: 'sudden-wilt smell-rot', sometimes: 'stunted wilt-wet-soil', rarely: 'white-threads-base', never: 'webbing sticky sawdust roots-clubbed' },
  first: 'stem-base-dark',
  season: 'all', favours: 'wet', unit: 'plants',
  facts: [cp('Planted too deep, mulch against the stem, or water in the crown.')],
  life: [['In soil', 'all', 'wet crowns', 'clearing']],
  open: cp('Free the crown of soil and mulch; cut to clean tissue.'),
  tolerate: cp('Lift and bin what is soft.'), act: 0.01, again: 7,
  by: 'soil splash', spread: cp('In wet soil.'),
  never: cp('Never sawdust.'),
  enemies: '', apart: { 'root-rot': 'In root rot the crown is firm first.', sclerotinia: 'White fluff with black grains.' },
  controls: [...SOIL_BORNE, use('let-it-dry', 0.45, 'Crown dry and free.')],
});
