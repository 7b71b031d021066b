import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const blossomEndRot = trouble({
  id: 'blossom-end-rot',
  name: 'Blossom end rot',
  also: 'bottom rot of tomatoes',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { tomato: 1.3, pepper: 0.9, courgette: 0.6, aubergine: 0.3, melon: 0.4 },
  seen: {
    always: 'blossom-end',
    often: 'fruit-leathery-brown',
    sometimes: 'wilt-dry-soil',
    rarely: 'fruit-misshapen',
    never: 'grey-fur webbing slime fruit-hole',
  },
  first: 'blossom-end',
  season: '6-9',
  favours: 'dry warm',
  unit: 'fruits',
  facts: [cp("Water comes unevenly, so lime does not reach the fruit's end; no spray mends it.")],
  life: [['Set', '6-8', 'young fruit in dry spells', 'none']],
  open: cp('Even water from fruit set.'),
  tolerate: cp('Cut the end off; later trusses are clean.'),
  act: 0.1,
  again: 7,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never at the stalk end.'),
  enemies: '',
  apart: { anthracnose: 'Sunken round spots anywhere.', 'late-blight': 'Marbled brown from the shoulder, leaves greasy.' },
  schools: [
    {
      topic: 'Calcium sprays and eggshells',
      positions: ['Feed calcium.', 'Water evenly; the soil holds enough.'],
      ours: 'Even water first.',
      why: 'The lime is in the soil and does not travel without water.',
    },
  ],
  controls: [...GROWING, against('even-watering', 0.75, 'The one cure.')],
});
