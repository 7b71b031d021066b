import type { Rule } from '../types';

/** Plants that a control does not suit. */
export const plantGroup: Rule = (s, c) => {
  const hit = c.control.notOn?.find((n) => n.group === s.host.group);
  return hit ? { code: 'plant-group', weight: 'never', sentence: hit.why, inputs: [{ name: 'Plant', value: s.host.name }], source: { mark: 'CP' } } : null;
};
