import { cp, use, trouble } from '../write';

export const poorPollination = trouble({
  id: 'poor-pollination',
  name: 'Poor pollination', also: 'misshapen cucumbers, no fruit set, empty cobs', kind: 'disorder', labelAs: 'disorders',
  hosts: { courgette: 1, cucumber: 0.6, strawberry: 0.7, sweetcorn: 0.9, pumpkin: 0.9, melon: 0.7, apple: 0.4, raspberry: 0.5, pear: 0.3, 'runner-bean': 0.8, tomato: 0.4, kiwi: 0.6 },
  seen: { always: 'fruit-misshapen', often: 'fruit-drop', sometimes: 'flowers-drop-thin-stalk', rarely: 'blossom-end', never: 'webbing sticky slime midge-larvae' },
  first: 'fruit-drop',
  season: '5-9', favours: 'cool wet', unit: 'fruits',
  facts: [cp('Cold wet weeks, few bees or fleece left on: brush pollen by hand.')],
  life: [['Flowering', '5-8', 'flowers', 'none']],
  open: cp('At flowering.'),
  tolerate: cp('The next flowers set.'), act: 0.4, again: 7,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never larvae inside.'),
  enemies: '', apart: { 'male-flower-drop': 'Male flowers always drop.', capsid: 'Tattered tips as well.' },
  controls: [use('leave-it', 0.5, 'Better weather brings bees.'), use('even-watering', 0.2, 'Dry flowers drop.'), use('water-and-air', 0.3, 'Covers off at first flower; brush pollen by hand.'), use('licensed-person', 0.05, 'Ask your extension office if it goes on.')],
});
