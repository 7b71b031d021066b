import { cp, use, trouble } from '../write';

export const potatoScab = trouble({
  id: 'potato-scab',
  name: 'Common scab of potatoes', also: 'potato scab, beet scab', kind: 'bacterium', labelAs: 'soil-diseases',
  hosts: { potato: 1.5, beetroot: 0.5, radish: 0.4, carrot: 0.3, parsnip: 0.3 },
  seen: { always: 'root-scabs', often: 'corky-base', sometimes: 'fruit-split', rarely: 'tuber-brown-rot', never: 'root-tunnels root-holes-clean smell-rot webbing' },
  first: 'root-scabs',
  season: '6-10', favours: 'dry warm', unit: 'tubers',
  facts: [cp('Skin deep: peel it. Dry limed soil brings it; water while tubers form.')],
  life: [['In soil', 'all', 'in soil', 'none'], ['Entry', '6-7', 'young tubers in dry soil', 'none']],
  open: cp('Moist soil in the weeks when tubers form.'),
  tolerate: cp('Peel and eat.'), act: 0.6, again: 14,
  by: 'soil plants', spread: cp('Soil and seed tubers.'),
  never: cp('Never rots.'),
  enemies: '', apart: { wireworm: 'Wireworm makes clean narrow holes.' },
  controls: [use('leave-it', 0.1, 'Peeled, they are good.'), use('even-watering', 0.6, 'While tubers form, keep the soil moist.'), use('resistant-kinds', 0.5, 'Many potatoes hardly take it.'), use('rotate-crops', 0.3, 'And no lime before potatoes.'), use('licensed-person', 0.05, 'Never needed.')],
});
