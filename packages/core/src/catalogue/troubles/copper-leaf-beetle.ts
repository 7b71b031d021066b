import { BEETLES } from '../means';
import { cp, mem, use, trouble } from '../write';

export const copperLeafBeetle = trouble({
  id: 'copper-leaf-beetle',
  name: 'Copper leaf beetles', also: 'japanese beetle, rose beetle, green-copper chafer', kind: 'insect', labelAs: 'beetles', sizeMm: 11,
  hosts: { rose: 1.1, grape: 1, raspberry: 0.8, 'crape-myrtle': 0.8, cherry: 0.6, apple: 0.4, hollyhock: 0.6, basil: 0.5, hydrangea: 0.2, 'french-bean': 0.5, elm: 0.4, peach: 0.3, dahlia: 0.4, wisteria: 0.3, okra: 0.4 },
  seen: { always: 'metallic-beetle', often: 'skeleton-lace', sometimes: 'petals-ragged only-veins', rarely: 'ragged-holes', never: 'webbing slime sticky' },
  first: 'metallic-beetle',
  season: '6-9', favours: 'warm dry', unit: 'plants',
  facts: [cp('Knock them into soapy water in the cool morning: each beetle left calls others.'), mem('Scented lure traps draw in more than they catch.')],
  life: [['Grub', '9-5', 'in lawn soil', 'helpers'], ['Pupa', '5-6', 'in soil', 'none'], ['Beetle', '6-9', 'on leaves and flowers in sun', 'hand contact']],
  open: cp('Beetles in the cool of the morning, while slow.'),
  tolerate: cp('A grown shrub bears a tenth of its leaves gone.'), act: 0.1, again: 3,
  by: 'flight soil', spread: cp('Fly in from lawns; grubs travel in turf and pots.'),
  never: cp('Never feeds at night.'),
  enemies: 'parasitic-wasp ground-beetle', apart: { 'rosemary-beetle': 'The rosemary beetle is striped and keeps to herbs.', 'chafer-grub': 'The grub is the same beetle\'s youth, in the lawn.' },
  notifiable: true,
  schools: [{ topic: 'Lure traps', positions: ['Hang a trap in the bed.', 'Hang none: it draws in the neighbours\' beetles.'], ours: 'No trap in the bed.', why: 'More fly to it than into it.' }],
  controls: [...BEETLES, use('hand-pick', 0.65, 'Morning and evening into soapy water.'), use('nematodes', 0.4, 'For grubs in the lawn at summer\'s end.'), use('organophosphate-spray', 0.8, 'Kills on contact, and most other insects with it.')],
});
