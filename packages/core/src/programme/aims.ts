import { AIMS, type Aims, type CourseModel, type PlannedRound, type ProgrammeModel } from './types';

/** What a set of days means for one course by itself. */
export type OwnAims = Pick<Aims, 'unanswered' | 'bareDays' | 'bareSoon' | 'early'>;

/**
 * A day is bare when the course is due, is not over, has not had all the rounds it wants, and no round holds on it. The
 * sooner it is, the more it counts: where there are rounds for some days only, they are not saved up for the last ones.
 * @param days rising
 */
export function courseAims(model: Pick<ProgrammeModel, 'days'>, c: CourseModel, days: readonly number[]): OwnAims {
  const end = Math.min(model.days, c.until);
  let bareDays = 0;
  let bareSoon = 0;
  let done = 0;
  let early = 0;
  let holdsTo = c.due;
  for (let day = 0; day < end; day++) {
    if (days[done] === day) {
      early += Math.max(0, holdsTo - day);
      holdsTo = Math.max(holdsTo, day + (c.holds[day] ?? 0));
      done++;
    }
    const through = c.wanted !== null && done >= c.wanted;
    const bare = day >= c.due && !through && day >= holdsTo;
    if (!bare) continue;
    bareDays++;
    bareSoon += model.days - day;
  }
  // days are counted to the end of the course; rounds set by hand may lie behind it
  for (; done < days.length; done++) {
    const day = days[done] as number;
    early += Math.max(0, holdsTo - day);
    holdsTo = Math.max(holdsTo, day + (c.holds[day] ?? 0));
  }
  const unanswered = c.warnings.filter((w) => !days.some((d) => d >= w.from && d <= w.to)).length;
  return { unanswered, bareDays, bareSoon, early };
}

/** How good a programme is, by the aims in their order. */
export function aimsOf(model: ProgrammeModel, rounds: readonly Pick<PlannedRound, 'course' | 'day'>[]): Aims {
  const of = new Map<string, number[]>(model.courses.map((c) => [c.id, []]));
  for (const r of rounds) of.get(r.course)?.push(r.day);
  const sum = { unanswered: 0, bareDays: 0, bareSoon: 0, harm: 0, early: 0, later: 0 };
  const mixes = new Set<string>();
  for (const c of model.courses) {
    const days = (of.get(c.id) ?? []).sort((a, b) => a - b);
    const { unanswered, bareDays, bareSoon, early } = courseAims(model, c, days);
    sum.unanswered += unanswered;
    sum.bareDays += bareDays;
    sum.bareSoon += bareSoon;
    sum.early += early;
    sum.harm += c.harm * days.length;
    sum.later += days.reduce((a, b) => a + b, 0);
    if (c.mix !== null) days.forEach((d) => mixes.add(`${String(d)} ${c.mix ?? ''}`));
  }
  return { ...sum, evenings: new Set(rounds.map((r) => r.day)).size, mixes: mixes.size };
}

/** Below nothing: the first is better. The aims are compared one after another, the worst first. */
export function compareAims(a: Aims, b: Aims): number {
  for (const aim of AIMS) if (a[aim] !== b[aim]) return a[aim] - b[aim];
  return 0;
}
