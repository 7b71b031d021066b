import type { Change, Situation, Verdict } from './types';

/** The situation as it would be after a change. */
export function withChange(s: Situation, change: Change): Situation {
  const kept = change.without ? s.planting.about.filter((a) => a !== change.without) : s.planting.about;
  const about = change.withAbout && !kept.includes(change.withAbout) ? [...kept, change.withAbout] : kept;
  return {
    ...s,
    planting: { ...s.planting, ...change.planting, about },
    stageSeen: change.stageSeen === undefined ? s.stageSeen : change.stageSeen,
    homeMade: change.homeMade ?? s.homeMade,
    ...(change.reported ? { reported: true } : {}),
    plans: change.noPlans ? [] : s.plans,
  };
}

export const withChanges = (s: Situation, changes: readonly Change[]): Situation => changes.reduce(withChange, s);

/**
 * What could be otherwise, so that more would be open: every way out that a verdict names, most often
 * named first, each once. The "what if" of the ladder.
 */
export function changesFor(verdicts: readonly Verdict[]): Change[] {
  const times = new Map<string, { change: Change; n: number }>();
  for (const v of verdicts) {
    if (v.status !== 'not-now') continue;
    for (const r of v.reasons) {
      const ways = [r.opens?.kind === 'event' ? r.opens.change : null, r.orElse].filter((c): c is Change => Boolean(c));
      for (const change of new Map(ways.map((w) => [w.code, w])).values()) {
        times.set(change.code, { change, n: (times.get(change.code)?.n ?? 0) + 1 });
      }
    }
  }
  return [...times.values()].sort((a, b) => b.n - a.n).map((t) => t.change);
}
