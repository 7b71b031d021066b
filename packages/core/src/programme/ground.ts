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

/** Courses are kept as bits of one whole number. */
export const MOST_COURSES = 30;

/** Lays the ground for a search: options by their cost, and what shuts what out. */
export function groundOf(model: ProgrammeModel, weights: Weights, patterns: readonly (readonly Pattern[])[]): Ground {
  const { courses } = model;
  const options = patterns.map((list, i) => {
    const c = courses[i] as CourseModel;
    const alone = c.mix !== null && !courses.some((x) => x !== c && x.mix === c.mix);
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
  return {
    model,
    weights,
    options,
    apart: courses.map((_, a) => courses.map((__, b) => between(a, b) > 0 || between(b, a) > 0)),
    shut,
    left: new Map(model.totals.map((t) => [t.id, t.left])),
    fits: remembered(model, (list, day) => list.length < 2 || oneDay(list, day) !== null),
    most: remembered(model, mostOnDay),
  };
}

/** What is asked of courses on a day, worked out once. */
function remembered<T extends number | boolean>(
  { courses, days }: ProgrammeModel,
  ask: (list: readonly CourseModel[], day: number) => T,
): (day: number, courses: number) => T {
  const known = Array.from({ length: days }, () => new Map<number, T>());
  return (day, which) => {
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
