import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const oedema = trouble({
  id: 'oedema',
  name: 'Oedema', also: 'corky scab, watery blisters', kind: 'disorder', labelAs: 'disorders',
  hosts: { pelargonium: 1.1, succulent: 0.7, peperomia: 0.8, ivy: 0.7, 'sweet-potato': 0.4, cabbage: 0.3, begonia: 0.4, 'rhododendron': 0.3, tomato: 0.2, hoya: 0.4, 'monstera': 0.3 },
  seen: { always: 'corky-blisters', often: 'wilt-wet-soil', sometimes: 'yellow-spots-above', rarely: 'leaves-drop', never: 'webbing slime sticky pustules' },
  first: 'corky-blisters',
  season: '10-5', favours: 'wet cool', unit: 'leaves',
  facts: [cp('Roots take up more than leaves can breathe out: warts burst and cork over.')],
  life: [['Dull damp days', '10-5', 'undersides', 'none']],
  open: cp('Water less, more air and light.'),
  tolerate: cp('Marked leaves stay; nothing spreads.'), act: 0.4, again: 14,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never dusts off.'),
  enemies: '', apart: { rust: 'Rust rubs off orange.', 'soft-scale': 'Scales scrape off whole.' },
  controls: [...GROWING, use('let-it-dry', 0.6, 'Water less often.'), use('even-watering', 0.3, 'Less, but evenly.'), use('water-and-air', 0.5, 'Light and air.')],
});
