import type { Rule } from '../types';

/** Where a material is not, or not by everybody, allowed. */
export const region: Rule = (_s, c) =>
  c.sheet?.regionNote ? { code: 'region', weight: 'note', sentence: c.sheet.regionNote.text, inputs: [], source: c.sheet.regionNote.prov } : null;
