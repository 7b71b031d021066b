import { MEM } from '../../measure';
import { cp, against, trouble } from '../write';

export const processionary = trouble({
  id: 'processionary',
  name: 'Processionary caterpillars',
  also: 'oak processionary, pine processionary',
  kind: 'insect',
  labelAs: 'caterpillars',
  sizeMm: 25,
  hosts: { oak: 0.6, conifer: 0.5 },
  seen: { always: 'procession', often: 'tents hairy-caterpillars', sometimes: 'only-veins', rarely: 'needles-brown', never: 'slime sticky' },
  first: 'procession tents',
  season: '2-7',
  favours: 'warm',
  unit: 'trees',
  facts: [cp('The hairs hurt skin, eyes and breath of people and dogs: keep away, touch nothing, call a licensed person.')],
  life: [
    ['Egg', '8-4', 'on twigs or needles', 'none'],
    ['Caterpillar', '2-7', 'nests on trunk and branch', 'none'],
    ['Pupa', '6-8', 'in nest or soil', 'none'],
  ],
  open: cp('Not at home: licensed people treat young ones from a distance.'),
  tolerate: cp('Nothing to tolerate near people: keep away and call.'),
  act: 0.001,
  again: 7,
  by: 'flight plants',
  spread: cp('Moths, and trees moved from place to place.'),
  never: cp('Never to be handled.'),
  enemies: '',
  apart: { 'tent-caterpillar': 'Tent caterpillars do not walk in lines.' },
  report: { in: 'GB IE NL BE DE' },
  notAtHome: cp('The hairs hurt skin, eyes and breath: nobody treats or moves it without full protection.'),
  controls: [
    against('licensed-person', 0.95, 'The hairs are dangerous: only with full protection.'),
    against('leave-it', 0.02, 'Keep people and pets away until it is dealt with.'),
    against('pheromone-trap', 0.1, 'Shows whether moths fly; a licensed person hangs it.', MEM),
  ],
});
