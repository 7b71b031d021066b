import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const boxCaterpillar = trouble({
  id: 'box-caterpillar',
  name: 'Box tree caterpillar',
  also: 'box moth',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 40,
  hosts: { box: 2 },
  seen: {
    always: 'caterpillar',
    often: 'webbing droppings only-veins',
    sometimes: 'scale-eggs white-moths leaves-rolled dieback',
    rarely: 'egg-rafts',
    never: 'slime powder black-stem-streak-box pustules',
  },
  first: 'webbing droppings',
  season: '3-10',
  favours: 'warm',
  unit: 'plants',
  facts: [cp('Green with black stripes and white threads, inside the bush; frass and webs first, straw-coloured twigs soon after.')],
  life: [
    ['Winter grub', '10-3', 'spun between leaves', 'hand'],
    ['Caterpillar', '3-10', 'inside the bush', 'stomach contact hand nematodes'],
    ['Pupa', '5-9', 'in webs', 'hand'],
    ['Moth', '5-10', 'flying at night', 'none'],
    ['Egg', '5-9', 'flat, underneath', 'egg-parasites'],
  ],
  open: cp('Young ones, with the spray forced into the bush.'),
  tolerate: cp('None: a bush can be bare within the fortnight.'),
  act: 0.03,
  again: 5,
  by: 'flight plants',
  spread: cp('Moths, and bought box.'),
  never: cp('Never black streaks on the stems: that is blight.'),
  enemies: 'parasitic-wasp',
  apart: { 'box-blight': 'Blight: black streaks, fast leaf fall, no webs.' },
  controls: [
    ...CATERPILLARS,
    against('bt-spray', 0.85, 'Into the bush, both rounds each brood.'),
    against('pheromone-trap', 0.2, 'Tells when to look.'),
    against('hose-jet', 0.3, 'Blows caterpillars onto a sheet.'),
    against('nematodes', 0.3, 'On a wet bush, at dusk.', MEM),
  ],
});
