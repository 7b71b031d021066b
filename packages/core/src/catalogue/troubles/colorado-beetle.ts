import { MEM } from '../../measure';
import { BEETLES } from '../means';
import { cp, against, trouble } from '../write';

export const coloradoBeetle = trouble({
  id: 'colorado-beetle',
  name: 'Colorado potato beetle',
  also: 'potato beetle, ten-lined beetle',
  kind: 'insect',
  labelAs: 'beetles',
  sizeMm: 10,
  hosts: { potato: 1.3, aubergine: 1.1, tomato: 0.5, 'family:Solanaceae': 0.5 },
  seen: {
    always: 'big-striped-beetle',
    often: 'red-hump-grubs egg-rafts edge-eaten',
    sometimes: 'only-veins droppings',
    rarely: 'ragged-holes',
    never: 'slime webbing sticky',
  },
  first: 'egg-rafts big-striped-beetle',
  season: '5-9',
  favours: 'warm',
  unit: 'plants',
  facts: [
    cp('Orange-yellow egg rafts underneath are squashed before they hatch.'),
    cp('Old grubs and beetles shrug off most sprays; it grows resistant fast.'),
  ],
  life: [
    ['Winter adult', '10-4', 'deep in the soil', 'none'],
    ['Egg', '5-7', 'undersides', 'hand'],
    ['Grub', '6-8', 'on the leaves', 'hand stomach contact'],
    ['Beetle', '5-9', 'on the leaves', 'hand'],
  ],
  open: cp('Eggs and small grubs; large ones resist.'),
  tolerate: cp('Potatoes bear a fifth of the leaf gone before flowering.'),
  act: 0.1,
  again: 4,
  by: 'flight plants',
  spread: cp('Walks and flies; travels with goods.'),
  never: cp('Never jumps.'),
  enemies: 'ladybird ground-beetle parasitic-wasp',
  apart: { ladybird: 'A ladybird has round spots, not lines.', 'cucumber-beetle': 'Cucumber beetles are slim and small.' },
  report: { in: 'GB IE NO SE FI DK AU NZ JP' },
  controls: [
    ...BEETLES,
    against('rotate-crops', 0.4, "They walk up from last year's bed."),
    against('hand-pick', 0.65, 'Eggs and grubs, twice a week.'),
    against('carbaryl-dust', 0.35, 'Many are resistant.', MEM),
    against('spinosad-spray', 0.8, 'On small grubs; another group next time, since they grow resistant fast.', MEM),
  ],
});
