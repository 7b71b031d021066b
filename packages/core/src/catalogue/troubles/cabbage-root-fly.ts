import { ROOT_GRUBS } from '../means';
import { cp, use, trouble } from '../write';

export const cabbageRootFly = trouble({
  id: 'cabbage-root-fly',
  name: 'Cabbage root fly', also: 'cabbage maggot', kind: 'insect', labelAs: 'root-flies', sizeMm: 8,
  hosts: { cabbage: 1.2, broccoli: 1.2, radish: 1.2, 'brussels-sprout': 1, 'family:Brassicaceae': 0.9 },
  seen: { always: 'wilt-wet-soil', often: 'roots-chewed bulb-maggots', sometimes: 'purple-tint stunted root-tunnels', rarely: 'sudden-wilt', never: 'roots-clubbed slime stem-hole' },
  first: 'wilt-wet-soil',
  season: '4-9', favours: 'cool', unit: 'plants',
  facts: [cp('Lift a flagging plant: white maggots and gnawed roots tell it from club root.')],
  life: [['Fly', '4-5', 'at stem bases', 'cover'], ['Egg', '4-9', 'in soil at the stem', 'cover'], ['Maggot', '5-9', 'at the roots', 'helpers'], ['Pupa', 'all', 'in the soil', 'none']],
  open: cp('Egg laying at the stem base: a collar or mesh; later nothing reaches.'),
  tolerate: cp('Earthed-up plants often root again.'), act: 0.1, again: 7,
  by: 'flight', spread: cp('Flies when cow parsley flowers.'),
  never: cp('Never swells the roots.'),
  enemies: 'ground-beetle rove-beetle', apart: { 'club-root': 'Club root swells the roots and smells.', 'chafer-grub': 'Chafer grubs are fat and C-shaped.' },
  controls: [...ROOT_GRUBS, use('stem-collar', 0.7, 'A flat collar, tight to the stem.')],
});
