import { MEM } from '../../measure';
import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const rootKnotNematode = trouble({
  id: 'root-knot-nematode',
  name: 'Root-knot eelworm', also: 'root knot nematode', kind: 'worm', labelAs: 'soil-diseases',
  hosts: { tomato: 0.8, cucumber: 0.7, okra: 0.9, carrot: 0.6, lettuce: 0.4, pepper: 0.5, 'sweet-potato': 0.6, aubergine: 0.5, melon: 0.6, peach: 0.3, begonia: 0.4, fig: 0.6, courgette: 0.4, 'group:vegetable': 0.15 },
  seen: { always: 'roots-knots', often: 'stunted midday-droop', sometimes: 'patch-in-row all-pale fruit-misshapen wilt-wet-soil', rarely: 'root-tunnels', never: 'root-wool roots-clubbed slime' },
  first: 'stunted midday-droop',
  season: '5-10', favours: 'warm', unit: 'plants',
  facts: [cp('Knots sit in the root and can not be rubbed off; nodules of beans can.')],
  life: [['Egg', 'all', 'in roots and soil', 'clearing'], ['In the root', '5-10', 'in knots', 'none']],
  open: cp('In the soil only, by starving: no cure in the plant.'),
  tolerate: cp('Fed and watered well, a plant crops on.'), act: 0.1, again: 14,
  by: 'soil plants tool', spread: cp('On soil, boots and bought plants.'),
  never: cp('Never nodules that rub off.'),
  enemies: '', apart: { 'root-nodules': 'Nodules sit on the root and rub off.', 'club-root': 'Club root is one big swelling on brassicas.' },
  controls: [...SOIL_BORNE, use('let-it-dry', 0.1, 'Dry fallow kills some.', MEM), use('even-watering', 0.3, 'Eases the thirst of knotted roots.')],
});
