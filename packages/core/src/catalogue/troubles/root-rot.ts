import { MEM } from '../../measure';
import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const rootRot = trouble({
  id: 'root-rot',
  name: 'Root rot', also: 'phytophthora root rot, pythium, overwatering, drowned roots', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { 'group:house': 1.6, succulent: 1.5, cactus: 1.4, orchid: 1.5, raspberry: 0.7, rhododendron: 0.9, conifer: 0.4, citrus: 0.7, lavender: 1, 'african-violet': 1, strawberry: 0.6, pea: 0.4, blueberry: 0.4, kiwi: 0.3, 'group:shrub': 0.35, 'group:vegetable': 0.25, 'group:fruit': 0.25, pelargonium: 0.6, petunia: 0.4 },
  seen: { always: 'roots-brown-mushy', often: 'wilt-wet-soil all-pale', sometimes: 'stem-base-dark leaves-drop smell-rot old-leaves-yellow gnats', rarely: 'tips-brown', never: 'root-wool roots-clubbed webbing sticky' },
  first: 'wilt-wet-soil all-pale',
  season: 'all', favours: 'wet', unit: 'plants',
  facts: [cp('It wilts though the soil is wet, because the roots are gone: more water makes it worse.')],
  life: [['In wet soil', 'all', 'roots without air', 'clearing']],
  open: cp('While some roots are still white: cut, repot dry, wait.'),
  tolerate: cp('None in a pot: act at once.'), act: 0.01, again: 7,
  by: 'soil splash', spread: cp('In standing water and saucers.'),
  never: cp('Never in dry soil.'),
  enemies: '', apart: { 'drought-stress': 'Dry pot, light in the hand.', 'vine-weevil': 'Grubs among chewed roots.' },
  controls: [...SOIL_BORNE, use('let-it-dry', 0.55, 'Let it dry; empty the saucer; add drainage.'), use('cut-out-borer', 0.02, 'There is nothing to cut in a stem.', MEM)],
});
