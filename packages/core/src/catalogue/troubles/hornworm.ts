import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const hornworm = trouble({
  id: 'hornworm',
  name: 'Hornworms',
  also: 'tomato hornworm, tobacco hornworm',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 90,
  hosts: { tomato: 1.3, pepper: 0.5, potato: 0.4, aubergine: 0.5, 'family:Solanaceae': 0.4 },
  seen: { always: 'only-veins', often: 'horned-caterpillar droppings', sometimes: 'fruit-hole edge-eaten', rarely: 'tan-husks', never: 'slime webbing sticky' },
  first: 'droppings only-veins',
  season: '6-9',
  favours: 'warm',
  unit: 'plants',
  facts: [
    cp('Large droppings lie below; look straight up from them. At dusk a UV torch makes it glow.'),
    cp('White rice-like cocoons on its back are parasitic wasps: leave that one be.'),
  ],
  life: [
    ['Egg', '6-8', 'singly underneath', 'hand'],
    ['Young', '6-8', 'on leaves', 'stomach contact hand enemies'],
    ['Grown', '7-9', 'on stems, well hidden', 'hand'],
    ['Pupa', '9-6', 'in the soil', 'clearing'],
  ],
  open: cp('By hand at any size; Bt only while small.'),
  tolerate: cp('One or two are picked off; no spray.'),
  act: 0.1,
  again: 4,
  by: 'flight',
  spread: cp('Large moths fly at dusk.'),
  never: cp('Never in groups.'),
  enemies: 'parasitic-wasp',
  apart: { 'corn-earworm': 'The fruitworm is in the fruit and has no horn.' },
  controls: [...CATERPILLARS, against('hand-pick', 0.85, 'They are big: pick by torchlight.'), against('row-cover', 0.3, 'Tall plants chafe under it.', MEM)],
});
