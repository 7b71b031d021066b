import type { Rule } from '../types';

/** A neighbour who reacts to sprays is told beforehand. */
export const neighbour: Rule = (s, c) =>
  s.around.includes('sensitive-neighbour') && c.sheet && s.planting.site === 'outdoors'
    ? {
        code: 'neighbour',
        weight: 'note',
        sentence: 'A neighbour reacts to sprays: tell them what and when, and spray away from their side.',
        inputs: [],
        source: { mark: 'CP' },
      }
    : null;
