import { GROWING } from '../means';
import { cp, use, trouble } from '../write';

export const frostDamage = trouble({
  id: 'frost-damage',
  name: 'Frost and cold', also: 'cold damage, frostbite', kind: 'disorder', labelAs: 'disorders',
  hosts: { any: 0.4, dahlia: 1, tomato: 0.8, potato: 0.8, courgette: 0.8, basil: 1, hydrangea: 0.8, peach: 0.7, apricot: 0.7, citrus: 0.7, rhododendron: 0.7, 'group:house': 0.2, impatiens: 0.9, begonia: 0.7, kiwi: 0.7, apple: 0.5, fig: 0.5, bay: 0.4, grape: 0.4 },
  seen: { always: 'frost-black', often: 'blossom-brown', sometimes: 'bark-cracks dieback purple-tint fruit-drop scorched-patches', rarely: 'fruit-misshapen', never: 'webbing slime sticky pustules' },
  first: 'frost-black',
  season: '10-6', favours: 'cool', unit: 'plants',
  facts: [cp('All at once, overnight, the outer and upper leaves; wait before you cut.')],
  life: [['Cold nights', '10-6', 'outer growth', 'none']],
  open: cp('Before the night: fleece.'),
  tolerate: cp('Most shoot again from below.'), act: 0.2, again: 14,
  by: 'none', spread: cp('Does not spread.'),
  never: cp('Never day after day further on.'),
  enemies: '', apart: { 'fire-blight': 'Goes on, and oozes.', 'late-blight': 'Spreads in the wet, in warmth.' },
  controls: [...GROWING, use('shade-and-shelter', 0.6, 'Fleece before the night.'), use('prune-out', 0.2, 'Dead tips, once it shoots again.')],
});
