import type { CourseModel, PlannedRound } from './types';

/** More rounds than this nobody does on one day: subsets are looked through. */
const MOST = 14;

/**
 * Lays rounds of one day one after another, each in its own open stretches: there is one pair of hands.
 * Exact: for every subset of them the soonest end is known, whatever their order.
 * @returns the soonest that all can be done; null when they do not fit
 */
export function oneDay(courses: readonly CourseModel[], day: number): PlannedRound[] | null {
  const all = (1 << courses.length) - 1;
  if (courses.length > MOST) return null;
  const { ends, last } = soonest(courses, day);
  if (ends[all] === Infinity) return null;
  const out: PlannedRound[] = [];
  for (let set = all; set > 0;) {
    const i = last[set] as number;
    const c = courses[i] as CourseModel;
    out.push({ course: c.id, day, start: (ends[set] as number) - c.quarters, end: ends[set] as number });
    set &= ~(1 << i);
  }
  return out.reverse();
}

/** How many rounds of a day can be done at the most. */
export function mostOnDay(courses: readonly CourseModel[], day: number): number {
  if (courses.length > MOST) return MOST;
  let most = 0;
  soonest(courses, day).ends.forEach((end, set) => {
    if (end === Infinity) return;
    let n = 0;
    for (let m = set; m !== 0; m &= m - 1) n++;
    most = Math.max(most, n);
  });
  return most;
}

/** For every subset of rounds, as bits: when all of it can be done at the soonest, and which is then the last. */
function soonest(courses: readonly CourseModel[], day: number): { readonly ends: Float64Array; readonly last: Int8Array } {
  const n = courses.length;
  const all = (1 << n) - 1;
  const ends = new Float64Array(all + 1).fill(Infinity);
  const last = new Int8Array(all + 1).fill(-1);
  ends[0] = 0;
  for (let set = 0; set < all; set++) {
    const at = ends[set] as number;
    if (at === Infinity) continue;
    for (let i = 0; i < n; i++) {
      if (set & (1 << i)) continue;
      const end = soonestEnd(courses[i] as CourseModel, day, at);
      const next = set | (1 << i);
      if (end < (ends[next] as number)) {
        ends[next] = end;
        last[next] = i;
      }
    }
  }
  return { ends, last };
}

function soonestEnd(c: CourseModel, day: number, from: number): number {
  for (const span of c.open[day] ?? []) {
    const start = Math.max(span.from, from);
    if (start + c.quarters <= span.to) return start + c.quarters;
  }
  return Infinity;
}
