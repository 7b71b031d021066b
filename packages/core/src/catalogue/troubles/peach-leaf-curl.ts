import { cp, use, trouble } from '../write';

export const peachLeafCurl = trouble({
  id: 'peach-leaf-curl',
  name: 'Peach leaf curl', also: 'leaf curl', kind: 'fungus', labelAs: 'leaf-curl',
  hosts: { peach: 2, apricot: 0.5, 'flowering-cherry': 0.3 },
  seen: { always: 'red-pucker', often: 'leaves-drop curled-tips', sometimes: 'powder twisted-growth', rarely: 'gum fruit-drop', never: 'green-crowd dark-crowd webbing sticky' },
  first: 'red-pucker',
  season: '4-6', favours: 'wet cool', unit: 'shoots',
  facts: [cp('It is decided in the dormant season, before buds swell: once leaves pucker no spray helps this year.')],
  life: [['Winter', '10-2', 'on bark and bud scales', 'fungicide cover'], ['Infection', '1-3', 'in swelling buds, in rain', 'fungicide cover'], ['Puckered leaves', '4-6', 'new leaves', 'clearing']],
  open: cp('Late autumn and again before buds swell; a rain cover from midwinter to spring.'),
  tolerate: cp('The second leaves of summer are clean: feed and water.'), act: 0.1, again: 14,
  by: 'splash', spread: cp('Rain on bare twigs.'),
  never: cp('Never insects in the curl.'),
  enemies: '', apart: { 'leaf-curl-aphid': 'Aphids sit in the curl and it is sticky.' },
  schools: [{ topic: 'Picking curled leaves', positions: ['Pick them all.', 'Leave them: the tree needs what they make.'], ours: 'Pick while few, then feed and water.', why: 'It sheds them by itself within weeks.' }],
  controls: [use('leave-it', 0.1, 'It leafs out again by itself.'), use('pick-off-leaves', 0.2, 'Before the white bloom shows.'), use('even-watering', 0.2, 'Helps the second leaves.'), use('rain-cover', 0.85, 'From midwinter until mid-spring: dry buds take none.'), use('copper-spray', 0.85, 'At leaf fall and again before buds swell; useless later.'), use('resistant-kinds', 0.4, 'A few peaches take less.'), use('licensed-person', 0.4, 'For tall trees.')],
});
