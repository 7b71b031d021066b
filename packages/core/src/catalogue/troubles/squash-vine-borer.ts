import { BORERS } from '../means';
import { cp, against, trouble } from '../write';

export const squashVineBorer = trouble({
  id: 'squash-vine-borer',
  name: 'Squash vine borer',
  also: 'vine borer, marrow borer',
  kind: 'insect',
  labelAs: 'borers',
  sizeMm: 25,
  hosts: { courgette: 1.5, pumpkin: 1.4, melon: 0.2, cucumber: 0.2 },
  seen: {
    always: 'one-runner-wilts',
    often: 'sawdust stem-hole',
    sometimes: 'wilt-wet-soil brown-inside-stem',
    rarely: 'sudden-wilt',
    never: 'threads-from-cut webbing flat-bugs powder',
  },
  first: 'sawdust one-runner-wilts',
  season: '6-9',
  favours: 'warm',
  unit: 'plants',
  facts: [
    cp('Wet sawdust at the stem base is the sign; it must be met before it enters the stem.'),
    cp('A stem slit lengthwise, the grub taken out and soil heaped over it roots again.'),
  ],
  life: [
    ['Egg', '6-8', 'singly at the stem base', 'hand'],
    ['Hatching', '6-8', 'on the stem, a day or two', 'contact stomach'],
    ['Grub', '6-9', 'inside the stem', 'hand'],
    ['Pupa', '9-6', 'in the soil', 'clearing'],
  ],
  open: cp('The day or two between egg and stem; inside, only a knife reaches it.'),
  tolerate: cp('A runner rooted at its joints lives on without its base.'),
  act: 0.05,
  again: 4,
  by: 'flight',
  spread: cp('A wasp-like moth flies by day in early summer.'),
  never: cp('Never threads of slime from the cut stem: that is bacterial wilt.'),
  enemies: 'parasitic-wasp ground-beetle',
  apart: { 'cucurbit-bacterial-wilt': 'Wilt: no sawdust, and sap draws out in threads.', 'squash-bug': 'Bugs and bronze eggs are on the leaves.' },
  controls: [
    ...BORERS,
    against('row-cover', 0.9, 'From planting until the first flowers.'),
    against('hand-pick', 0.4, 'Rub flat brown eggs off the stem base.'),
    against('bt-spray', 0.35, 'On the stem base weekly while moths fly: only before they are in.'),
    against('pyrethrin-spray', 0.5, 'On stem bases at dusk, before they enter.'),
  ],
});
