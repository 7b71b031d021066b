import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const ironChlorosis = trouble({
  id: 'iron-chlorosis',
  name: 'Iron shortage', also: 'lime chlorosis, iron chlorosis', kind: 'disorder', labelAs: 'disorders',
  hosts: { blueberry: 1.3, rhododendron: 1.3, hydrangea: 0.8, citrus: 0.9, raspberry: 0.6, petunia: 0.8, rose: 0.3, 'african-violet': 0.3, strawberry: 0.4, pear: 0.4, peach: 0.4, wisteria: 0.3, oak: 0.3, maple: 0.3, orchid: 0.2, 'family:Ericaceae': 1, 'group:house': 0.3 },
  seen: { always: 'between-veins-young', often: 'stunted', sometimes: 'leaf-edge-scorch', rarely: 'dieback', never: 'mosaic webbing slime sticky' },
  first: 'between-veins-young',
  season: '3-10', favours: 'wet', unit: 'shoots',
  facts: [cp('Young leaves yellow with green veins: mostly lime in soil or tap water, not too little iron.')],
  life: [['Growth', '3-10', 'youngest leaves', 'none']],
  open: cp('Sequestered iron and rain water while growing.'),
  tolerate: cp('A pale tip or two.'), act: 0.2, again: 14,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never the oldest leaves first.'),
  enemies: '', apart: { 'magnesium-shortage': 'Oldest leaves first.', 'mosaic-virus': 'Mottled across the veins.' },
  controls: [...GROWING, use('feed-it', 0.65, 'Sequestered iron, rain water, ericaceous mulch.')],
});
