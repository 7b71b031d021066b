import { MEM } from '../../measure';
import { TINY } from '../means';
import { cp, against, trouble } from '../write';

export const gallMite = trouble({
  id: 'gall-mite',
  name: 'Leaf gall and blister mites',
  also: 'pear leaf blister mite, nail gall mite, grape erineum',
  kind: 'mite',
  labelAs: 'mites gall-makers',
  sizeMm: 0.2,
  hosts: { pear: 1.2, grape: 1, walnut: 0.9, maple: 1.2, plum: 0.4, birch: 0.7, 'ash-tree': 0.4, elm: 0.5, willow: 0.5 },
  seen: { always: 'gall-pimples', often: 'red-brown-flecks', sometimes: 'purple-tint', rarely: 'leaves-drop fruit-misshapen', never: 'sticky webbing' },
  first: 'gall-pimples',
  season: '4-9',
  unit: 'leaves',
  facts: [cp('Mites too small for a loupe live inside; the galls harm looks more than plants.')],
  life: [
    ['Winter mite', '9-4', 'under bud scales', 'oil contact'],
    ['In galls', '4-9', 'inside the leaf', 'hand'],
  ],
  open: cp('Only while leaving the buds in spring; later nothing reaches them.'),
  tolerate: cp('Trees bear it: leave it, or pick the worst leaves.'),
  act: 0.6,
  again: 21,
  by: 'wind',
  spread: cp('Blown from leaf to leaf.'),
  never: cp('Never marks a finger as rust does.'),
  enemies: 'predatory-mite',
  apart: {
    rust: 'Rust pustules mark a finger.',
    'gall-maker': 'Wasp and fly galls are few, large and round.',
    oedema: 'Oedema is corky, on undersides of pot plants.',
  },
  controls: [
    ...TINY,
    against('leave-it', 0.6, 'It looks worse than it is.'),
    against('pick-off-leaves', 0.4, 'On a small tree, pick the marked leaves.'),
    against('sulfur-spray', 0.5, 'At bud burst, where the label allows it.'),
    against('hose-jet', 0.02, 'Water does not reach into galls.', MEM),
    against('predatory-mites', 0.02, 'They do not enter galls.', MEM),
    against('soap-spray', 0.05, 'It does not reach into galls.', MEM),
    against('neem-spray', 0.1, 'It hardly reaches into galls.', MEM),
    against('winter-oil', 0.4, 'Before buds burst, where they winter under the scales.', MEM),
  ],
});
