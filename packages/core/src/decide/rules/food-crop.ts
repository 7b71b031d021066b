import type { Rule } from '../types';

/** What will be eaten needs a label line that carries a picking wait. */
export const foodCrop: Rule = (s, c) =>
  s.planting.edible && c.line && c.line.phiDays === null
    ? {
        code: 'food-crop',
        weight: 'never',
        sentence: 'You eat from these plants, and this label line is not for food crops.',
        inputs: [{ name: 'Edible', value: 'yes' }],
        source: c.line.prov,
      }
    : null;
