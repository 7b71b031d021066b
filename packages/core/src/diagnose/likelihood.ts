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
  /** One that the entry does not mention and that is like one it shows: a plain sign stands for both. */
  readonly alike: number;
  /** "Something else" may show anything, nothing in particular. */
  readonly other: number;
}

/** Asked for: somebody who is asked says yes now and then to what is not there. */
export const WHEN_ASKED: Reporting = { always: 0.88, often: 0.7, sometimes: 0.4, rarely: 0.14, never: 0.08, unlisted: 0.1, alike: 0.1, other: 0.12 };

/** Come upon unasked: of hundreds of signs nobody reports one by chance, so an unlooked-for one tells far more. */
export const WHEN_NOTICED: Reporting = { always: 0.88, often: 0.7, sometimes: 0.4, rarely: 0.08, never: 0.0005, unlisted: 0.001, alike: 0.008, other: 0.0065 };

/** Picked out of several kinds shown beside each other: who is mistaken takes one of four or five others. */
export const WHEN_CHOSEN: Reporting = { always: 0.88, often: 0.7, sometimes: 0.4, rarely: 0.1, never: 0.015, unlisted: 0.015, alike: 0.03, other: 0.04 };

/** Every suspect the key knows. */
export const ENTRIES: readonly Entry[] = [...TROUBLES, ...FRIENDS];

/** Column of each sign in the table of likelihoods. */
export const SIGN_AT: ReadonlyMap<string, number> = new Map(SIGNS.map((s, i) => [s.id, i]));

/** The signs that one plain sign stands for beside this one: they are taken for each other, so it holds both ways. */
const LIKE: ReadonlyMap<string, readonly string[]> = new Map(
  SIGNS.map((s) => [s.id, [...new Set(SIGNS.filter((plain) => plain.covers.includes(s.id)).flatMap((plain) => plain.covers))].filter((id) => id !== s.id)]),
);
const SHOWN: readonly (Typicality | undefined)[] = ['always', 'often', 'sometimes'];

/** The signs that are taken for one that the entry shows. */
const likeOnesOf = (entry: Entry): ReadonlySet<string> =>
  new Set(Object.entries(entry.signs).flatMap(([id, how]) => (SHOWN.includes(how) ? (LIKE.get(id) ?? []) : [])));
const LIKE_ONES: ReadonlyMap<Entry, ReadonlySet<string>> = new Map(ENTRIES.map((entry) => [entry, likeOnesOf(entry)]));

/** Whether an entry shows what is taken for this sign. */
export const isLike = (entry: Entry, signId: string): boolean => (LIKE_ONES.get(entry) ?? likeOnesOf(entry)).has(signId);

/** A row a suspect, a column a sign: the chance that the sign is reported. */
function table(how: Reporting): (entry: Entry | null) => Float64Array {
  const rows = new Map<Entry, Float64Array>();
  for (const entry of ENTRIES) {
    const row = new Float64Array(SIGNS.length).fill(how.unlisted);
    const set = (id: string, chance: number) => {
      const at = SIGN_AT.get(id);
      if (at !== undefined) row[at] = chance;
    };
    for (const id of LIKE_ONES.get(entry) ?? []) set(id, how.alike);
    for (const [id, listed] of Object.entries(entry.signs)) set(id, how[listed]);
    rows.set(entry, row);
  }
  const other = new Float64Array(SIGNS.length).fill(how.other);
  return (entry) => (entry && rows.get(entry)) ?? other;
}

/** Chances of every sign being found when asked for, if this is what it is; null is "something else". */
export const rowOf = table(WHEN_ASKED);
/** The same for a sign that was come upon unasked. */
export const reportedRowOf = table(WHEN_NOTICED);
/** The same for one that was picked out of several kinds. */
export const chosenRowOf = table(WHEN_CHOSEN);
/** "Something else" in both. */
export const OTHER_ROW = { asked: rowOf(null), noticed: reportedRowOf(null), chosen: chosenRowOf(null) };

/** How an answer came about: it decides how much a yes tells. */
export const wayOf = (a: Answer): 'asked' | 'noticed' | 'chosen' => (!a.seen ? 'asked' : a.chosen ? 'chosen' : a.asked ? 'asked' : 'noticed');
export const ROWS = { asked: rowOf, noticed: reportedRowOf, chosen: chosenRowOf } as const;
export const REPORTINGS = { asked: WHEN_ASKED, noticed: WHEN_NOTICED, chosen: WHEN_CHOSEN } as const;

/** Chance of an answer if this is what it is. Unknown signs say nothing about anybody. */
export function chanceOf(entry: Entry | null, answer: Answer): number {
  const at = SIGN_AT.get(answer.signId);
  if (at === undefined) return 1;
  const seen = ROWS[wayOf(answer)](entry)[at] ?? 0.5;
  return answer.seen ? seen : 1 - seen;
}
