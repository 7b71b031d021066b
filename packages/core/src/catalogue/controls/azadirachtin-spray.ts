import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const azadirachtinSpray: Control = {
  id: 'azadirachtin-spray',
  name: 'Azadirachtin spray',
  act: 'Mix the azadirachtin',
  rung: 4,
  hazard: { people: 1, bees: 2, water: 2, helpers: 1, persistence: 1 },
  organic: true,
  sheet: 'azadirachtin',
  needs: { maxSunWm2: 200, maxTempC: 30, minTempC: 8, maxWindMs: 4.5, rainFreeHours: 8, bees: 'in-flower', daylight: true },
  how: [
    { text: 'When the young ones are out.', at: 'before' },
    { text: 'Evening; both sides of the leaf.', at: 'list' },
    { text: 'Every 7 to 10 days, three times.', at: 'after' },
  ],
  works: { text: 'Stops feeding and growing up; the young ones fail to moult.', prov: CP },
  cautions: [{ text: 'Keep off open flowers by day.', prov: CP }],
  doesNot: { text: 'It does not kill adults, and nothing shows for days.', prov: CP },
  after: { text: 'Fewer young ones after ten days, no new moults.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['whiteflies', 'leafhoppers', 'leaf-miner', 'beetles', 'thrips'], effect: 0.5, why: 'The young ones stop feeding and fail to moult.', prov: MEM },
    { pests: ['aphids', 'caterpillars', 'sawflies'], effect: 0.5, why: 'Young ones stop feeding and fail to moult.', prov: MEM },
    { pests: ['mealybugs'], effect: 0.35, why: 'Young ones only.', prov: MEM },
  ],
};
