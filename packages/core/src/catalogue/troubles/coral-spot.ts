import { WOOD_DISEASE } from '../means';
import { cp, trouble } from '../write';

export const coralSpot = trouble({
  id: 'coral-spot',
  name: 'Coral spot',
  also: 'nectria dieback',
  kind: 'fungus',
  labelAs: 'cankers',
  hosts: { redcurrant: 0.9, maple: 0.8, fig: 0.7, 'group:shrub': 0.35, gooseberry: 0.4, apple: 0.2, elm: 0.3, walnut: 0.2 },
  seen: { always: 'coral-spots', often: 'dieback', sometimes: 'sunken-bark', rarely: 'leaves-drop', never: 'gum webbing slime sticky' },
  first: 'coral-spots dieback',
  season: 'all',
  favours: 'wet',
  unit: 'branches',
  facts: [cp('Coral dots on dead twigs; from there it goes into weak living wood.')],
  life: [['Spores', 'all', 'dead twigs', 'clearing']],
  open: cp('Cut below in dry weather.'),
  tolerate: cp('On fallen sticks only: clear them up.'),
  act: 0.05,
  again: 30,
  by: 'splash',
  spread: cp('Splash to wounds.'),
  never: cp('Never on sound bark.'),
  enemies: '',
  apart: { 'apple-canker': 'Canker rings flake and sink.', lichen: 'Lichen is grey-green and flat.' },
  controls: [...WOOD_DISEASE],
});
