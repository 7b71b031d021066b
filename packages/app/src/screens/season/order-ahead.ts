import type { LocalDay } from '@sleetbrook/core/schedule';
import type { CourseAhead, RoundAhead } from '@sleetbrook/core/season';

/** What is still to come of a case, one thing a stone. */
export type Ahead =
  | { readonly kind: 'look' }
  /** Laid out by the hour. */
  | { readonly kind: 'round'; readonly round: RoundAhead }
  /** After the days that can be laid out. */
  | { readonly kind: 'later'; readonly day: LocalDay; readonly number: number };

/** Rounds that are about then, so many and no more. */
const LATER = 4;

/** Rounds and the next look in the order of their days; on the same day the look comes first. @param lookOn null: on no day in particular, so at once */
export function orderAhead(c: Pick<CourseAhead, 'rounds' | 'later' | 'done'>, lookOn: LocalDay | null): Ahead[] {
  const number = c.done.length + c.rounds.length;
  const rounds: (Exclude<Ahead, { kind: 'look' }> & { readonly day: LocalDay })[] = [
    ...c.rounds.map((round) => ({ kind: 'round' as const, round, day: round.day })),
    ...c.later.slice(0, LATER).map((day, i) => ({ kind: 'later' as const, day, number: number + i + 1 })),
  ];
  const before = rounds.filter((r) => lookOn !== null && r.day < lookOn);
  return [...before, { kind: 'look' }, ...rounds.slice(before.length)];
}
