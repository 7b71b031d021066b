import { NO_CURE } from '../means';
import { cp, use, trouble } from '../write';

export const asterYellows = trouble({
  id: 'aster-yellows',
  name: 'Yellows and greening (phytoplasma)', also: 'aster yellows, phyllody, green petal', kind: 'virus', labelAs: 'viruses',
  hosts: { carrot: 0.5, lettuce: 0.4, chrysanthemum: 0.6, sunflower: 0.6, strawberry: 0.4, petunia: 0.3, celery: 0.3, 'family:Asteraceae': 0.4, hydrangea: 0.2 },
  seen: { always: 'flower-green', often: 'all-pale twisted-growth', sometimes: 'stunted purple-tint', rarely: 'root-tunnels', never: 'webbing powder slime pustules' },
  first: 'flower-green',
  season: '6-9', favours: 'dry warm', unit: 'plants',
  facts: [cp('Petals turn green and leafy; leafhoppers carry it.')],
  life: [['In the plant', 'all', 'all parts', 'clearing'], ['On the move', '5-9', 'in leafhoppers', 'cover']],
  open: cp('Never cured: lift it.'),
  tolerate: cp('One plant lifted is enough.'), act: 0.01, again: 10,
  by: 'insect', spread: cp('Leafhoppers.'),
  never: cp('Never on one flower after a cold night only.'),
  enemies: '', apart: { 'weedkiller-drift': 'Drift twists leaves of many plants.' },
  controls: [...NO_CURE, use('row-cover', 0.6, 'Keeps hoppers off.')],
});
