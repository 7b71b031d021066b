import type { Rule } from '../types';

/** The grower's own policy. None is lectured: it says which setting closes it. */
export const policy: Rule = (s, c) => {
  // a product by what is on its sheet, other means by what they are
  const organic = c.sheet ? c.sheet.organicListed : c.control.organic;
  const barred = (s.policy === 'organic' && !organic) || (s.policy === 'by-hand' && c.control.rung > 3);
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
