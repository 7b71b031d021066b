import { MEM } from '../../measure';
import { SCALES } from '../means';
import { cp, use, trouble } from '../write';

export const armouredScale = trouble({
  id: 'armoured-scale',
  name: 'Armoured scale', also: 'hard scale, mussel scale, rose scurf, san jose scale', kind: 'insect', labelAs: 'scales', sizeMm: 2,
  hosts: { apple: 0.6, pear: 0.5, rose: 0.5, citrus: 0.8, palm: 0.8, cactus: 0.7, orchid: 0.5, hawthorn: 0.6, aloe: 0.6, holly: 0.4, 'group:house': 0.3, peach: 0.4, kiwi: 0.5 },
  seen: { always: 'bumps-crust', often: 'dieback', sometimes: 'leaves-drop yellow-spots-above', rarely: 'sticky ants', never: 'white-wool webbing' },
  first: 'bumps-crust',
  season: 'all', favours: 'warm dry', unit: 'twigs',
  facts: [cp('It makes no honeydew, so no ants and no soot: the crust itself is the sign.')],
  life: [['Winter scale', '10-4', 'on bark', 'hand contact'], ['Crawler', '5-7', 'on the move for a day or two', 'contact helpers'], ['Under armour', '7-10', 'on bark, leaf or fruit', 'hand']],
  open: cp('Crawlers in early summer; in winter oil and a brush.'),
  tolerate: cp('A thin crust on an old branch can wait for winter.'), act: 0.2, again: 14,
  by: 'wind plants crawling', spread: cp('Crawlers drift on wind and pruning tools.'),
  never: cp('Never sticky.'),
  enemies: 'parasitic-wasp ladybird', apart: { 'soft-scale': 'Soft scale is larger, domed and sticky.', lichen: 'Lichen is a flat grey-green crust with no body under it.', 'bark-lenticels': 'Lenticels do not scrape off.' },
  controls: [...SCALES, use('systemic-drench', 0.4, 'Reaches armoured scale poorly.', MEM)],
});
