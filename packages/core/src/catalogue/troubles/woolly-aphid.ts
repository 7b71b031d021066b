import { SCALES } from '../means';
import { cp, against, trouble } from '../write';

export const woollyAphid = trouble({
  id: 'woolly-aphid',
  name: 'Woolly aphid',
  also: 'american blight',
  kind: 'insect',
  labelAs: 'aphids',
  sizeMm: 2,
  hosts: { apple: 1.6, quince: 0.6, hawthorn: 0.9, elm: 0.3 },
  seen: { always: 'white-wool', often: 'sticky leaf-swelling', sometimes: 'soot ants bark-cracks', rarely: 'egg-sacs', never: 'powder webbing bark-felt' },
  first: 'white-wool',
  season: '4-10',
  favours: 'warm',
  unit: 'branches',
  facts: [cp('Dark purple insects sit under the wool in wounds and cracks; lumps form where they feed, and let canker in.')],
  life: [
    ['Winter nymph', '11-3', 'in bark cracks and galls', 'oil soap contact hand'],
    ['Crowd in wool', '4-10', 'pruning wounds, cracks, water shoots', 'water soap oil contact hand enemies systemic'],
  ],
  open: cp('Scrub them out of cracks in spring, before the wool spreads.'),
  tolerate: cp('A few tufts on an old tree do little.'),
  act: 0.2,
  again: 14,
  by: 'wind crawling',
  spread: cp('Crawlers walk and drift from branch to branch.'),
  never: cp('Never on leaves alone, and the wool does not bleed pink.'),
  enemies: 'parasitic-wasp ladybird lacewing-larva ground-beetle',
  apart: {
    mealybug: 'Mealybug sits in leaf joints, mostly indoors.',
    'bark-scale': 'Felted scale bleeds pink when crushed.',
    'powdery-mildew': 'Mildew is powder on leaf and shoot, with no insect under it.',
  },
  controls: [
    ...SCALES,
    against('hose-jet', 0.4, 'A jet strips the wool off cracks.'),
    against('draw-off-ants', 0.25, 'Without ants to guard them, helpers can reach them.'),
  ],
});
