import type { Look } from '../api';

/**
 * The signs seen when signs were last asked for. A count asks for none; a look that found none of them any more leaves
 * nothing of an earlier one.
 * @param looks oldest first
 */
export const signsNow = (looks: readonly Pick<Look, 'answers'>[]): readonly string[] =>
  looks
    .findLast((l) => l.answers.length > 0)
    ?.answers.filter((a) => a.seen)
    .map((a) => a.signId) ?? [];

/** The last count made in a case, of looks oldest first; null where nothing was counted. */
export const lastCount = (looks: readonly Pick<Look, 'count'>[]): Look['count'] => looks.findLast((l) => l.count !== null)?.count ?? null;

/** Share affected at the last count, 0 to 1; null where nothing was counted. */
export function shareNow(looks: readonly Pick<Look, 'count'>[]): number | null {
  const count = lastCount(looks);
  return count && count.looked > 0 ? count.affected / count.looked : null;
}
