import type { Rule } from '../types';

/** Plants kept for butterflies: what kills caterpillars, or anything that sucks or chews, kills theirs. */
export const butterflies: Rule = (s, c) => {
  const kills =
    c.line?.pests.includes('caterpillars') ||
    c.sheet?.groups.includes('broad-insecticide') ||
    (c.sheet?.bees === 'toxic' && c.control.means.includes('systemic'));
  return s.planting.about.includes('for-butterflies') && kills
    ? {
        code: 'butterflies',
        weight: 'never',
        sentence: 'You keep these plants for butterflies: it kills their caterpillars too.',
        inputs: [],
        source: { mark: 'CP' },
      }
    : null;
};
