import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const sunscald = trouble({
  id: 'sunscald',
  name: 'Sunscald and scorch', also: 'sunburn on fruit', kind: 'disorder', labelAs: 'disorders',
  hosts: { tomato: 0.6, pepper: 0.7, apple: 0.4, gooseberry: 0.4, grape: 0.4, orchid: 0.8, monstera: 0.6, succulent: 0.7, cactus: 0.7, hosta: 0.5, 'group:house': 0.5, rhododendron: 0.3, begonia: 0.5, fern: 0.5, 'african-violet': 0.6, lettuce: 0.2, raspberry: 0.3, hydrangea: 0.4 },
  seen: { always: 'scorched-patches', often: 'fruit-leathery-brown', sometimes: 'leaf-edge-scorch corky-base', rarely: 'bark-cracks', never: 'webbing slime sticky grey-fur' },
  first: 'scorched-patches',
  season: '5-9', favours: 'warm dry', unit: 'leaves',
  facts: [cp('Bleached on the side to the sun, after leaves were stripped or a plant was moved out.')],
  life: [['Hot days', '5-9', 'sunny side', 'none']],
  open: cp('Shade for a week when moving out; keep some leaves on.'),
  tolerate: cp('What is bleached stays; new leaves are clean.'), act: 0.3, again: 10,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never on the shaded side.'),
  enemies: '', apart: { anthracnose: 'Spreads with rain.', 'greenback': 'Greenback stays hard and green at the shoulder.' },
  controls: [...GROWING, use('shade-and-shelter', 0.7, 'Shade at noon.')],
});
