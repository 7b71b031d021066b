import { SOFT_SUCKERS } from '../means';
import { cp, mem, use, trouble } from '../write';

export const glasshouseWhitefly = trouble({
  id: 'glasshouse-whitefly',
  name: 'Glasshouse whitefly', also: 'white fly, whiteflies', kind: 'insect', labelAs: 'whiteflies', sizeMm: 1.5,
  hosts: { tomato: 1.4, cucumber: 1.4, pepper: 1, aubergine: 1.5, 'french-bean': 0.8, pelargonium: 1, petunia: 0.8, poinsettia: 1.4, hydrangea: 0.5, begonia: 0.8, basil: 0.5, courgette: 0.7, citrus: 0.6, mint: 0.4, 'group:house': 0.3 },
  seen: { always: 'flies-up', often: 'still-ovals sticky', sometimes: 'soot old-leaves-yellow', rarely: 'ants curled-tips', never: 'webbing pustules cast-skins' },
  first: 'flies-up',
  season: '4-11', favours: 'warm dry', unit: 'leaves',
  facts: [cp('Adults rise in a cloud when brushed; the flat young never move.'), mem('Egg to adult takes three to four weeks in warmth.')],
  life: [['Egg', 'all', 'youngest leaves, underneath', 'none'], ['Flat young', 'all', 'undersides of middle leaves', 'contact helpers'], ['Adult', 'all', 'top leaves', 'hand contact']],
  open: cp('The flat young underneath take soap and oil; eggs and pupae do not: repeat weekly.'),
  tolerate: cp('A few on a grown tomato do no harm.'), act: 0.15, again: 6,
  by: 'flight plants', spread: cp('Comes in on bought plants; can not bear frost outdoors.'), carries: 'mosaic-virus',
  never: cp('Never spins webs.'),
  enemies: 'parasitic-wasp lacewing-larva ladybird', apart: { 'cabbage-whitefly': 'Cabbage whitefly stays on brassicas, winter too.', leafhopper: 'Leafhoppers leap, not flutter.' },
  controls: [...SOFT_SUCKERS, use('sticky-card', 0.3, 'Yellow cards tell the numbers and thin them out.'), use('parasitic-wasps', 0.75, 'Under glass, hung early, they keep pace.'), use('soap-spray', 0.75, 'Kills flat young and adults it wets; not eggs: weekly.')],
});
