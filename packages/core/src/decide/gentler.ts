import type { Verdict } from './types';

/** Expected to stop at least this share: enough to try before climbing (from memory). */
export const WORTH_TRYING = 0.4;

/** Whether it acts on what is there, and does not only keep more from coming or help along. */
export const actsOnWhatIsThere = (v: Pick<Verdict, 'does'>): boolean => v.does === 'cures' || v.does === 'holds';

/**
 * Usable controls on a lower rung that are expected to do: taking a higher one asks for a reason.
 * @param stop share that has to be stopped
 */
export function gentlerThan(chosen: Verdict, verdicts: readonly Verdict[], stop = WORTH_TRYING): Verdict[] {
  return verdicts.filter(
    (v) => v.control.rung > 0 && actsOnWhatIsThere(v) && v.control.rung < chosen.control.rung && v.status === 'usable' && v.effect >= stop,
  );
}
