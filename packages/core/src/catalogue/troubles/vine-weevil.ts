import { MEM } from '../../measure';
import { cp, use, trouble } from '../write';

export const vineWeevil = trouble({
  id: 'vine-weevil',
  name: 'Vine weevil', also: 'root weevil', kind: 'insect', labelAs: 'beetles', sizeMm: 9,
  hosts: { strawberry: 1.2, primula: 1.4, rhododendron: 1.2, begonia: 0.9, succulent: 0.8, fern: 0.5, hosta: 0.7, 'group:house': 0.25, viburnum: 0.4, bay: 0.4, blueberry: 0.5, pelargonium: 0.4, 'family:Ericaceae': 0.8 },
  seen: { always: 'edge-notches', often: 'c-grubs weevil-night roots-chewed', sometimes: 'wilt-wet-soil stunted', rarely: 'sudden-wilt', never: 'slime webbing sticky pustules' },
  first: 'edge-notches',
  season: '4-11', favours: 'warm', unit: 'plants',
  facts: [cp('Notches come at night; the white C-shaped grubs at the roots kill potted plants in autumn and spring.')],
  life: [['Grub', '8-4', 'at the roots', 'helpers hand'], ['Pupa', '4-5', 'in the soil', 'none'], ['Adult', '5-10', 'leaf edges at night', 'hand']],
  open: cp('Grubs in late summer, soil at 5 C or more, by nematodes; adults by torch.'),
  tolerate: cp('Notches alone on grown shrubs are a matter of looks; grubs in a pot are not.'), act: 0.1, again: 7,
  by: 'crawling plants soil', spread: cp('Walks; comes in pots.'),
  never: cp('Never leaves slime.'),
  enemies: 'ground-beetle rove-beetle', apart: { 'chafer-grub': 'Chafer grubs have legs.', 'leafcutter-bee': 'Leafcutter bees cut smooth half circles.', 'pea-leaf-weevil': 'That one keeps to peas and beans.' },
  controls: [use('leave-it', 0.05, 'Notches alone do little.', MEM), use('hand-pick', 0.45, 'By torch, evening after evening.'), use('grease-band', 0.35, 'Round pots and legs of the staging.'), use('dig-out', 0.5, 'Knock the plant out, pick grubs, repot in fresh compost.'), use('nematodes', 0.8, 'On warm moist soil in late summer.'), use('systemic-drench', 0.7, 'Ornamentals in pots, where the label allows it.'), use('licensed-person', 0.6, 'For what is beyond home means.')],
});
