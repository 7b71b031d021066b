import { whenOn } from '../catalogue/used-on';
import { timingOf, type Timing } from './timing';
import type { Situation, Verdict } from './types';

/** One means of keeping a trouble away, in its place in the year. */
export interface GuardStep {
  readonly verdict: Verdict;
  readonly timing: Timing | null;
  /** 'now' may be done at this stage; 'later' in this plant's year; 'next' where it goes or what is planted next. */
  readonly part: 'now' | 'later' | 'next';
}

/** Less than this keeps too little away to be worth a line (from memory). */
const WORTH_A_LINE = 0.25;
const PARTS = ['now', 'later', 'next'] as const;

/** Care is rung 1: even water, air, feed, drainage, clean ground, the time of sowing, kinds that resist. */
export const CARE_RUNG = 1;
/** Care: it costs nothing and harms nothing, so it is told whatever it brings (from memory). */
export const isCare = (v: Pick<Verdict, 'control' | 'does'>): boolean => v.control.rung === CARE_RUNG && v.control.id !== 'report-it' && v.does !== 'holds';

/** Against what is not there yet: care, what keeps it away or smothers what winters, and no cure for what may never come. */
export const guards = (v: Verdict): boolean =>
  v.status !== 'never' &&
  !v.inherited &&
  (v.alsoPrevents || (isCare(v) && v.effect > 0) || (v.effect >= WORTH_A_LINE && v.does !== 'aids' && (v.does !== 'cures' || v.control.means.includes('oil'))));

/**
 * Everything that keeps a trouble away here, in the order of the plant's year from its stage on, on each part gentlest
 * first; what is never open here is left out.
 */
export function guardPlan(verdicts: readonly Verdict[], s: Pick<Situation, 'trouble' | 'planting'>): readonly GuardStep[] {
  return verdicts
    .filter(guards)
    .map((verdict): GuardStep => {
      const timing = timingOf(verdict.control, s.trouble, s.planting.stage);
      const chosen = whenOn(verdict.control, s.trouble)?.phases.every((p) => p === 'before-planting') ?? false;
      return { verdict, timing, part: chosen ? 'next' : (timing?.is ?? 'now') };
    })
    .sort(
      (a, b) =>
        PARTS.indexOf(a.part) - PARTS.indexOf(b.part) ||
        (a.timing?.away ?? 0) - (b.timing?.away ?? 0) ||
        Number(isCare(b.verdict)) - Number(isCare(a.verdict)) ||
        a.verdict.control.rung - b.verdict.control.rung ||
        b.verdict.effect - a.verdict.effect,
    );
}
