import type { Suspect } from './rank';
import type { Answer } from './weigh';

/** Below this the name is not settled (from memory; the key's calibration will move it). */
export const SURE_ENOUGH = 0.8;

export type Finding =
  /** Nothing has been looked for yet. */
  | { readonly state: 'no-signs' }
  | { readonly state: 'settled'; readonly leader: Suspect }
  | { readonly state: 'not-settled'; readonly leader: Suspect; readonly why: string };

/**
 * Whether the ranking is good enough to act on. With no sign seen nothing is ever settled, however
 * much was ruled out.
 */
export function settle(suspects: readonly Suspect[], answers: readonly Answer[]): Finding {
  const [leader, second] = suspects;
  if (answers.length === 0 || !leader) return { state: 'no-signs' };
  if (!answers.some((a) => a.seen)) {
    return { state: 'not-settled', leader, why: 'Nothing was seen yet, so nothing can be named.' };
  }
  if (leader.kind === 'other') {
    return { state: 'not-settled', leader, why: 'This fits nothing known here well. Take a sample to your local extension or plant-health office.' };
  }
  if (leader.probability >= SURE_ENOUGH) return { state: 'settled', leader };
  const rival = second && second.kind !== 'other' ? ` It could also be ${second.name.toLowerCase()}.` : '';
  return { state: 'not-settled', leader, why: `Probably ${leader.name.toLowerCase()}, but not sure enough to treat.${rival}` };
}
