import { MEM } from '../../measure';
import { TINY } from '../means';
import { cp, against, trouble } from '../write';

export const onionThrips = trouble({
  id: 'onion-thrips',
  name: 'Onion thrips',
  also: 'leek thrips',
  kind: 'insect',
  labelAs: 'thrips',
  sizeMm: 1.2,
  hosts: { leek: 1.2, onion: 1.3, garlic: 0.6, chives: 0.4, cabbage: 0.3 },
  seen: { always: 'silvering', often: 'slivers', sometimes: 'black-specks tips-brown', rarely: 'twisted-growth', never: 'webbing leek-white-lines pustules' },
  first: 'silvering',
  season: '6-9',
  favours: 'dry warm',
  unit: 'plants',
  facts: [cp('They sit in the neck between the youngest leaves; hot dry spells bring them.')],
  life: [
    ['Adult', 'all', 'winters in soil and litter', 'none'],
    ['Young', '6-9', 'in the leaf axils', 'water soap oil contact stomach enemies'],
  ],
  open: cp('Young in the axils; open the fan of leaves to reach them.'),
  tolerate: cp('Leeks outgrow silvering once rain comes.'),
  act: 0.3,
  again: 7,
  by: 'flight wind',
  spread: cp('Drift in on warm wind.'),
  never: cp('Never bores into the stem.'),
  enemies: 'pirate-bug hoverfly-larva',
  apart: { 'leek-moth': 'Moth grubs make windows and holes, with frass.', 'allium-leaf-miner': 'The miner fly leaves a line of dots.' },
  controls: [
    ...TINY,
    against('even-watering', 0.35, 'Wetted leaves and moist soil hold them down.'),
    against('row-cover', 0.6, 'Very fine mesh from planting.'),
    against('predatory-mites', 0.15, 'Made for glass and closed leaves, not for an onion bed.', MEM),
  ],
});
