import { copperShare, productPerM2 } from '../../label';
import { copperWord } from '../copper';
import type { Rule } from '../types';

/** Copper on this ground over twelve months and seven years, with one more treatment at the label's lowest rate. */
export const copperLoad: Rule = (s, c, at) => {
  if (!c.sheet || !c.line) return null;
  const next = (productPerM2(c.line, c.line.rate.min || c.line.rate.max) ?? 0) * copperShare(c.sheet);
  const word = copperWord(next, 'One more at the lowest rate', s.records, at, s.country);
  if (!word) return null;
  const { sentence, inputs, source } = word;
  if (!word.over) return { code: 'copper-year', weight: 'note', sentence, inputs, source };
  return word.opensAt === null
    ? { code: 'copper-load', weight: 'never', sentence, inputs, source }
    : { code: 'copper-load', weight: 'not-now', sentence, inputs, source, opens: { kind: 'at', at: word.opensAt } };
};
