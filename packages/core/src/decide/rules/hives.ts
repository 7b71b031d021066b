import type { Rule } from '../types';

/** A hive close by is told beforehand. */
export const hives: Rule = (s, c) =>
  s.around.includes('hives') && c.sheet && c.sheet.bees !== 'none' && s.planting.site !== 'indoors'
    ? {
        code: 'hives',
        weight: 'note',
        sentence: 'Hives near: tell the beekeeper the day before, and treat when no bee flies.',
        inputs: [{ name: 'Bees', value: c.sheet.bees }],
        source: { mark: 'CP' },
      }
    : null;
