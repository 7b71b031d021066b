import { NO_CURE } from '../means';
import { cp, against, trouble } from '../write';

export const plumPox = trouble({
  id: 'plum-pox',
  name: 'Plum pox',
  also: 'sharka',
  kind: 'virus',
  labelAs: 'viruses',
  hosts: { plum: 0.5, peach: 0.5, apricot: 0.5, 'flowering-cherry': 0.2 },
  seen: {
    always: 'ring-spots',
    often: 'mosaic',
    sometimes: 'fruit-misshapen fruit-drop fruit-dimples',
    rarely: 'flower-streaks',
    never: 'webbing powder gum slime',
  },
  first: 'ring-spots',
  season: '5-9',
  favours: '',
  unit: 'trees',
  facts: [cp('Pale rings on leaf and fruit; there is no cure and it goes by aphids and grafts.')],
  life: [
    ['In the tree', 'all', 'all parts', 'none'],
    ['On the move', '5-9', 'in aphids and grafts', 'none'],
  ],
  open: cp('Never cured.'),
  tolerate: cp('Not left: ask the plant-health office before you move anything.'),
  act: 0.001,
  again: 14,
  by: 'insect plants',
  spread: cp('Aphids and grafting wood.'),
  never: cp('Never orange plates.'),
  enemies: '',
  apart: { 'shot-hole': 'Holes with a rim.' },
  report: { in: 'US CA AU NZ CH' },
  controls: [...NO_CURE, against('licensed-person', 0.95, 'Ask your plant-health office first.')],
});
