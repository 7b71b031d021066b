import { SOFT_SUCKERS } from '../means';
import { cp, use, trouble } from '../write';

export const cabbageAphid = trouble({
  id: 'cabbage-aphid',
  name: 'Mealy cabbage aphid', also: 'grey aphid, mealy aphid', kind: 'insect', labelAs: 'aphids', sizeMm: 2.5,
  hosts: { 'family:Brassicaceae': 1.4 },
  seen: { always: 'grey-mealy-crowd', often: 'curled-tips', sometimes: 'cast-skins sticky stunted yellow-spots-above', rarely: 'tan-husks soot ants', never: 'green-crowd webbing' },
  first: 'grey-mealy-crowd curled-tips',
  season: '5-10', favours: 'dry warm', unit: 'plants',
  facts: [cp('Grey wax sheds water: a little soap lets a jet or spray wet them.')],
  life: [['Egg', '11-3', 'old brassica stalks', 'clearing'], ['Crowd', '5-10', 'in leaf folds and hearts', 'contact hand helpers']],
  open: cp('Open all season, but wax and folds shield them: part the leaves.'),
  tolerate: cp('On outer leaves that are peeled off it is cosmetic; in the growing heart it is not.'), act: 0.1, again: 5,
  by: 'flight', spread: cp('Winters on old stalks left standing.'), carries: 'mosaic-virus',
  never: cp('Never green and bare: always floury grey.'),
  enemies: 'parasitic-wasp hoverfly-larva ladybird-larva', apart: { 'powdery-mildew': 'Mildew has no legs and lies flat.', 'wax-bloom-normal': 'Bloom is thin, even and has nothing alive in it.' },
  hidesInCurl: true,
  controls: [...SOFT_SUCKERS, use('clear-fallen', 0.3, 'Old stalks carry the eggs through winter.'), use('row-cover', 0.8, 'Fine mesh from planting keeps winged ones off.'), use('hand-pick', 0.5, 'Rub out the first clusters with a thumb.')],
});
