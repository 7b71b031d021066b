import { MEM } from '../../measure';
import { LEAF_FUNGI } from '../means';
import { against, cp, timed, trouble } from '../write';

export const lateBlight = trouble({
  id: 'late-blight',
  name: 'Late blight',
  also: 'potato blight, tomato blight',
  kind: 'fungus',
  labelAs: 'blights',
  hosts: { potato: 1.3, tomato: 1.2, aubergine: 0.2, petunia: 0.1, 'family:Solanaceae': 0.3 },
  seen: {
    always: 'greasy-blotches',
    often: 'down-under stem-lesions sudden-wilt',
    sometimes: 'fruit-leathery-brown tuber-brown-rot smell-rot',
    rarely: 'leaf-edge-scorch',
    never: 'target-rings webbing pustules sticky',
  },
  first: 'greasy-blotches',
  season: '6-10',
  favours: 'wet',
  unit: 'leaves',
  facts: [
    cp('Two warm wet days and it takes a bed within the week: bin or bury at once, do not compost.'),
    cp('Cut potato tops off and wait two weeks before lifting.'),
  ],
  life: [
    ['Winter', '10-5', 'in tubers left in soil', 'clearing'],
    ['Infection', '6-9', 'wet leaves', 'protectant kickback cover clearing'],
    ['Tubers and fruit', '7-10', 'washed down', 'clearing'],
  ],
  open: cp('Before a warm wet spell; afterwards cut the tops.'),
  tolerate: cp('None: it feeds every garden downwind.'),
  act: 0.01,
  again: 2,
  by: 'wind splash plants',
  spread: cp('Wind, for kilometres.'),
  never: cp('Never only the lowest leaves.'),
  enemies: '',
  apart: { 'early-blight': 'Early blight has rings and goes slowly.', 'grey-mould': 'Grey mould is fluffy grey.' },
  waterMould: true,
  controls: [
    ...LEAF_FUNGI,
    against('leave-it', 0, 'It takes the bed.'),
    against('bacillus-subtilis-spray', 0.05, 'Too weak for this one.', MEM),
    against('pick-off-leaves', 0.1, 'By the time it shows it is in more leaves than you see.', MEM),
    against('clear-fallen', 0.4, 'It winters in tubers left in the ground: dig every one.'),
    timed(
      'planting-out growing in-flower fruit-growing',
      'from planting out on: leaves under a roof stay dry',
      against('rain-cover', 0.7, 'Under a roof tomatoes stay dry.'),
    ),
    against('dig-out', 0.5, 'Cut the tops of potatoes; bag whole tomato plants that are struck.'),
    timed(
      'growing in-flower fruit-growing',
      'once leaves meet between the rows, before the first warm wet days',
      against('copper-spray', 0.6, 'Only ahead of the wet.'),
    ),
  ],
});
