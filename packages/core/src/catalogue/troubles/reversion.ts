import { NO_CURE } from '../means';
import { cp, trouble } from '../write';

export const reversion = trouble({
  id: 'reversion',
  name: 'Blackcurrant reversion',
  also: 'reversion virus',
  kind: 'virus',
  labelAs: 'viruses',
  hosts: { blackcurrant: 1 },
  seen: {
    always: 'narrow-leaves',
    often: 'big-buds',
    sometimes: 'flower-green fruit-drop stunted',
    rarely: 'all-pale',
    never: 'webbing powder slime pustules',
  },
  first: 'narrow-leaves',
  season: '4-8',
  favours: '',
  unit: 'bushes',
  facts: [cp('Fewer lobes and veins, bright smooth flower buds, little fruit: big bud mites carry it.')],
  life: [
    ['In the bush', 'all', 'all parts', 'clearing'],
    ['On the move', '3-5', 'in big bud mites', 'none'],
  ],
  open: cp('Never cured: dig out, plant certified ones elsewhere.'),
  tolerate: cp('A bush that still fruits may stay, away from new ones.'),
  act: 0.05,
  again: 30,
  by: 'insect plants',
  spread: cp('Gall mites and cuttings.'),
  never: cp('Never in one year only.'),
  enemies: '',
  apart: { 'big-bud-mite': 'Big buds alone: mites, perhaps not yet the virus.' },
  controls: [...NO_CURE],
});
