import { inSentence } from '../../measure';
import { strangersOf } from '../../label';
import type { Rule } from '../types';

/** An active ingredient that nobody here knows: what it is taken for is said. */
export const unknownActive: Rule = (_s, c) => {
  const [first, ...more] = c.sheet ? strangersOf(c.sheet) : [];
  if (first === undefined) return null;
  const named = [first, ...more].map((name) => inSentence(name)).join(' and ');
  return {
    code: 'unknown-active',
    weight: 'note',
    sentence: `Nothing is known here of ${named}: it is taken for the worst to bees, fish and pets. The label and the law there decide.`,
    inputs: [],
    source: { mark: 'MEM' },
  };
};
