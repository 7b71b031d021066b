import { SOFT_SUCKERS } from '../means';
import { cp, against, trouble } from '../write';

export const leafCurlAphid = trouble({
  id: 'leaf-curl-aphid',
  name: 'Leaf-curling aphids of fruit trees',
  also: 'plum leaf curling aphid, cherry blackfly, rosy apple aphid',
  kind: 'insect',
  labelAs: 'aphids',
  sizeMm: 2.5,
  hosts: { plum: 1.6, cherry: 1.5, apple: 1.2, peach: 0.9, 'flowering-cherry': 1.1, hawthorn: 0.5 },
  seen: {
    always: 'curled-tips',
    often: 'sticky green-crowd ants',
    sometimes: 'dark-crowd soot cast-skins grey-mealy-crowd fruit-misshapen',
    rarely: 'red-pucker tan-husks',
    never: 'webbing powder',
  },
  first: 'curled-tips',
  season: '4-7',
  favours: 'dry cool',
  unit: 'shoots',
  facts: [cp('Leaves curl within days of hatching in spring; by then sprays no longer reach inside.')],
  life: [
    ['Egg', '11-3', 'on twigs by the buds', 'oil'],
    ['Hatching', '3-4', 'on opening buds', 'water soap oil contact'],
    ['In curled leaves', '4-7', 'inside the curl', 'hand enemies systemic'],
    ['Away', '7-10', 'on grasses and herbs', 'none'],
  ],
  open: cp('Open as eggs to oil in winter, and just hatched before the leaves curl.'),
  tolerate: cp('They leave by midsummer and a strong tree grows on.'),
  act: 0.25,
  again: 10,
  by: 'flight insect',
  spread: cp('They winter as eggs on the same tree.'),
  carries: 'plum-pox',
  never: cp('Never thickens or reddens the leaf as peach leaf curl does.'),
  enemies: 'ladybird-larva hoverfly-larva lacewing-larva ground-beetle',
  apart: {
    'peach-leaf-curl': 'Leaf curl makes leaves thick and red, with no insects inside.',
    'weedkiller-drift': 'Drift twists all new growth, with nothing inside.',
  },
  hidesInCurl: true,
  controls: [
    ...SOFT_SUCKERS,
    against('pick-off-leaves', 0.5, 'Curled shoot ends carry the crowd away with them.'),
    against('winter-oil', 0.7, 'In the dormant season it smothers the eggs.'),
  ],
});
