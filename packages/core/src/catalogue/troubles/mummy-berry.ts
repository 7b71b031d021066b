import { cp, use, trouble } from '../write';

export const mummyBerry = trouble({
  id: 'mummy-berry',
  name: 'Mummy berry', also: 'blueberry mummies', kind: 'fungus', labelAs: 'mummy-berry',
  hosts: { blueberry: 1.4, 'family:Ericaceae': 0.2 },
  seen: { always: 'berries-pale-hard', often: 'blossom-brown mummies-hang', sometimes: 'shepherds-crook fruit-drop', rarely: 'brown-leaf-spots', never: 'fruit-maggots fruit-pecked webbing sticky' },
  first: 'blossom-brown shepherds-crook',
  season: '3-8', favours: 'wet cool', unit: 'clusters',
  facts: [cp('It enters at flowering; last year\'s mummies on the soil start it. New mulch buries them.')],
  life: [['Mummies', '8-3', 'on the soil', 'clearing cover'], ['Shoot blight', '3-4', 'opening buds', 'fungicide'], ['Flowers', '4-5', 'open flowers', 'fungicide'], ['Mummies form', '6-8', 'in the cluster', 'clearing']],
  open: cp('From bud break through flowering; in hours without bees.'),
  tolerate: cp('A few mummies are picked up; then mulch.'), act: 0.02, again: 7,
  by: 'wind insect', spread: cp('Spores on wind, then on bees to flowers.'),
  never: cp('Never ripe soft berries.'),
  enemies: '', apart: { 'frost-damage': 'Frost takes all blossom in a night.', 'grey-mould': 'Grey fur grows on blossom.' },
  schools: [{ topic: 'Spraying in bloom', positions: ['Never on open flowers.', 'In bloom, because the flower is where it enters.'], ours: 'In bloom, only in hours when no bees fly.', why: 'Any other time comes too late or too early.' }],
  controls: [use('leave-it', 0.05, 'Mummies infect next spring.'), use('clear-fallen', 0.45, 'Mummies raked up, then fresh mulch 5 cm deep.'), use('resistant-kinds', 0.4, 'Some blueberries take less.'), use('bacillus-subtilis-spray', 0.4, 'Organic, weaker.'), use('captan-spray', 0.7, 'During bloom, every 7 days if wet to 10 if dry; no bees.'), use('licensed-person', 0.5, 'For what is beyond home means.')],
});
