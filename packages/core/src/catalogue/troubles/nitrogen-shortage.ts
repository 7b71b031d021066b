import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const nitrogenShortage = trouble({
  id: 'nitrogen-shortage',
  name: 'Nitrogen shortage',
  also: 'hungry plant, pale growth',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { any: 0.5, sweetcorn: 0.9, cabbage: 0.7, lettuce: 0.6, 'group:house': 0.4, basil: 0.7, courgette: 0.4 },
  seen: { always: 'all-pale', often: 'old-leaves-yellow stunted', sometimes: 'purple-tint', rarely: 'leaves-drop', never: 'mosaic webbing slime sticky' },
  first: 'all-pale',
  season: '4-9',
  favours: 'wet cool',
  unit: 'plants',
  facts: [cp('Pale all over, oldest leaves first; after rain on light soil, or in old compost.')],
  life: [['Growth', '4-9', 'whole plant', 'none']],
  open: cp('While growing.'),
  tolerate: cp("At the season's end leave it."),
  act: 0.3,
  again: 10,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never green veins on yellow young leaves.'),
  enemies: '',
  apart: { 'root-rot': 'Wet soil and soft roots.', 'iron-chlorosis': 'Youngest leaves, green veins.' },
  controls: [...GROWING, against('feed-it', 0.75, 'A balanced feed, weak and often.')],
});
