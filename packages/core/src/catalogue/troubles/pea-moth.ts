import { MEM } from '../../measure';
import { CATERPILLARS } from '../means';
import { cp, against, trouble } from '../write';

export const peaMoth = trouble({
  id: 'pea-moth',
  name: 'Pea moth',
  also: 'pea maggot',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 10,
  hosts: { pea: 1.4, 'sweet-pea': 0.1 },
  seen: { always: 'pod-grubs', often: 'droppings', sometimes: 'fruit-hole', rarely: 'caterpillar', never: 'slime webbing silvering' },
  first: 'pod-grubs',
  season: '6-8',
  favours: 'warm',
  unit: 'pods',
  facts: [cp('Peas that flower before or after the moths fly escape: sow early or late.')],
  life: [
    ['Cocoon', '9-5', 'in soil', 'clearing'],
    ['Moth', '6-7', 'at flowering peas', 'cover'],
    ['Grub', '7-8', 'in the pod', 'none'],
  ],
  open: cp('Egg to pod is a day: only cover or timing helps.'),
  tolerate: cp('Shell and pick the grubs out.'),
  act: 0.15,
  again: 7,
  by: 'flight',
  spread: cp("Moths from last year's rows."),
  never: cp('Never outside the pod for long.'),
  enemies: 'parasitic-wasp',
  apart: { thrips: 'Thrips silver the pod from outside.' },
  controls: [
    ...CATERPILLARS,
    against('rotate-crops', 0.3, "They wait in last year's soil."),
    against('row-cover', 0.9, 'From first flower: peas set without bees.'),
    against('bt-spray', 0.2, 'Hardly: they are outside for hours only.', MEM),
    against('pheromone-trap', 0.2, 'Tells when moths fly.'),
  ],
});
