import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const pyrethrinDust: Control = {
  id: 'pyrethrin-dust',
  name: 'Pyrethrin dust',
  act: 'Dust it',
  rung: 5,
  hazard: { people: 2, bees: 3, water: 3, helpers: 3, persistence: 0 },
  organic: true,
  sheet: 'pyrethrin-dust',
  needs: { maxSunWm2: 100, maxTempC: 30, maxWindMs: 2, rainFreeHours: 12, bees: 'always', daylight: true },
  how: [
    { text: 'Evening, still air, no bees about.', at: 'before', open: true },
    { text: 'A thin film on leaves, away from any flower.', at: 'list' },
    { text: 'With flowers near, rinse it off at first light.', at: 'after', by: ['dust-film'], open: true },
  ],
  works: { text: 'Falls on what crawls there and stops it within the hour.', prov: CP },
  cautions: [{ text: '"Organic" dusts kill helpers all the same.', prov: CP }],
  doesNot: { text: 'It does not last past the next day.', prov: CP },
  after: { text: 'Still ones under the plants in the morning.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['flea-beetles', 'beetles', 'ants'], effect: 0.5, why: 'A thin film in the evening, gone next day.', prov: MEM },
    { pests: ['caterpillars'], effect: 0.5, why: 'A thin film in the evening, gone next day.', prov: MEM },
  ],
  schools: [
    {
      topic: 'dusts',
      positions: ['A dust stays where it is put and saves water.', 'Dust drifts, is breathed in, and lies where bees walk.'],
      ours: 'Evening, still air, thin, with a mask; off again at first light where flowers are near.',
      why: 'The harm is to lungs and to bees by day; both can be kept apart from it.',
    },
  ],
};
