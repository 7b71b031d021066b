import { thresholdFor } from '../scout/count';
import { CONTROLS, type Control } from '../catalogue/light';
import { judge } from './judge';
import type { Situation, Verdict } from './types';

/**
 * How harmful a control is beside others on its rung: harm to people, bees, water life, helpers and
 * how long it stays, people counting double, with the label's signal word behind.
 * Order: integrated pest management, common practice; weights from memory.
 */
export function hazardScore(control: Control): number {
  const h = control.hazard;
  return 2 * h.people + h.bees + h.water + h.helpers + h.persistence;
}

/**
 * Verdicts on every control of the trouble, least toxic first: rung, then hazard, then what does more.
 */
export function ladder(s: Situation): Verdict[] {
  const ids = new Set(s.trouble.controls.map((c) => c.control));
  return CONTROLS.filter((c) => ids.has(c.id))
    .map((c) => judge(c, s))
    .sort((a, b) => a.control.rung - b.control.rung || hazardScore(a.control) - hazardScore(b.control) || b.effect - a.effect);
}

/** Expected to stop at least this share: enough to try before climbing (from memory). */
const WORTH_TRYING = 0.4;

export interface Advice {
  readonly verdict: Verdict;
  readonly why: string;
}

/** A gentler way that opens within this time is worth waiting for. */
const WORTH_WAITING_MS = 3 * 86_400_000;

/**
 * The lowest rung that is expected to do and may be used now or within three days; on one rung, what
 * may be used now comes first. A licensed person only when nothing else is left.
 * @param share share affected at the last count, or null when none was made
 * @param fromRung where a looped case starts climbing
 */
export function recommend(verdicts: readonly Verdict[], s: Situation, share: number | null, fromRung = 0): Advice | null {
  const leave = verdicts.find((v) => v.control.rung === 0);
  const worthIt = thresholdFor(s.trouble.threshold.share, s.planting.tolerance);
  if (fromRung === 0 && leave && share !== null && share < worthIt) {
    return {
      verdict: leave,
      why: `${Math.round(share * 100)} in 100 affected, under the ${Math.round(worthIt * 100)} at which acting is worth it.`,
    };
  }
  const soon = (v: Verdict) => v.status === 'usable' || (v.status === 'not-now' && v.opens?.kind === 'at' && v.opens.at - s.now <= WORTH_WAITING_MS);
  const able = verdicts.filter((v) => v.control.rung > 0 && v.control.rung >= fromRung && v.effect >= WORTH_TRYING && soon(v));
  const rung = Math.min(...able.map((v) => v.control.rung));
  const onRung = able.filter((v) => v.control.rung === rung);
  const best = onRung.find((v) => v.status === 'usable') ?? onRung[0];
  return best ? { verdict: best, why: best.effectWhy } : null;
}

/** Usable controls on a lower rung that are expected to do: taking a higher one asks for a reason. */
export function gentlerThan(chosen: Verdict, verdicts: readonly Verdict[]): Verdict[] {
  return verdicts.filter((v) => v.control.rung > 0 && v.control.rung < chosen.control.rung && v.status === 'usable' && v.effect >= WORTH_TRYING);
}
