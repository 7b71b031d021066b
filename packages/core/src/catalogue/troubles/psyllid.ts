import { MEM } from '../../measure';
import { SOFT_SUCKERS } from '../means';
import { cp, against, trouble, except } from '../write';

export const psyllid = trouble({
  id: 'psyllid',
  name: 'Psyllids',
  also: 'suckers, jumping plant lice, bay sucker, pear sucker',
  kind: 'insect',
  labelAs: 'psyllids',
  sizeMm: 2.5,
  hosts: { bay: 2, pear: 1.1, citrus: 0.9, box: 0.8, potato: 0.5, tomato: 0.3, apple: 0.4, fig: 0.3 },
  seen: {
    always: 'psyllid-nymphs',
    often: 'rolled-yellow-edge sticky',
    sometimes: 'soot curled-tips cast-skins',
    rarely: 'ants buds-drop',
    never: 'webbing powder pustules',
  },
  first: 'rolled-yellow-edge psyllid-nymphs',
  season: '4-9',
  favours: 'dry warm',
  unit: 'shoots',
  facts: [cp('A thick, yellowing, rolled leaf edge with flat waxy nymphs in it is their mark on bay.')],
  life: [
    ['Winter adult', '10-3', 'in bark and shelter', 'none'],
    ['Egg', '3-5', 'young shoots', 'none'],
    ['Nymph', '4-9', 'under rolled edges, in axils', 'hand water soap oil contact enemies systemic'],
    ['Adult', '5-10', 'on leaves, jumps', 'water soap oil contact'],
  ],
  open: cp('Nymphs before the edge rolls over them; later, cut the leaf off.'),
  tolerate: cp('A strong bay bears it: pick the rolled leaves.'),
  act: 0.25,
  again: 10,
  by: 'flight',
  spread: cp('Adults jump and fly to new shoots.'),
  never: cp('Never a cloud of white wings.'),
  enemies: 'pirate-bug lacewing-larva ladybird-larva',
  apart: { greenfly: 'Aphids sit bare in crowds and do not jump.', 'gall-mite': 'Gall mites are too small to see.' },
  hidesInCurl: true,
  controls: [
    ...except(SOFT_SUCKERS, 'systemic-drench', 'organophosphate-spray'),
    against('pick-off-leaves', 0.55, 'Rolled leaves hold the nymphs.'),
    against('prune-out', 0.5, 'The worst shoot tips come off whole.'),
    against('draw-off-ants', 0.1, 'Ants matter little here.', MEM),
  ],
});
