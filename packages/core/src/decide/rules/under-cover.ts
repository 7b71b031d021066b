import type { Rule } from '../types';

/** Helpers cannot come, nor what was sprayed or dusted get to the leaf, through a cover. */
export const underCover: Rule = (s, c) => {
  const touches = c.control.releases || c.line?.coverage === 'wetted' || c.line?.coverage === 'run-off' || c.control.homeMade || c.sheet?.formulation === 'D';
  if (!s.planting.about.includes('covered') || !touches) return null;
  return {
    code: 'covered',
    weight: 'not-now',
    sentence: 'A cover is on: take it off first.',
    inputs: [],
    source: { mark: 'CP' },
    opens: { kind: 'event', event: 'when the cover is off', change: { code: 'covered', label: 'Take the cover off', without: 'covered' } },
  };
};
