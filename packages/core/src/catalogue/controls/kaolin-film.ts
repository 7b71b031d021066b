import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const kaolinFilm: Control = {
  id: 'kaolin-film',
  name: 'Kaolin film',
  act: 'Mix the kaolin',
  rung: 4,
  hazard: { people: 1, bees: 1, water: 0, helpers: 1, persistence: 1 },
  organic: true,
  sheet: 'kaolin',
  needs: { maxTempC: 35, minTempC: 4, maxWindMs: 4.5, rainFreeHours: 12, leaf: 'dry', bees: 'in-flower' },
  how: [
    { text: 'Before they arrive: it keeps them from settling.', at: 'before' },
    { text: 'Two thin coats, dried between; keep shaking.', at: 'on', by: ['fine-spray', 'run-off'], mixed: true },
    { text: 'Renew after 25 mm of rain and as leaves grow.', at: 'after', by: ['fine-spray', 'run-off'], open: true },
    { text: 'Wash fruit before eating.', at: 'after' },
  ],
  works: { text: 'A dusty white film that insects can not grip or know a plant by; shades against scorch too.', prov: CP },
  cautions: [{ text: 'Do not breathe the powder.', prov: CP }],
  doesNot: { text: 'It does not kill, and does nothing against what is already on.', prov: CP },
  after: { text: 'Leaves white all over; fewer bites on coated than on bare leaves.', prov: CP },
  means: [],
  does: 'prevents',
  when: { phases: ['petal-fall', 'fruit-growing', 'growing'], text: 'before they lay: from petal fall on, and again after heavy rain', prov: CP },
  alsoFor: [
    {
      pests: ['codling-moth', 'flea-beetles', 'psyllids', 'leafhoppers', 'beetles'],
      effect: 0.4,
      why: 'Keeps them from settling and laying, if it is on before they fly.',
      prov: MEM,
    },
    { pests: ['thrips', 'fruit-flies'], effect: 0.35, why: 'Keeps them from settling and laying, if it is on before they fly.', prov: MEM },
  ],
};
