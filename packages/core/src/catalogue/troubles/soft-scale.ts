import { SCALES } from '../means';
import { cp, use, trouble } from '../write';

export const softScale = trouble({
  id: 'soft-scale',
  name: 'Soft scale', also: 'brown scale, bay scale, citrus scale', kind: 'insect', labelAs: 'scales', sizeMm: 4,
  hosts: { bay: 1.7, citrus: 1.3, ficus: 1.2, orchid: 1.1, ivy: 1, fern: 0.8, palm: 0.8, holly: 0.5, rhododendron: 0.5, hoya: 0.6, 'group:house': 0.6, fig: 0.5, monstera: 0.4, peach: 0.3 },
  seen: { always: 'bumps-flat', often: 'sticky', sometimes: 'soot ants', rarely: 'leaves-drop bumps-crust', never: 'webbing flies-up' },
  first: 'sticky bumps-flat',
  season: 'all', favours: 'warm', unit: 'leaves',
  facts: [cp('Sticky leaves below and ants above mean: look along the midrib underneath.')],
  life: [['Crawler', '5-7', 'moving, pale, along veins', 'contact helpers'], ['Settled', 'all', 'flat along midribs and twigs', 'hand'], ['Grown with eggs', '4-6', 'domed, brown', 'hand']],
  open: cp('Open only as crawlers, in early summer outdoors and any time indoors; else scrape or oil.'),
  tolerate: cp('A strong outdoor bay bears a few; indoors act early.'), act: 0.1, again: 14,
  by: 'plants crawling insect', spread: cp('Crawlers walk to touching leaves; ants guard them.'),
  never: cp('Never moves once settled.'),
  enemies: 'parasitic-wasp ladybird', apart: { 'armoured-scale': 'Armoured scale is tiny, hard and not sticky.', 'bark-lenticels': 'Lenticels are part of the bark and do not scrape off.', 'fern-spores': 'Spore dots stand in an even pattern.' },
  controls: [...SCALES, use('draw-off-ants', 0.25, 'Without ants to guard them, helpers can reach them.')],
});
