import type { Rule } from '../types';

/** Restricted products are for licensed applicators; that those marked DANGER are not opened either is a rule of this house. */
export const restricted: Rule = (_s, c) => {
  if (!c.sheet || (!c.sheet.restricted && c.sheet.signalWord !== 'danger')) return null;
  return {
    code: 'restricted',
    weight: 'never',
    sentence: c.sheet.restricted
      ? 'This is work for a licensed applicator.'
      : 'Its label says DANGER: Sleetbrook does not open it, whoever may use it. Ask a licensed applicator.',
    inputs: [{ name: 'Signal word', value: c.sheet.signalWord }],
    source: c.sheet.restricted ? { mark: 'PUB', source: '40 CFR 152.160 to 152.175' } : { mark: 'MEM' },
  };
};
