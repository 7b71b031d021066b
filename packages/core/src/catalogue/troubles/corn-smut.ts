import { cp, use, trouble } from '../write';

export const cornSmut = trouble({
  id: 'corn-smut',
  name: 'Corn smut', also: 'smut of sweetcorn', kind: 'fungus', labelAs: 'smuts',
  hosts: { sweetcorn: 1.3, 'family:Poaceae': 0.3 },
  seen: { always: 'big-galls-cob', often: 'leaf-swelling', sometimes: 'stunted', rarely: 'fruit-misshapen', never: 'silk-tips-eaten droppings webbing sticky' },
  first: 'big-galls-cob',
  season: '7-9', favours: 'warm dry', unit: 'plants',
  facts: [cp('Grey galls burst into black dust: cut them off and bag them before they burst. In some kitchens young ones are eaten.')],
  life: [['Spores', 'all', 'in soil, for years', 'clearing'], ['Galls', '7-9', 'cobs, stalks, tassels', 'clearing']],
  open: cp('Galls while still white and firm.'),
  tolerate: cp('Other cobs of the plant are sound.'), act: 0.05, again: 7,
  by: 'wind soil splash', spread: cp('Dust on wind; enters at wounds.'),
  never: cp('Never with a caterpillar of its own.'),
  enemies: '', apart: { 'corn-earworm': 'The earworm leaves droppings and eaten silks.' },
  controls: [use('leave-it', 0.05, 'It bursts and sheds spores.'), use('pick-off-leaves', 0.55, 'Cut galls off while firm; bag them.'), use('rotate-crops', 0.35, 'Spores rest for years.'), use('resistant-kinds', 0.5, 'Some kinds hardly take it.'), use('licensed-person', 0.3, 'For what is beyond home means.')],
});
