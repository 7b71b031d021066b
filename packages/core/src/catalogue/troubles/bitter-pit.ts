import { GROWING } from '../means';
import { cp, against, trouble } from '../write';

export const bitterPit = trouble({
  id: 'bitter-pit',
  name: 'Bitter pit',
  also: 'stippen',
  kind: 'disorder',
  labelAs: 'disorders',
  hosts: { apple: 1, pear: 0.2, quince: 0.2 },
  seen: { always: 'fruit-pits', often: 'fruit-dimples', sometimes: 'wilt-dry-soil', rarely: 'fruit-drop', never: 'fruit-tunnel webbing slime olive-spots' },
  first: 'fruit-dimples',
  season: '8-11',
  favours: 'dry',
  unit: 'fruits',
  facts: [cp('Brown corky flecks under the skin, more in store; young vigorous trees and dry summers.')],
  life: [
    ['Summer', '6-9', 'growing fruit', 'none'],
    ['Store', '9-12', 'in store', 'none'],
  ],
  open: cp('Even water in summer.'),
  tolerate: cp('Peel and cook.'),
  act: 0.3,
  again: 14,
  by: 'none',
  spread: cp('Does not spread.'),
  never: cp('Never a hole.'),
  enemies: '',
  apart: { 'fruit-shield-bug': 'Bug dimples are few and deep.', 'apple-scab': 'Scab is on the skin.' },
  controls: [...GROWING, against('feed-it', 0.4, 'Less nitrogen, more lime.')],
});
