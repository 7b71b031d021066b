import type { Rule } from '../types';

/**
 * Restricted products are for licensed applicators. One's own pack that says DANGER is warned of, and is open where its label
 * carries the crop; specimens of ours that say so stay closed, which is a rule of this house.
 */
export const restricted: Rule = (_s, c) => {
  if (!c.sheet || (!c.sheet.restricted && c.sheet.signalWord !== 'danger')) return null;
  const said = { code: 'restricted', inputs: [{ name: 'Signal word', value: c.sheet.signalWord }] };
  if (c.sheet.restricted) {
    const source = { mark: 'PUB', source: '40 CFR 152.160 to 152.175' } as const;
    return { ...said, weight: 'never', sentence: 'This is work for a licensed applicator.', source };
  }
  if (c.sheet.specimen) {
    const sentence = 'Its label would say DANGER: Sleetbrook does not open it without your own label. Ask a licensed applicator.';
    return { ...said, weight: 'never', sentence, source: { mark: 'MEM' } };
  }
  return {
    ...said,
    weight: 'note',
    sentence: 'Its label says DANGER: a splash can burn for good. Read all of it first, wear all that it names, and have nobody near.',
    source: { mark: 'PUB', source: '40 CFR 156.64' },
  };
};
