import { MEM } from '../../measure';
import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const honeyFungus = trouble({
  id: 'honey-fungus',
  name: 'Honey fungus', also: 'armillaria, bootlace fungus', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { 'group:shrub': 0.45, apple: 0.5, rose: 0.3, wisteria: 0.5, rhododendron: 0.5, 'ash-tree': 0.5, willow: 0.5, viburnum: 0.4, hydrangea: 0.4, peony: 0.2, raspberry: 0.2, plum: 0.3, blackcurrant: 0.3, maple: 0.4, birch: 0.5, fig: 0.2 },
  seen: { always: 'white-fan-bark', often: 'honey-toadstools dieback', sometimes: 'patch-in-row bark-cracks sudden-wilt leaves-drop', rarely: 'gum', never: 'webbing sticky slime trunk-frass' },
  first: 'dieback',
  season: 'all', favours: 'wet', unit: 'plants',
  facts: [cp('Peel bark at the base: a white sheet that smells of mushrooms. Black bootlaces run in the soil.')],
  life: [['In roots', 'all', 'stumps and roots', 'clearing'], ['Toadstools', '9-11', 'at the base', 'none']],
  open: cp('Stump and roots dug out; a barrier in the soil.'),
  tolerate: cp('Grass and herbs there instead of wood.'), act: 0.001, again: 30,
  by: 'soil', spread: cp('By bootlaces from stump to root.'),
  never: cp('Never single toadstools in mulch alone.'),
  enemies: '', apart: { 'mulch-toadstools': 'Toadstools in mulch away from the tree are harmless.' },
  controls: [...SOIL_BORNE, use('dig-out', 0.6, 'Stump and every root you can.'), use('let-it-dry', 0.1, 'Of little use.', MEM)],
});
