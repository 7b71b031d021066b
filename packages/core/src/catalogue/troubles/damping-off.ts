import { MEM } from '../../measure';
import { SOIL_BORNE } from '../means';
import { cp, use, trouble } from '../write';

export const dampingOff = trouble({
  id: 'damping-off',
  name: 'Damping off', also: 'seedling blight', kind: 'fungus', labelAs: 'soil-diseases',
  hosts: { 'group:vegetable': 0.6, 'group:ornamental': 0.5, lettuce: 0.7, basil: 0.9, beetroot: 0.6, tomato: 0.6, pepper: 0.5, cactus: 0.3, pansy: 0.6, snapdragon: 0.6, petunia: 0.5 },
  seen: { always: 'seedling-pinched', often: 'green-crust-soil', sometimes: 'seedlings-gone sudden-wilt white-threads-base', rarely: 'stem-base-dark', never: 'slime cut-off webbing sticky' },
  first: 'seedling-pinched',
  season: '1-6', favours: 'wet cool', unit: 'trays',
  facts: [cp('Clean pots, fresh compost, thin sowing, water from below, air.')],
  life: [['In soil', 'all', 'old compost and pots', 'clearing'], ['Attack', '1-6', 'seedling necks', 'none']],
  open: cp('Before it starts; fallen ones do not rise.'),
  tolerate: cp('Prick out what stands, into fresh compost.'), act: 0.02, again: 2,
  by: 'soil splash tool', spread: cp('In wet compost and trays.'),
  never: cp('Never cut clean through.'),
  enemies: '', apart: { cutworm: 'Cutworms cut clean and are in the soil.', 'fungus-gnat': 'Gnat larvae are seen in the compost.' },
  controls: [...SOIL_BORNE, use('water-and-air', 0.5, 'Thin sowing, lids off, water from below.'), use('let-it-dry', 0.45, 'Let the surface dry between waterings.'), use('bacillus-subtilis-spray', 0.3, 'Early, as a guard, where the label carries it.', MEM)],
});
