import { WOOD_DISEASE } from '../means';
import { cp, against, trouble } from '../write';

export const caneBlight = trouble({
  id: 'cane-blight',
  name: 'Cane blight and spur blight',
  also: 'raspberry cane spot',
  kind: 'fungus',
  labelAs: 'cankers',
  hosts: { raspberry: 1.2, blackberry: 0.7, rose: 0.4 },
  seen: {
    always: 'purple-cane-spots',
    often: 'dieback',
    sometimes: 'stem-lesions brown-leaf-spots bark-cracks',
    rarely: 'one-runner-wilts',
    never: 'webbing sticky sawdust slime',
  },
  first: 'purple-cane-spots',
  season: '5-10',
  favours: 'wet',
  unit: 'canes',
  facts: [cp('Purple patches round buds in summer, silver-grey with dots in winter; thin the canes.')],
  life: [
    ['Winter', '10-4', 'old canes', 'clearing'],
    ['Infection', '5-8', 'young canes', 'protectant kickback'],
  ],
  open: cp('Thin canes; cut marked ones at the ground.'),
  tolerate: cp('A few marked canes in a full row.'),
  act: 0.15,
  again: 14,
  by: 'splash',
  spread: cp('Splash and wounds.'),
  never: cp('Never a hole in the cane.'),
  enemies: '',
  apart: { 'bark-borer': 'Borer holes with frass.' },
  controls: [...WOOD_DISEASE, against('water-and-air', 0.35, 'Thin canes and no overhead water.')],
});
