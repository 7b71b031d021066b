import type { Rule } from '../types';

export const densePlanting: Rule = (s, c) =>
  c.control.notWhenDense && s.planting.dense
    ? { code: 'dense', weight: 'never', sentence: c.control.notWhenDense, inputs: [{ name: 'Closely planted', value: 'yes' }], source: { mark: 'CP' } }
    : null;
