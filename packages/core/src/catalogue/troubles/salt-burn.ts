import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const saltBurn = trouble({
  id: 'salt-burn',
  name: 'Feed salts and hard water', also: 'fertiliser burn, overfeeding', kind: 'disorder', labelAs: 'disorders',
  hosts: { 'group:house': 0.9, dracaena: 1, orchid: 0.8, 'african-violet': 0.9, citrus: 0.4, tomato: 0.3, pepper: 0.2, strawberry: 0.2, 'group:vegetable': 0.15 },
  seen: { always: 'white-salt-rim', often: 'leaf-edge-scorch tips-brown', sometimes: 'stunted wilt-wet-soil', rarely: 'buds-drop', never: 'webbing sticky slime pustules' },
  first: 'white-salt-rim',
  season: 'all', favours: 'dry', unit: 'pots',
  facts: [cp('A white crust on pot or soil: flush with three pots of rain water.')],
  life: [['After feeding', 'all', 'roots and tips', 'none']],
  open: cp('Flush and stop feeding for a month.'),
  tolerate: cp('Crust on clay pots alone is only looks.'), act: 0.2, again: 14,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never fluffy.'),
  enemies: '', apart: { 'root-mealybug': 'Wool on the roots.', 'soil-crust': 'Green or grey crust is algae.' },
  controls: [...GROWING, use('even-watering', 0.6, 'Flush through with rain water.')],
});
