import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const magnesiumShortage = trouble({
  id: 'magnesium-shortage',
  name: 'Magnesium shortage', also: 'epsom salts, magnesium deficiency', kind: 'disorder', labelAs: 'disorders',
  hosts: { tomato: 1, rose: 0.6, grape: 0.7, raspberry: 0.6, apple: 0.5, potato: 0.6, pepper: 0.5, palm: 0.8, citrus: 0.6, 'french-bean': 0.3, beetroot: 0.3, courgette: 0.3, rhododendron: 0.3 },
  seen: { always: 'between-veins-old', often: 'purple-tint', sometimes: 'old-leaves-yellow leaves-drop', rarely: 'leaf-edge-scorch', never: 'mosaic webbing slime sticky' },
  first: 'between-veins-old',
  season: '6-10', favours: 'wet', unit: 'plants',
  facts: [cp('Old leaves yellow between green veins; much potash or rain brings it.')],
  life: [['Growth', '6-10', 'oldest leaves', 'none']],
  open: cp('Feed on the leaf or root while growing.'),
  tolerate: cp('Late in the season it costs nothing.'), act: 0.3, again: 14,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never the youngest leaves.'),
  enemies: '', apart: { 'iron-chlorosis': 'Youngest leaves first.', 'old-leaf-yellowing': 'Yellow all over, lowest leaf by leaf.' },
  controls: [...GROWING, use('feed-it', 0.65, 'Magnesium sulfate by the packet.')],
});
