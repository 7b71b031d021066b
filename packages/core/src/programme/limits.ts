import type { PlannedRound, ProgrammeModel } from './types';

/** A limit that a programme breaks. */
export interface Broken {
  readonly limit: 'open' | 'least' | 'rounds' | 'apart' | 'total' | 'hands' | 'fixed';
  readonly course: string;
  readonly day: number;
}

/** Sums of amounts are compared with a grain of slack, since they are no whole numbers. */
const GRAIN = 1e-9;

/**
 * Every limit that a set of rounds breaks; none for what the search gives. It looks at rounds alone and knows nothing
 * of how they were found.
 */
export function brokenLimits(model: ProgrammeModel, rounds: readonly PlannedRound[]): Broken[] {
  const out: Broken[] = [];
  const of = (id: string) => rounds.filter((r) => r.course === id).sort((a, b) => a.day - b.day);
  for (const c of model.courses) {
    const own = of(c.id);
    own.forEach((r, i) => {
      const inside = (c.open[r.day] ?? []).some((s) => r.start >= s.from && r.end <= s.to);
      if (!inside || r.end - r.start !== c.quarters) out.push({ limit: 'open', course: c.id, day: r.day });
      const before = own[i - 1];
      if (before && r.day - before.day < Math.max(1, c.least)) out.push({ limit: 'least', course: c.id, day: r.day });
    });
    if (own.length > c.rounds) out.push({ limit: 'rounds', course: c.id, day: own.at(-1)?.day ?? 0 });
    for (const day of c.fixed) if (!own.some((r) => r.day === day)) out.push({ limit: 'fixed', course: c.id, day });
  }
  for (const { first, then, days } of model.apart) {
    for (const a of of(first)) {
      for (const b of of(then)) {
        if (b.day >= a.day && b.day - a.day < days) out.push({ limit: 'apart', course: then, day: b.day });
      }
    }
  }
  for (const total of model.totals) {
    const used = rounds.reduce((sum, r) => sum + (model.courses.find((c) => c.id === r.course)?.takes.find((t) => t.total === total.id)?.amount ?? 0), 0);
    if (used > total.left + GRAIN) out.push({ limit: 'total', course: total.id, day: 0 });
  }
  for (const a of rounds)
    for (const b of rounds) {
      if (a !== b && a.day === b.day && a.start < b.end && b.start < a.end && a.course < b.course) out.push({ limit: 'hands', course: b.course, day: b.day });
    }
  return out;
}
