import { MEM } from '../../measure';
import { SOFT_SUCKERS } from '../means';
import { cp, mem, against, trouble } from '../write';

export const trunkPlanthopper = trouble({
  id: 'trunk-planthopper',
  name: 'Spotted planthopper on trunks',
  also: 'lanternfly, lantern fly, spotted lanternfly',
  kind: 'insect',
  labelAs: 'leafhoppers',
  sizeMm: 25,
  hosts: { grape: 1, apple: 0.4, maple: 0.8, willow: 0.6, walnut: 0.7, cherry: 0.3, peach: 0.3, birch: 0.2, oak: 0.2, 'crape-myrtle': 0.2 },
  seen: { always: 'trunk-hoppers', often: 'sticky mud-egg-mass', sometimes: 'soot ants', rarely: 'dieback one-runner-wilts', never: 'sawdust powder webbing' },
  first: 'mud-egg-mass trunk-hoppers',
  season: '5-11',
  favours: 'warm',
  unit: 'trunks',
  facts: [
    cp('Egg masses like dried putty on bark are scraped into a bag with spirit in winter.'),
    mem('Black, then red nymphs with white spots climb trunks again and again.'),
  ],
  life: [
    ['Egg mass', '10-4', 'bark, posts, any surface', 'hand'],
    ['Nymph', '5-7', 'stems and trunks', 'water soap contact hand systemic'],
    ['Adult', '7-11', 'trunks', 'hand systemic'],
  ],
  open: cp('Eggs all winter with a scraper; nymphs with a jet or soap.'),
  tolerate: cp('Ornamental trees bear many; vines do not.'),
  act: 0.1,
  again: 7,
  by: 'plants crawling flight',
  spread: cp('Egg masses ride on goods, plants and vehicles.'),
  never: cp('Never bores into wood.'),
  enemies: 'mantis spider-friend parasitic-wasp',
  apart: { leafhopper: 'Leafhoppers are a few millimetres long and on leaves.' },
  report: { in: 'AT BE BG HR CY CZ DK EE FI FR DE GR HU IE IT LV LT LU MT NL PL PT RO SK SI ES SE GB CH CA US AU NZ' },
  controls: [
    ...SOFT_SUCKERS,
    against('hand-pick', 0.6, 'Scrape egg masses; knock nymphs into soapy water.'),
    against('grease-band', 0.5, 'A band with a guard of mesh, so that no bird sticks to it.'),
    against('bark-wash', 0.3, 'Takes off honeydew and soot.'),
    against('draw-off-ants', 0.02, 'Ants only follow it.', MEM),
    against('release-ladybirds', 0.05, 'Too big for ladybirds.', MEM),
    against('hose-jet', 0.1, 'They climb the trunk again and again.', MEM),
    against('neem-spray', 0.3, 'Slows young ones that it wets.', MEM),
  ],
});
