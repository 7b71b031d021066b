import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const budDrop = trouble({
  id: 'bud-drop',
  name: 'Bud drop',
  also: 'camellia bud drop, gardenia bud drop',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { rhododendron: 1, hoya: 0.8, orchid: 0.8, begonia: 0.5, 'sweet-pea': 0.6, pepper: 0.4, peony: 0.4, cactus: 0.7, hydrangea: 0.2, fig: 0.2 },
  seen: {
    always: 'buds-drop',
    often: 'wilt-dry-soil',
    sometimes: 'after-transplant',
    rarely: 'old-leaves-yellow',
    never: 'buds-holed grey-fur webbing sticky',
  },
  first: 'buds-drop',
  season: 'all',
  favours: 'dry',
  unit: 'buds',
  facts: [cp('Thirst when buds were formed, draught, or turning the pot.')],
  life: [
    ['Bud set', '7-10', 'as buds form', 'none'],
    ['Flowering', 'all', 'before opening', 'none'],
  ],
  open: cp('Even water while buds form; leave the pot where it is.'),
  tolerate: cp("Next season's buds."),
  act: 0.3,
  again: 14,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never holes.'),
  enemies: '',
  apart: { 'blossom-weevil': 'Severed stalks.', 'bud-blast': 'Black bristles on the bud.' },
  controls: [...GROWING, against('even-watering', 0.6, 'From midsummer on.'), against('raise-humidity', 0.3, 'Indoors.')],
});
