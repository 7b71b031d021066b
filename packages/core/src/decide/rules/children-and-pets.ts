import type { Rule } from '../types';

/** Who else walks there. */
export const childrenAndPets: Rule = (s, c) => {
  const who = s.around.filter((a) => a === 'children' || a === 'pets');
  const minds = c.sheet && (c.sheet.keepOff || c.sheet.signalWord === 'warning' || c.sheet.into === 'not-mixed');
  if (who.length === 0 || !minds) return null;
  return {
    code: 'keep-off',
    weight: 'note',
    sentence: `Keep ${who.join(' and ')} off until the keep-out is over, and the pack locked away.`,
    inputs: [{ name: 'Around', value: who.join(', ') }],
    source: { mark: 'CP' },
  };
};
