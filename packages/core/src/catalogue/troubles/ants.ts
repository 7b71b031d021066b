import { MEM } from '../../measure';
import { cp, use, trouble } from '../write';

export const ants = trouble({
  id: 'ants',
  name: 'Ants nesting at the roots', also: 'ant nests', kind: 'insect', labelAs: 'ants', sizeMm: 5,
  hosts: { 'group:house': 0.15, lettuce: 0.3, primula: 0.3, strawberry: 0.4, lavender: 0.4, succulent: 0.3, 'group:vegetable': 0.2, 'group:ornamental': 0.25, 'group:fruit': 0.15 },
  seen: { always: 'ant-soil', often: 'ants wilt-wet-soil', sometimes: 'stunted', rarely: 'sticky root-wool', never: 'webbing pustules ragged-holes slime' },
  first: 'ant-soil',
  season: '4-10', favours: 'dry warm', unit: 'plants',
  facts: [cp('Ants eat no leaf: nests dry the roots out, and on stems they tell of sap-suckers.')],
  life: [['Nest', 'all', 'in dry soil and pots', 'bait'], ['Workers', '4-10', 'on stems and soil', 'bait']],
  open: cp('Wet the nest well, again and again: they move.'),
  tolerate: cp('Away from pots and seedlings leave them.'), act: 0.3, again: 7,
  by: 'crawling flight', spread: cp('Winged ones found nests in summer.'),
  never: cp('Never eat holes in leaves.'),
  enemies: 'spider-friend', apart: { 'root-aphid': 'White wax on the roots: ants tend root aphids.', 'black-bean-aphid': 'Ants on stems: look for sap-suckers above.' },
  controls: [use('leave-it', 0.1, 'They rarely harm a grown plant.'), use('even-watering', 0.5, 'A soaked nest is left.'), use('draw-off-ants', 0.3, 'Draws them off the stems.'), use('grease-band', 0.3, 'Keeps them out of a tree.'), use('nematodes', 0.3, 'Makes them move.', MEM), use('diatomaceous-dust', 0.4, 'A dry ring at the nest.'), use('licensed-person', 0.5, 'For kinds that sting or bite.')],
});
