import type { Rule } from '../types';

/** Helpers that fly off, or stop in the cool, where nothing keeps them in. */
export const underGlass: Rule = (s, c) =>
  c.control.underCoverOnly && s.planting.site === 'outdoors'
    ? { code: 'under-glass', weight: 'never', sentence: 'Only under glass or plastic: outdoors they fly off.', inputs: [], source: { mark: 'CP' } }
    : null;
