import { MEM } from '../../measure';
import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const droughtStress = trouble({
  id: 'drought-stress',
  name: 'Thirst', also: 'drought, underwatering, dry soil', kind: 'disorder', labelAs: 'disorders',
  hosts: { any: 0.8, hydrangea: 1.3, 'group:house': 0.9, cactus: 0.3, succulent: 0.3, lettuce: 0.9, celery: 0.9, rhododendron: 0.8, 'air-plant': 1, fern: 1.2, basil: 1, impatiens: 1 },
  seen: { always: 'wilt-dry-soil', often: 'leaf-edge-scorch midday-droop', sometimes: 'leaves-drop old-leaves-yellow stunted buds-drop tips-brown', rarely: 'curled-tips', never: 'wilt-wet-soil webbing slime sticky' },
  first: 'wilt-dry-soil',
  season: '4-10', favours: 'dry warm', unit: 'plants',
  facts: [cp('Push a finger in to the second joint: dry there means water, slowly, until it runs out.')],
  life: [['Dry spells', '4-10', 'whole plant', 'none']],
  open: cp('Now.'),
  tolerate: cp('Up again by evening: leave it.'), act: 0.1, again: 2,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never while the soil is wet.'),
  enemies: '', apart: { 'root-rot': 'Wet soil, soft roots.', 'midday-wilt': 'Up again by evening.' },
  controls: [...GROWING, use('even-watering', 0.9, 'Slowly and deep.'), use('let-it-dry', 0.01, 'The other way round.', MEM)],
});
