import { LEAF_FUNGI } from '../means';
import { against, cp, timed, trouble } from '../write';

export const pearScab = trouble({
  id: 'pear-scab',
  name: 'Pear scab',
  also: 'scab on pears',
  kind: 'fungus',
  labelAs: 'scab',
  hosts: { pear: 1.5 },
  seen: {
    always: 'olive-mould-under',
    often: 'fruit-scabs stem-lesions',
    sometimes: 'fruit-split olive-spots leaves-drop',
    rarely: 'fruit-misshapen',
    never: 'sticky webbing pustules powder',
  },
  first: 'olive-mould-under',
  season: '4-9',
  favours: 'wet cool',
  unit: 'leaves',
  facts: [cp('It winters on young twigs as well as on leaves: cut blistered twigs out.')],
  life: [
    ['Winter', '11-3', 'twigs and fallen leaves', 'clearing'],
    ['Infection', '4-6', 'in wet spring', 'protectant kickback'],
    ['Spots', '5-9', 'leaf and fruit', 'protectant kickback clearing'],
  ],
  open: cp('From bud burst, before rain.'),
  tolerate: cp('Marked fruit is peeled.'),
  act: 0.08,
  again: 7,
  by: 'splash wind',
  spread: cp('Splash from twigs.'),
  never: cp('Never on apples.'),
  enemies: '',
  apart: { 'pear-midge': 'Midge fruitlets swell and hold larvae.' },
  controls: [
    ...LEAF_FUNGI,
    against('prune-out', 0.45, 'Blistered twigs in winter.'),
    timed(
      'green-tip coloured-bud petal-fall growing',
      'from green tip until shoots stop growing, before the rain',
      against('sulfur-spray', 0.6, 'Ahead of rain; some pears are shy of sulfur.'),
    ),
  ],
});
