import { SOFT_SUCKERS } from '../means';
import { cp, mem, use, trouble } from '../write';

export const blackBeanAphid = trouble({
  id: 'black-bean-aphid',
  name: 'Black bean aphid', also: 'blackfly, black aphids', kind: 'insect', labelAs: 'aphids', sizeMm: 2,
  hosts: { 'broad-bean': 2, 'runner-bean': 1.5, 'french-bean': 1.2, beetroot: 0.8, nasturtium: 1.5, dahlia: 0.8, rhubarb: 0.5, artichoke: 0.8, 'family:Fabaceae': 0.7, hollyhock: 0.3, viburnum: 0.5 },
  seen: { always: 'dark-crowd', often: 'ants sticky', sometimes: 'curled-tips soot cast-skins stunted', rarely: 'tan-husks spiky-larva slug-like-larva', never: 'webbing powder pustules green-crowd' },
  first: 'dark-crowd ants',
  season: '5-8', favours: 'dry warm', unit: 'tips',
  facts: [cp('Ants tend sap-suckers for honeydew and carry and guard them, so ants on a stem are an early sign.'), mem('A colony doubles in 2 to 3 days in warmth; live clones are born all season.')],
  life: [['Egg', '10-3', 'on spindle and viburnum twigs', 'contact'], ['Winged arrival', '5-6', 'on the soft tips of beans', 'contact hand'], ['Crowd', '5-8', 'tips, buds and under leaves', 'contact hand helpers systemic']],
  open: cp('Soft at every stage in the growing season: anything that wets them reaches them, unless they sit inside a curled leaf.'),
  tolerate: cp('A few tips with helpers among them often clear themselves.'), act: 0.1, again: 3,
  by: 'flight insect', spread: cp('Winged ones fly in late spring; ants carry them up.'), carries: 'mosaic-virus',
  never: cp('Never spins webs and never leaves holes.'),
  enemies: 'ladybird-larva hoverfly-larva lacewing-larva parasitic-wasp', apart: { 'aphid-mummies': 'Mummies are tan, swollen and still.', greenfly: 'Greenfly is green or pink and less packed.' },
  hidesInCurl: true,
  controls: [...SOFT_SUCKERS, use('pinch-tips', 0.7, 'They crowd in the soft tips, so the crowd goes with them.'), use('hose-jet', 0.5, 'A jet knocks them off and few climb back.'), use('release-ladybirds', 0.6, 'Their larvae eat aphids in numbers while there is food.'), use('soap-spray', 0.95, 'It kills what it wets: about 95 in 100 in the first spray.')],
});
