import { courseAims, type OwnAims } from './aims';
import type { CourseModel, ProgrammeModel } from './types';

/** A set of days for the rounds of one course, that breaks none of its own limits, with what it costs by itself. */
export interface Pattern extends OwnAims {
  /** Bit d: a round on day d. */
  readonly mask: number;
  readonly days: readonly number[];
}

/** Whether a round fits into a day at all. */
export const fitsDay = (c: CourseModel, day: number): boolean => (c.open[day] ?? []).some((s) => s.to - s.from >= c.quarters);

const GRAIN = 1e-9;

/**
 * All sets of days that are worth a thought. One whose rounds can be made fewer without leaving more bare or unanswered
 * is left out: fewer rounds harm less, take less and ask for no more evenings.
 */
export function patternsOf(model: ProgrammeModel, c: CourseModel): Pattern[] {
  const days = Array.from({ length: model.days }, (_, d) => d).filter((d) => fitsDay(c, d));
  const byTotals = c.takes.map((t) => {
    const left = model.totals.find((x) => x.id === t.total)?.left ?? 0;
    return t.amount > 0 ? Math.floor((left + GRAIN) / t.amount) : Infinity;
  });
  const most = Math.min(c.rounds, ...byTotals);
  const fixed = c.fixed.reduce((m, d) => m | (1 << d), 0);
  const cost = new Map<number, OwnAims>();
  const costOf = (mask: number, list: readonly number[]) => {
    let known = cost.get(mask);
    if (!known) cost.set(mask, (known = courseAims(model, c, list)));
    return known;
  };
  const out: Pattern[] = [];
  const chosen: number[] = [];
  const take = (mask: number) => {
    if ((mask & fixed) !== fixed) return;
    const own = costOf(mask, chosen);
    for (const d of chosen) {
      if (fixed & (1 << d)) continue;
      const fewer = costOf(
        mask & ~(1 << d),
        chosen.filter((x) => x !== d),
      );
      if (fewer.unanswered < own.unanswered || (fewer.unanswered === own.unanswered && fewer.bareDays <= own.bareDays)) return;
    }
    out.push({ mask, days: [...chosen], ...own });
  };
  const grow = (from: number, mask: number) => {
    take(mask);
    if (chosen.length >= most) return;
    for (let i = from; i < days.length; i++) {
      const d = days[i] as number;
      const before = chosen.at(-1);
      if (before !== undefined && d - before < Math.max(1, c.least)) continue;
      chosen.push(d);
      grow(i + 1, mask | (1 << d));
      chosen.pop();
    }
  };
  grow(0, 0);
  return out;
}
