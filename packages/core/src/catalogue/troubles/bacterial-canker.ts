import { WOOD_DISEASE } from '../means';
import { against, cp, timed, trouble } from '../write';

export const bacterialCanker = trouble({
  id: 'bacterial-canker',
  name: 'Bacterial canker of stone fruit',
  also: 'gummosis, cherry canker',
  kind: 'bacterium',
  labelAs: 'cankers bacterial-diseases',
  hosts: { cherry: 1.2, plum: 1, peach: 0.7, apricot: 0.8, 'flowering-cherry': 0.9 },
  seen: {
    always: 'gum',
    often: 'sunken-bark dieback',
    sometimes: 'shot-holes buds-drop leaves-drop',
    rarely: 'bark-cracks',
    never: 'trunk-frass webbing sticky slime',
  },
  first: 'gum',
  season: '2-9',
  favours: 'wet cool',
  unit: 'branches',
  facts: [cp('Prune stone fruit in dry summer only; wounds of autumn and winter let it in.')],
  life: [
    ['Summer', '5-9', 'on leaves', 'protectant kickback'],
    ['Entry', '9-12', 'leaf scars and wounds', 'protectant kickback'],
    ['Canker', '2-6', 'bark', 'clearing'],
  ],
  open: cp('At leaf fall, in three rounds, by the label.'),
  tolerate: cp('Clear gum alone, without dead bark, may be only stress.'),
  act: 0.02,
  again: 14,
  by: 'splash tool',
  spread: cp('Rain and blades.'),
  never: cp('Never frass in the gum.'),
  enemies: '',
  apart: { 'bark-borer': 'Frass in the gum.', 'silver-leaf': 'Leaden sheen on leaves.' },
  controls: [...WOOD_DISEASE, timed('leaf-fall', 'as leaves fall, and again three weeks later', against('copper-spray', 0.45, 'At leaf fall.'))],
});
