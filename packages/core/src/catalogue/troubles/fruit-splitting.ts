import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const fruitSplitting = trouble({
  id: 'fruit-splitting',
  name: 'Splitting of fruit and roots', also: 'cracking, split tomatoes, split cherries', kind: 'disorder', labelAs: 'disorders',
  hosts: { tomato: 1, cherry: 0.8, carrot: 0.7, plum: 0.5, fig: 0.5, cabbage: 0.5, grape: 0.5, melon: 0.5, radish: 0.6, apple: 0.3, potato: 0.3, gooseberry: 0.3 },
  seen: { always: 'fruit-split', often: 'fruit-drop', sometimes: 'grey-fur', rarely: 'fruit-dimples', never: 'webbing slime sticky fruit-tunnel' },
  first: 'fruit-split',
  season: '6-10', favours: 'wet', unit: 'fruits',
  facts: [cp('Rain after drought: the skin can not keep up.')],
  life: [['After rain', '6-10', 'ripening fruit', 'none']],
  open: cp('Even water; pick before the rain.'),
  tolerate: cp('Eat split ones first.'), act: 0.2, again: 7,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never a round hole.'),
  enemies: '', apart: { 'apple-scab': 'Scab cracks are corky.', birds: 'Pecks are torn holes.' },
  controls: [...GROWING, use('even-watering', 0.7, 'Even soil moisture.'), use('rain-cover', 0.5, 'Over ripening cherries.')],
});
