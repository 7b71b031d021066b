import { GROWING } from '../means';
import { cp, trouble } from '../write';

export const tipBurn = trouble({
  id: 'tip-burn',
  name: 'Tip burn of lettuce and cabbage',
  also: 'inner leaf burn',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { lettuce: 1, cabbage: 0.5, celery: 0.6, strawberry: 0.4, 'salad-rocket': 0.2 },
  seen: { always: 'leaf-edge-scorch', often: 'brittle-centre', sometimes: 'tips-brown', rarely: 'smell-rot', never: 'webbing sticky slime droppings' },
  first: 'leaf-edge-scorch',
  season: '5-9',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('Inner leaf edges brown in warm fast growth: lime does not reach them.')],
  life: [['Warm spells', '5-9', 'inner leaves', 'none']],
  open: cp('Even water, shade, early picking.'),
  tolerate: cp('Trim and eat.'),
  act: 0.3,
  again: 5,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never grey fur at first.'),
  enemies: '',
  apart: { 'downy-mildew': 'Down underneath.' },
  controls: [...GROWING],
});
