import { allowedIn } from '../../label';
import type { Rule } from '../types';

/** Where a material is not, or not by everybody, allowed: closed where the garden's country bars it, else asked. */
export const region: Rule = (s, c) => {
  const law = c.sheet && allowedIn(c.sheet, s.country ?? null);
  if (!law) return null;
  return law.is === 'ask'
    ? { code: 'region', weight: 'note', sentence: law.words, inputs: [], source: law.prov }
    : {
        code: 'region',
        weight: 'never',
        sentence: `${law.words} Take what you have to a hazardous-waste day, and choose another means.`,
        inputs: [{ name: 'Country', value: s.country ?? '' }],
        source: law.prov,
      };
};
