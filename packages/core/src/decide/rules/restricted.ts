import type { Rule } from '../types';

/** Restricted products are for licensed applicators. */
export const restricted: Rule = (_s, c) =>
  c.sheet?.restricted || c.sheet?.signalWord === 'danger'
    ? {
        code: 'restricted',
        weight: 'never',
        sentence: 'This is work for a licensed applicator.',
        inputs: [{ name: 'Signal word', value: c.sheet.signalWord }],
        source: { mark: 'PUB', source: '40 CFR 156.64' },
      }
    : null;
