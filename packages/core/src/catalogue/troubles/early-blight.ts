import { LEAF_FUNGI } from '../means';
import { cp, against, trouble } from '../write';

export const earlyBlight = trouble({
  id: 'early-blight',
  name: 'Early blight and target spot',
  also: 'alternaria, early blight',
  kind: 'fungus',
  labelAs: 'blights leaf-spots',
  hosts: { tomato: 1.3, potato: 1, aubergine: 0.5, carrot: 0.5, cabbage: 0.5, broccoli: 0.4, 'family:Solanaceae': 0.5 },
  seen: {
    always: 'target-rings',
    often: 'old-leaves-yellow leaf-edge-scorch',
    sometimes: 'stem-lesions fruit-leathery-brown fruit-sunken-spots',
    rarely: 'sudden-wilt',
    never: 'down-under webbing pustules sticky',
  },
  first: 'target-rings',
  season: '6-9',
  favours: 'warm wet',
  unit: 'leaves',
  facts: [cp('Brown spots with rings like a target on the oldest leaves first, yellow round them.')],
  life: [
    ['Winter', '10-5', 'litter and soil', 'clearing'],
    ['Spots', '6-9', 'old leaves upward', 'clearing protectant kickback'],
  ],
  open: cp('Lowest leaves: pick them off, mulch, water the soil.'),
  tolerate: cp('Spots on the lowest leaves late in the season.'),
  act: 0.1,
  again: 5,
  by: 'splash wind',
  spread: cp('Soil splash, wind.'),
  never: cp('Never white down underneath.'),
  enemies: '',
  apart: { 'late-blight': 'Late blight is greasy, fast, with white down.', septoria: 'Septoria spots are small, pale with black dots.' },
  controls: [...LEAF_FUNGI, against('rotate-crops', 0.35, 'It rests in the litter.'), against('even-watering', 0.15, 'At the soil, never over the leaves.')],
});
