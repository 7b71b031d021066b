import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const softRot = trouble({
  id: 'soft-rot',
  name: 'Bacterial soft rot', also: 'blackleg, slimy rot', kind: 'bacterium', labelAs: 'bacterial-diseases',
  hosts: { potato: 0.9, cabbage: 0.4, celery: 0.6, orchid: 0.7, onion: 0.5, carrot: 0.4, pelargonium: 0.4, succulent: 0.7, 'sweet-potato': 0.3, monstera: 0.4, dracaena: 0.4, hosta: 0.3, 'air-plant': 0.7, aloe: 0.9, rhubarb: 0.3, primula: 0.4 },
  seen: { always: 'smell-rot', often: 'stem-base-dark angular-wet', sometimes: 'sudden-wilt heart-eaten', rarely: 'tuber-brown-rot', never: 'grey-fur webbing sticky white-threads-base' },
  first: 'angular-wet smell-rot',
  season: 'all', favours: 'wet warm', unit: 'plants',
  facts: [cp('Soft, wet and it smells; it enters by wounds and standing water.')],
  life: [['All year', 'all', 'wet wounds, soil', 'clearing']],
  open: cp('Cut to dry clean flesh; keep dry.'),
  tolerate: cp('None in store: one rots the box.'), act: 0.01, again: 4,
  by: 'splash tool soil', spread: cp('Water, tools, insects.'),
  never: cp('Never dry or furry.'),
  enemies: '', apart: { 'root-rot': 'In root rot the roots go first.', 'late-blight': 'Blight: dry brown under the skin at first.' },
  controls: [...SOIL_BORNE, use('let-it-dry', 0.5, 'Dry crowns and stores.'), use('pick-off-leaves', 0.3, 'Cut with a clean blade.')],
});
