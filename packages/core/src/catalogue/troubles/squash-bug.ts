import { BEETLES } from '../means';
import { cp, use, trouble } from '../write';

export const squashBug = trouble({
  id: 'squash-bug',
  name: 'Squash bugs', also: 'flat squash bug', kind: 'insect', labelAs: 'plant-bugs', sizeMm: 15,
  hosts: { courgette: 1.4, pumpkin: 1.5, cucumber: 0.4, melon: 0.4 },
  seen: { always: 'flat-bugs', often: 'bronze-eggs wilt-wet-soil', sometimes: 'scorched-patches yellow-spots-above bronzed', rarely: 'fruit-dimples', never: 'sawdust webbing sticky powder' },
  first: 'bronze-eggs',
  season: '6-9', favours: 'warm dry', unit: 'plants',
  facts: [cp('Bronze eggs in a V by the leaf veins: scrape them off or lift them with tape.'), cp('They hide under a board at night: lift it in the morning.')],
  life: [['Winter adult', '10-5', 'under litter and boards', 'clearing'], ['Egg', '6-8', 'undersides, by the veins', 'hand'], ['Nymph', '6-9', 'undersides in groups', 'contact hand'], ['Adult', '6-9', 'stem base, under leaves', 'hand']],
  open: cp('Eggs by hand, young grey nymphs by soap; adults shrug off sprays.'),
  tolerate: cp('A strong plant late in the season bears some.'), act: 0.15, again: 4,
  by: 'flight crawling', spread: cp('Adults fly in from last year\'s litter.'),
  never: cp('Never sawdust at the stem: that is the borer.'),
  enemies: 'parasitic-wasp ground-beetle spider-friend', apart: { 'squash-vine-borer': 'The borer leaves wet sawdust at the stem base.', 'fruit-shield-bug': 'Shield bugs are broader and on fruit.' },
  controls: [...BEETLES, use('hand-pick', 0.65, 'Eggs, nymphs and, under a board, the adults.'), use('row-cover', 0.85, 'From planting until the first flowers.'), use('clear-fallen', 0.35, 'They winter in old vines.'), use('soap-spray', 0.45, 'Young grey nymphs only.'), use('resistant-kinds', 0.3, 'Some squashes draw them less.')],
});
