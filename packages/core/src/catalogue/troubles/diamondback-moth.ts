import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const diamondbackMoth = trouble({
  id: 'diamondback-moth',
  name: 'Diamondback moth',
  also: 'small cabbage moth caterpillars',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 12,
  hosts: { cabbage: 1, broccoli: 1, 'salad-rocket': 0.7, 'family:Brassicaceae': 0.8 },
  seen: {
    always: 'windows',
    often: 'caterpillar ragged-holes',
    sometimes: 'pinholes heart-eaten',
    rarely: 'droppings egg-rafts',
    never: 'slime sticky white-butterflies',
  },
  first: 'windows',
  season: '5-9',
  favours: 'dry warm',
  unit: 'plants',
  facts: [cp('Touched, the small green grub wriggles backwards and drops on a thread.')],
  life: [
    ['Egg', '5-9', 'singly by the veins', 'none'],
    ['Grub', '5-9', 'undersides', 'stomach contact hand enemies'],
    ['Pupa', '5-9', 'in a net cocoon underneath', 'none'],
  ],
  open: cp('Small grubs underneath: wet the undersides.'),
  tolerate: cp('Windows in outer leaves are peeled off.'),
  act: 0.2,
  again: 5,
  by: 'wind flight',
  spread: cp('Moths drift in on the wind.'),
  never: cp('Never large: at most 12 mm.'),
  enemies: 'parasitic-wasp spider-friend ground-beetle',
  apart: { 'cabbage-white': 'Whites are larger and do not wriggle.', 'flea-beetle': 'Flea beetles jump and leave pinholes through.' },
  controls: [
    ...CATERPILLARS,
    against('bt-spray', 0.8, 'Underneath; where it stops working, change the means.'),
    against('hose-jet', 0.3, 'Overhead water at dusk upsets egg laying.'),
  ],
});
