import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const beauveriaSpray: Control = {
  id: 'beauveria-spray',
  name: 'Beauveria spray',
  act: 'Mix the Beauveria',
  rung: 3,
  hazard: { people: 1, bees: 1, water: 1, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'beauveria-bassiana',
  needs: { maxSunWm2: 200, maxTempC: 30, minTempC: 12, maxWindMs: 4.5, rainFreeHours: 4, bees: 'in-flower' },
  how: [
    { text: 'Mix just before use: the spores are alive.', at: 'before' },
    { text: 'Evening or a dull, damp day.', at: 'before' },
    { text: 'Undersides first.', at: 'on', by: ['fine-spray', 'run-off'] },
    { text: 'Again after 5 to 7 days, twice.', at: 'after' },
  ],
  works: { text: 'Spores that touch an insect grow into it; it dies within a week.', prov: CP },
  cautions: [{ text: 'Harms soft-bodied helpers it touches: set larvae aside.', prov: MEM }],
  doesNot: { text: 'It does not work in dry heat, nor soon after a fungicide.', prov: CP },
  after: { text: 'Dead ones with white fluff after a week in damp weather.', prov: CP },
  means: ['contact', 'stomach'],
  does: 'cures',
  alsoFor: [
    { pests: ['whiteflies', 'thrips', 'mealybugs'], effect: 0.5, why: 'Touches soft bodies and grows into them within a week.', prov: MEM },
    { pests: ['aphids', 'psyllids', 'plant-bugs'], effect: 0.35, why: 'Touches soft bodies and grows into them within a week.', prov: MEM },
  ],
};
