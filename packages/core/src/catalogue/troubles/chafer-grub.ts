import { MEM } from '../../measure';
import { SOIL_GRUBS } from '../means';
import { cp, against, trouble } from '../write';

export const chaferGrub = trouble({
  id: 'chafer-grub',
  name: 'Chafer grubs',
  also: 'white grubs, lawn grubs',
  kind: 'insect',
  labelAs: 'soil-grubs',
  sizeMm: 25,
  hosts: { potato: 0.4, strawberry: 0.6, lettuce: 0.5, raspberry: 0.4, rose: 0.3, 'family:Poaceae': 0.6, primula: 0.3, sweetcorn: 0.4 },
  seen: {
    always: 'c-grubs',
    often: 'roots-chewed wilt-wet-soil',
    sometimes: 'stunted sudden-wilt animal-droppings',
    rarely: 'root-holes-clean',
    never: 'edge-notches slime webbing',
  },
  first: 'wilt-wet-soil',
  season: '4-10',
  favours: 'dry',
  unit: 'plants',
  facts: [cp('Birds and badgers tearing up the lawn are often the first sign.')],
  life: [
    ['Grub', 'all', 'roots, one to three years', 'nematodes hand'],
    ['Pupa', '4-5', 'in soil', 'none'],
    ['Beetle', '5-7', 'leaves at dusk', 'none'],
  ],
  open: cp('Young grubs in late summer, by nematodes on moist soil.'),
  tolerate: cp('A few in a bed are dug out and given to the birds.'),
  act: 0.2,
  again: 10,
  by: 'flight soil',
  spread: cp('Beetles lay in short grass.'),
  never: cp('Never without legs: that is the vine weevil.'),
  enemies: 'ground-beetle parasitic-wasp',
  apart: { 'vine-weevil': 'Vine weevil grubs have no legs.', leatherjacket: 'Leatherjackets are grey and have no head to see.' },
  controls: [
    ...SOIL_GRUBS,
    against('row-cover', 0.2, 'Keeps beetles from laying in the bed.', MEM),
    against('hand-pick', 0.3, 'Those that come up as you weed.'),
  ],
});
