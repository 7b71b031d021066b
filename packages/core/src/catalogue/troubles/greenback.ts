import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const greenback = trouble({
  id: 'greenback',
  name: 'Greenback of tomatoes',
  also: 'yellow shoulder',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { tomato: 0.9 },
  seen: {
    always: 'green-shoulder',
    often: 'scorched-patches',
    sometimes: 'leaf-edge-scorch',
    rarely: 'fruit-misshapen',
    never: 'webbing sticky slime ring-spots',
  },
  first: 'green-shoulder',
  season: '7-9',
  favours: 'warm dry',
  unit: 'fruits',
  facts: [cp('Hard green or yellow shoulders in heat, sun and too little potash.')],
  life: [['Hot weeks', '7-9', 'fruit shoulders', 'none']],
  open: cp('Shade and potash while fruit swells.'),
  tolerate: cp('Cut the shoulder off.'),
  act: 0.3,
  again: 10,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never rings.'),
  enemies: '',
  apart: { 'spotted-wilt': 'Rings on the fruit.' },
  controls: [
    ...GROWING,
    against('feed-it', 0.5, 'A feed rich in potash.'),
    against('shade-and-shelter', 0.5, 'Shade at noon, leaves left on.'),
    against('resistant-kinds', 0.5, 'Many tomatoes are free of it.'),
  ],
});
