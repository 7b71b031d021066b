import { NO_CURE } from '../means';
import { cp, use, trouble } from '../write';

export const mosaicVirus = trouble({
  id: 'mosaic-virus',
  name: 'Mosaic viruses', also: 'cucumber mosaic, tobacco mosaic, tulip breaking, virus', kind: 'virus', labelAs: 'viruses',
  hosts: { courgette: 1.2, cucumber: 1.1, melon: 0.9, tomato: 0.7, pepper: 0.6, 'french-bean': 0.6, raspberry: 0.7, lily: 0.7, tulip: 0.6, dahlia: 0.7, rose: 0.4, lettuce: 0.6, orchid: 0.5, potato: 0.5, pea: 0.4, 'sweet-pea': 0.3, pumpkin: 0.9, fig: 0.6, petunia: 0.3, hosta: 0.5, strawberry: 0.3, celery: 0.2, radish: 0.2, spinach: 0.4 },
  seen: { always: 'mosaic', often: 'stunted twisted-growth', sometimes: 'narrow-leaves fruit-misshapen flower-streaks ring-spots', rarely: 'leaf-swelling', never: 'webbing powder pustules slime' },
  first: 'mosaic',
  season: '5-10', favours: 'dry warm', unit: 'plants',
  facts: [cp('Aphids bring it within seconds of probing: no spray is fast enough. Hands and blades carry some.')],
  life: [['In the plant', 'all', 'all parts', 'clearing'], ['On the move', '5-9', 'in aphids, hands, seed', 'cover']],
  open: cp('Never cured: lift, wash hands, tame weeds.'),
  tolerate: cp('A strong old raspberry or courgette crops on a while.'), act: 0.01, again: 7,
  by: 'insect tool seed plants', spread: cp('Aphids, hands, blades, seed.'),
  never: cp('Never even stripes from the nursery.'),
  enemies: '', apart: { variegation: 'Variegation is even and there from the start.', 'weedkiller-drift': 'Drift cups all plants downwind.', 'magnesium-shortage': 'Yellow between veins, oldest leaves, in a pattern.' },
  controls: [...NO_CURE, use('row-cover', 0.6, 'Keeps the carriers off young plants.'), use('dig-out', 0.6, 'One sick plant feeds its neighbours: bin it, wash hands.')],
});
