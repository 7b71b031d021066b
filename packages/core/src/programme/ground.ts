import { alikeOf } from './alike';
import { mostOnDay, oneDay } from './one-day';
import type { Pattern } from './patterns';
import type { CourseModel, ProgrammeModel } from './types';
import { ownCost, type Weights } from './weights';

export interface Option extends Pattern {
  readonly cost: number;
  /** What it is reckoned to cost: as much, and what the days it takes are worth to others. */
  readonly priced: number;
}

/** What the search goes by, worked out once. Courses go by their place in the model. */
export interface Ground {
  readonly model: ProgrammeModel;
  readonly weights: Weights;
  /** The cheapest first. */
  readonly options: readonly (readonly Option[])[];
  /** Whether another course may come out of the same mix: then what mixing costs is not in the cost of its options. */
  readonly sharesMix: readonly boolean[];
  /** Of each course the first that it could change places with. */
  readonly alike: readonly number[];
  /** Steps that the search may still take. */
  readonly purse: { steps: number };
  /** Whether two courses ask for days between them at all. */
  readonly apart: readonly (readonly boolean[])[];
  /** Days on which a course may have no round, once another has one on a day: `shut[other][course][day]`, as bits. */
  readonly shut: readonly (readonly (readonly number[])[])[];
  readonly left: ReadonlyMap<string, number>;
  /** Whether these courses, as bits, can all be done on a day. */
  readonly fits: (day: number, courses: number) => boolean;
  /** How many of these courses, as bits, can be done on a day at the most. */
  readonly most: (day: number, courses: number) => number;
}

/** A search that is not through by then gives the best it has found, and says so. */
export const MOST_STEPS = 30_000;

/** Courses are kept as bits of one whole number. */
export const MOST_COURSES = 30;

/** Lays the ground for a search: options by their cost, and what shuts what out. */
export function groundOf(model: ProgrammeModel, weights: Weights, patterns: readonly (readonly Pattern[])[]): Ground {
  const { courses } = model;
  const sharesMix = courses.map((c) => c.mix !== null && courses.some((x) => x !== c && x.mix === c.mix));
  const options = patterns.map((list, i) => {
    const c = courses[i] as CourseModel;
    const alone = c.mix !== null && !sharesMix[i];
    // what nobody shares is mixed as often as it is put on
    return list
      .map((p) => {
        const cost = ownCost(weights, c, p) + (alone ? p.days.length * weights.mixes : 0);
        return { ...p, cost, priced: cost };
      })
      .sort((a, b) => a.cost - b.cost);
  });
  const place = new Map(courses.map((c, i) => [c.id, i]));
  const gap = courses.map(() => courses.map(() => 0));
  for (const { first, then, days } of model.apart) {
    const [a, b] = [place.get(first), place.get(then)];
    const row = a === undefined ? undefined : gap[a];
    if (row && b !== undefined && a !== b) row[b] = Math.max(row[b] ?? 0, days);
  }
  const between = (a: number, b: number) => gap[a]?.[b] ?? 0;
  const shut = courses.map((_, a) =>
    courses.map((__, b) =>
      Array.from({ length: model.days }, (___, day) => {
        let mask = 0;
        for (let d = 0; d < model.days; d++) {
          if ((d >= day && d - day < between(a, b)) || (day >= d && day - d < between(b, a))) mask |= 1 << d;
        }
        return mask;
      }),
    ),
  );
  const alike = alikeOf(courses, between);
  return {
    model,
    weights,
    options,
    sharesMix,
    alike,
    purse: { steps: MOST_STEPS },
    apart: courses.map((_, a) => courses.map((__, b) => between(a, b) > 0 || between(b, a) > 0)),
    shut,
    left: new Map(model.totals.map((t) => [t.id, t.left])),
    fits: remembered(model, alike, (list, day) => list.length < 2 || oneDay(list, day) !== null),
    most: remembered(model, alike, mostOnDay),
  };
}

/** What is asked of courses on a day, worked out once: of those that are alike it is the same whichever they are. */
function remembered<T extends number | boolean>(
  { courses, days }: ProgrammeModel,
  alike: readonly number[],
  ask: (list: readonly CourseModel[], day: number) => T,
): (day: number, courses: number) => T {
  const known = Array.from({ length: days }, () => new Map<number, T>());
  const kinds = [...new Set(alike)].map((first) => alike.flatMap((a, i) => (a === first ? [1 << i] : []))).filter((k) => k.length > 1);
  /** The first of each kind, as many as there are. */
  const firsts = (which: number): number => {
    let out = which;
    for (const kind of kinds) {
      let many = 0;
      for (const bit of kind) if (which & bit) many++;
      kind.forEach((bit, i) => (out = i < many ? out | bit : out & ~bit));
    }
    return out;
  };
  return (day, asked) => {
    const which = firsts(asked);
    const before = known[day]?.get(which);
    if (before !== undefined) return before;
    const answer = ask(
      courses.filter((_, i) => which & (1 << i)),
      day,
    );
    known[day]?.set(which, answer);
    return answer;
  };
}
