import type { Verdict } from './types';

/** Expected to stop at least this share: enough to try before climbing (from memory). */
export const WORTH_TRYING = 0.4;
/** Curled leaves keep a contact spray from this share of them (from memory). */
const CURLED = 0.5;

/** The share it is expected to stop as things are now. */
export const expected = (v: Verdict) => v.effect * (v.reasons.some((r) => r.code === 'curled') ? CURLED : 1);

/** Usable controls on a lower rung that are expected to do: taking a higher one asks for a reason. */
export function gentlerThan(chosen: Verdict, verdicts: readonly Verdict[]): Verdict[] {
  return verdicts.filter(
    (v) => v.control.rung > 0 && !v.control.nextTime && v.control.rung < chosen.control.rung && v.status === 'usable' && expected(v) >= WORTH_TRYING,
  );
}
