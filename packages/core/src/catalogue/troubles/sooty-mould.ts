import { cp, use, trouble } from '../write';

export const sootyMould = trouble({
  id: 'sooty-mould',
  name: 'Sooty mould on honeydew', also: 'black mould, soot', kind: 'fungus', labelAs: 'sooty-mould',
  hosts: { citrus: 1.1, 'crape-myrtle': 1.1, bay: 0.9, rhododendron: 0.7, 'broad-bean': 0.7, maple: 0.4, rose: 0.5, orchid: 0.5, ficus: 0.5, willow: 0.3, pepper: 0.6, plum: 0.6, any: 0.35 },
  seen: { always: 'soot', often: 'sticky', sometimes: 'ants', rarely: 'leaves-drop', never: 'webbing pustules slime powder' },
  first: 'sticky soot',
  season: '5-11', favours: 'dry warm', unit: 'leaves',
  facts: [cp('It lives on honeydew, not on the leaf: find the sap-suckers above; without them it fades.')],
  life: [['On honeydew', '5-11', 'below sap-suckers', 'hand']],
  open: cp('Deal with the sap-suckers; then wash the leaves.'),
  tolerate: cp('It wipes off and does not enter the leaf.'), act: 0.4, again: 7,
  by: 'wind', spread: cp('Follows honeydew.'),
  never: cp('Never without honeydew from something above.'),
  enemies: '', apart: { 'apple-scab': 'Scab does not wipe off.', 'black-spot': 'Black spot does not wipe off.' },
  follows: 'black-bean-aphid greenfly leaf-curl-aphid soft-scale mealybug glasshouse-whitefly cabbage-whitefly bark-scale cushion-scale psyllid trunk-planthopper cabbage-aphid',
  controls: [use('leave-it', 0.1, 'It fades once the honeydew stops.'), use('wipe-leaves', 0.6, 'Lukewarm water and a drop of soap.'), use('hose-jet', 0.4, 'Washes honeydew off.'), use('bark-wash', 0.6, 'For stems and trunks.'), use('draw-off-ants', 0.2, 'Without ants, helpers reach the sap-suckers.'), use('licensed-person', 0.3, 'For tall trees.')],
});
