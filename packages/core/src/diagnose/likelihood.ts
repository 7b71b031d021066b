import type { Answer } from './answer';
import { FRIENDS, SIGNS, TROUBLES, type Friend, type Trouble, type Typicality } from '../catalogue';

export type Entry = Trouble | Friend;

/**
 * How likely a sign is reported when the trouble is there; the ends keep off 0 and 1, since people
 * overlook and mistake things. Values from memory, then set on simulated cases (`npm run bench:key`).
 */
export interface Reporting extends Readonly<Record<Typicality, number>> {
  /** A sign the entry does not mention. */
  readonly unlisted: number;
  /** "Something else" may show anything, nothing in particular. */
  readonly other: number;
}

/** Asked for: somebody who is asked says yes now and then to what is not there. */
export const WHEN_ASKED: Reporting = { always: 0.88, often: 0.7, sometimes: 0.4, rarely: 0.14, never: 0.08, unlisted: 0.1, other: 0.12 };

/** Come upon unasked: of hundreds of signs nobody reports one by chance, so an unlooked-for one tells far more. */
export const WHEN_NOTICED: Reporting = { always: 0.88, often: 0.7, sometimes: 0.4, rarely: 0.08, never: 0.0005, unlisted: 0.0015, other: 0.0065 };

/** Every suspect the key knows. */
export const ENTRIES: readonly Entry[] = [...TROUBLES, ...FRIENDS];

/** Column of each sign in the table of likelihoods. */
export const SIGN_AT: ReadonlyMap<string, number> = new Map(SIGNS.map((s, i) => [s.id, i]));

/** A row a suspect, a column a sign: the chance that the sign is reported. */
function table(how: Reporting): (entry: Entry | null) => Float64Array {
  const rows = new Map(ENTRIES.map((entry) => [entry, Float64Array.from(SIGNS, (s) => how[entry.signs[s.id] ?? 'unlisted'])]));
  const other = Float64Array.from(SIGNS, () => how.other);
  return (entry) => (entry && rows.get(entry)) ?? other;
}

/** Chances of every sign being found when asked for, if this is what it is; null is "something else". */
export const rowOf = table(WHEN_ASKED);
/** The same for a sign that was come upon unasked. */
export const reportedRowOf = table(WHEN_NOTICED);
/** "Something else" in both. */
export const OTHER_ROW = { asked: rowOf(null), noticed: reportedRowOf(null) };

/** Chance of an answer if this is what it is. Unknown signs say nothing about anybody. */
export function chanceOf(entry: Entry | null, answer: Answer): number {
  const at = SIGN_AT.get(answer.signId);
  if (at === undefined) return 1;
  const seen = (answer.seen && !answer.asked ? reportedRowOf : rowOf)(entry)[at] ?? 0.5;
  return answer.seen ? seen : 1 - seen;
}
