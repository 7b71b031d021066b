import { inSentence } from '../measure';
import { helperDays } from '../label';
import type { Instant } from '../measure';
import type { Verdict } from './types';

/** What two controls in one plan do to each other. */
export interface Tie {
  readonly a: string;
  readonly b: string;
  /** 'conflict': not both; 'order': in this order, or so far apart; 'helps': one makes the other work better. */
  readonly kind: 'conflict' | 'order' | 'helps';
  readonly sentence: string;
}

type Pair = (a: Verdict, b: Verdict) => Omit<Tie, 'a' | 'b'> | null;

const named = (v: Verdict) => inSentence(v.control.name);
const wets = (v: Verdict) => v.line?.coverage === 'wetted' || v.line?.coverage === 'run-off' || v.control.homeMade === true;
/** Longer than this nobody waits with helpers in the fridge: then it is one or the other. */
const LONG_DAYS = 7;

const killsHelpers: Pair = (a, b) =>
  a.control.releases && b.sheet && helperDays(b.sheet, a.control.releases) > LONG_DAYS
    ? { kind: 'conflict', sentence: `${b.control.name} kills the helpers you set free. One or the other.` }
    : null;
const helpersLater: Pair = (a, b) => {
  const days = a.control.releases && b.sheet ? helperDays(b.sheet, a.control.releases) : 0;
  return days > 1 && days <= LONG_DAYS
    ? { kind: 'conflict', sentence: `Not together: ${named(b)} first, helpers ${days} days later, when what is left no longer kills them.` }
    : null;
};
const wetsHelpers: Pair = (a, b) =>
  a.control.releases && wets(b) && (b.sheet ? helperDays(b.sheet, a.control.releases) === 1 : b.control.hazard.helpers > 0)
    ? { kind: 'order', sentence: `${b.control.name} first; helpers once it has dried, a day or more later.` }
    : null;
const shutOut: Pair = (a, b) => (a.control.covers && b.control.releases ? { kind: 'conflict', sentence: 'A cover shuts helpers out.' } : null);
const coverLast: Pair = (a, b) =>
  a.control.covers && wets(b) ? { kind: 'order', sentence: `${b.control.name} first, then the cover over dry leaves.` } : null;
const gap: Pair = (a, b) => {
  const days = Math.max(
    0,
    ...(a.sheet?.gaps ?? []).filter((g) => b.sheet?.groups.includes(g.group)).map((g) => g.days),
    ...(b.sheet?.gaps ?? []).filter((g) => a.sheet?.groups.includes(g.group)).map((g) => g.days),
  );
  return days > 0 ? { kind: 'order', sentence: `Keep ${named(a)} and ${named(b)} ${days} days apart: together they burn leaves or undo each other.` } : null;
};
const oneTank: Pair = (a, b) => {
  if (!a.sheet || !b.sheet || a.sheet.into === 'not-mixed' || b.sheet.into === 'not-mixed') return null;
  const barred = [...(a.sheet.notMixedWith ?? []), ...(b.sheet.notMixedWith ?? [])];
  const why = barred.length > 0 ? 'a label forbids it' : 'mix two products only when both labels allow it';
  return { kind: 'order', sentence: `Never in one tank: ${why}. One after the other, each dry first.` };
};
const washedOff: Pair = (a, b) =>
  a.control.id === 'hose-jet' && wets(b)
    ? { kind: 'order', sentence: `The jet first, ${named(b)} on dry leaves after: the other way round it washes off.` }
    : null;
const antsFirst: Pair = (a, b) =>
  a.control.id === 'draw-off-ants' && b.control.releases ? { kind: 'helps', sentence: 'Ants away first: they guard aphids from helpers.' } : null;
const washThenDrench: Pair = (a, b) =>
  a.control.id === 'bark-wash' && b.sheet && (b.line?.coverage === 'drenched' || b.line?.rate.form === 'per-cm-trunk')
    ? { kind: 'helps', sentence: 'Wash the bark first; the rest later, on dry bark or moist soil.' }
    : null;
const pinchFirst: Pair = (a, b) =>
  (a.control.id === 'pinch-tips' || a.control.id === 'prune-out' || a.control.id === 'pick-off-leaves') && wets(b)
    ? { kind: 'helps', sentence: `Take the worst away first: ${named(b)} has less to reach.` }
    : null;

const PAIRS: readonly Pair[] = [killsHelpers, helpersLater, shutOut, gap, oneTank, wetsHelpers, coverLast, washedOff, antsFirst, washThenDrench, pinchFirst];

/**
 * Everything that the controls of one plan do to each other: what can not go together, what goes in
 * which order, what helps what. Conflicts first.
 */
export function conflictsAmong(plan: readonly Verdict[]): Tie[] {
  const ties: Tie[] = [];
  for (const [i, x] of plan.entries()) {
    for (const y of plan.slice(i + 1)) {
      for (const pair of PAIRS) {
        const hit = pair(x, y) ?? pair(y, x);
        if (hit) ties.push({ a: x.key, b: y.key, ...hit });
      }
    }
  }
  const RANK = { conflict: 0, order: 1, helps: 2 };
  return ties.sort((p, q) => RANK[p.kind] - RANK[q.kind]);
}

const SOON_MS = 14 * 86_400_000;

/**
 * What would go well beside a chosen control: by hand, by care or by helpers, usable now or within two weeks,
 * and in no conflict with it or what is in the plan already.
 */
export function goesWith(chosen: readonly Verdict[], verdicts: readonly Verdict[], now: Instant): Verdict[] {
  const taken = new Set(chosen.map((v) => v.key));
  return verdicts.filter(
    (v) =>
      !taken.has(v.key) &&
      v.control.rung > 0 &&
      v.control.rung < 7 &&
      (v.status === 'usable' || (v.status === 'not-now' && v.opens?.kind === 'at' && v.opens.at - now <= SOON_MS)) &&
      !conflictsAmong([...chosen, v]).some((t) => t.kind === 'conflict'),
  );
}
