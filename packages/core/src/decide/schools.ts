import type { Control } from '../catalogue/light';
import type { Situation } from './types';

/** Ways of looking at the ladder. */
export const SCHOOLS = [
  { id: 'least-toxic', label: 'Least toxic', says: 'Your own policy, gentlest first.' },
  { id: 'organic', label: 'Certified organic only', says: 'Only what certified-organic growers may use.' },
  { id: 'any-labelled', label: 'Any labelled', says: 'Everything with a label for this, still gentlest first. No home-made preparations.' },
  { id: 'traditional', label: 'Traditional means too', says: 'With preparations made at home from leaves, soap and ash.' },
] as const;
export type School = (typeof SCHOOLS)[number]['id'];

/**
 * The situation, and which controls are shown, as a school sees them. What the grower's own policy bars
 * stays barred when it comes to taking one: this is for looking.
 */
export function seenBy(school: School, s: Situation): { readonly situation: Situation; readonly shows: (c: Control) => boolean } {
  if (school === 'organic') return { situation: { ...s, policy: s.policy === 'by-hand' ? 'by-hand' : 'organic' }, shows: (c) => !c.homeMade };
  if (school === 'any-labelled') return { situation: { ...s, policy: 'any-labelled' }, shows: (c) => !c.homeMade };
  if (school === 'traditional') return { situation: s, shows: () => true };
  return { situation: s, shows: (c) => !c.homeMade };
}
