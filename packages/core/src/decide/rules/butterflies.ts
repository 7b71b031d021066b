import type { Rule } from '../types';

/** Plants kept for butterflies: what kills caterpillars kills theirs. */
export const butterflies: Rule = (s, c) =>
  s.planting.about.includes('for-butterflies') && c.line?.pests.includes('caterpillars')
    ? {
        code: 'butterflies',
        weight: 'never',
        sentence: 'You keep these plants for butterflies: it kills their caterpillars too.',
        inputs: [],
        source: { mark: 'CP' },
      }
    : null;
