import type { Rule } from '../types';

/** What was never on this planting is tried on a few leaves first. */
export const patchTest: Rule = (s, c) => {
  const wets = c.control.homeMade || c.line?.coverage === 'wetted' || c.line?.coverage === 'run-off';
  if (!wets || s.records.some((r) => r.controlId === c.control.id)) return null;
  return {
    code: 'patch-test',
    weight: 'note',
    sentence: 'New on these plants: try a few leaves and wait 24 to 48 hours.',
    inputs: [],
    source: { mark: 'CP' },
  };
};
