import type { Rule } from '../types';

/** The grower's own policy. None is lectured: it says which setting closes it. */
export const policy: Rule = (s, c) => {
  const barred = (s.policy === 'organic' && !c.control.organic) || (s.policy === 'by-hand' && c.control.rung > 3);
  // asking a licensed person stays open to everyone
  if (!barred || c.control.rung === 7) return null;
  const sentence = s.policy === 'organic' ? 'Your policy is certified-organic means only.' : 'Your policy is physical and biological means only.';
  return {
    code: 'policy',
    weight: 'never',
    sentence: `${sentence} Change it in Settings.`,
    inputs: [{ name: 'Policy', value: s.policy }],
    source: { mark: 'CP' },
  };
};
