import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const dryAirTips = trouble({
  id: 'dry-air-tips',
  name: 'Dry air and tip burn of house plants',
  also: 'brown tips, low humidity, fluoride tips',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { dracaena: 1.4, palm: 1.2, fern: 1.2, 'air-plant': 0.8, monstera: 0.6, 'group:house': 0.7, ivy: 0.4 },
  seen: { always: 'tips-brown', often: 'leaf-edge-scorch', sometimes: 'buds-drop', rarely: 'leaves-drop', never: 'webbing sticky slime pustules' },
  first: 'tips-brown',
  season: '10-4',
  favours: 'dry',
  unit: 'leaves',
  facts: [cp('Heated air or hard tap water: trim tips, leave a thin brown edge.')],
  life: [['Heating season', '10-4', 'leaf tips', 'none']],
  open: cp('Moist air, rain water.'),
  tolerate: cp('Tips are a matter of looks.'),
  act: 0.5,
  again: 14,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never specks that walk.'),
  enemies: '',
  apart: { 'spider-mite': 'Specks and webs.', 'salt-burn': 'White crust on the pot.' },
  controls: [...GROWING, against('raise-humidity', 0.6, 'A tray of pebbles and water.')],
});
