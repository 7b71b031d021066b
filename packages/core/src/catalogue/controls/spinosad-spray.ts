import { CP, MEM } from '../../measure';
import type { Control } from '../schema';

export const spinosadSpray: Control = {
  id: 'spinosad-spray',
  name: 'Spinosad spray',
  act: 'Mix the spinosad',
  rung: 5,
  hazard: { people: 1, bees: 4, water: 2, helpers: 2, persistence: 1 },
  organic: true,
  sheet: 'spinosad',
  needs: { maxSunWm2: 200, maxTempC: 30, minTempC: 8, maxWindMs: 4, rainFreeHours: 6, bees: 'always' },
  how: [
    { text: 'While they are small and eating.', at: 'before' },
    { text: 'At dusk, when bees are home; never on flowers.', at: 'before', open: true },
    { text: 'At most twice running, then another mode of action.', at: 'after' },
  ],
  works: { text: 'Eaten or touched, it stops them within a day or two.', prov: CP },
  cautions: [{ text: 'Kills bees until three hours dry.', prov: CP }],
  doesNot: { text: 'It does not stop sucking insects.', prov: CP },
  after: { text: 'No fresh droppings after two days.', prov: CP },
  means: ['stomach', 'contact'],
  does: 'cures',
  alsoFor: [{ pests: ['thrips', 'leaf-miner', 'sawflies', 'caterpillars'], effect: 0.75, why: 'Eaten with the leaf; stops feeding within a day.', prov: MEM }],
};
