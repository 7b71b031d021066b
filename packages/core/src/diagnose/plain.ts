import { findSign, SIGNS, typicalTogether, type Typicality } from '../catalogue';
import { coveredBy, type Answer } from './answer';
import { isLike, rowOf, SIGN_AT, WHEN_ASKED, type Entry, type Reporting } from './likelihood';

/**
 * A plain sign and those it stands for are no independent witnesses: who wilts, and wilts only in dry soil, wilts in dry soil.
 * What was seen plainly makes the closer ones likelier, and closer ones denied leave the plain one less to come from.
 */
export interface PlainSeen {
  /** Plain signs that were seen and stand. */
  readonly plain: ReadonlySet<string>;
  /** Closer ones that were denied. */
  readonly denied: ReadonlySet<string>;
}

export function plainSeen(known: readonly Answer[]): PlainSeen {
  const isPlain = (a: Answer) => (findSign(a.signId)?.covers.length ?? 0) > 0;
  return {
    plain: new Set(known.filter((a) => a.seen && isPlain(a)).map((a) => a.signId)),
    denied: new Set(known.filter((a) => !a.seen && coveredBy(a.signId).length > 0).map((a) => a.signId)),
  };
}

/** Somebody who looks closely mistakes it now and then. */
const MOST_SURE = 0.95;

/** Chance of a closer sign being told of, when asked, on a plant that shows the plain one; undefined where none was seen. */
export function closerGiven(entry: Entry, signId: string, { plain }: PlainSeen): number | undefined {
  const of = coveredBy(signId).filter((p) => plain.has(p));
  const how = entry.signs[signId];
  if (of.length === 0 || how === undefined || how === 'never') return undefined;
  const widest = Math.max(...of.map((p) => WHEN_ASKED[entry.signs[p] ?? how]));
  return Math.min(MOST_SURE, WHEN_ASKED[how] / Math.max(widest, WHEN_ASKED[how]));
}

/** How typical a plain sign is of an entry when some of what it stands for is not there. */
export function plainGiven(entry: Entry, signId: string, { denied }: PlainSeen): Typicality | 'unlisted' {
  const how = entry.signs[signId] ?? 'unlisted';
  const covers = findSign(signId)?.covers ?? [];
  const among = (ids: readonly string[]) => typicalTogether(ids.flatMap((id) => entry.signs[id] ?? [])) ?? 'unlisted';
  // a plain sign of which its entry says something itself stands by itself
  return how !== among(covers) ? how : among(covers.filter((id) => !denied.has(id)));
}

const CLOSER = SIGNS.filter((s) => coveredBy(s.id).length > 0);

/** The rows of the last set of plain signs: it stays the same over most taps of a case. */
let lastRows: { readonly plain: string; readonly made: Map<Entry, Float64Array> } = { plain: '', made: new Map() };

/** What an entry would show when asked, the plain signs that were seen heeded. */
export function rowGiven(entry: Entry, given: PlainSeen): Float64Array {
  if (given.plain.size === 0) return rowOf(entry);
  const plain = [...given.plain].sort().join();
  if (lastRows.plain !== plain) lastRows = { plain, made: new Map() };
  const made = lastRows.made.get(entry) ?? closerRow(entry, given);
  lastRows.made.set(entry, made);
  return made;
}

function closerRow(entry: Entry, given: PlainSeen): Float64Array {
  const mine = Float64Array.from(rowOf(entry));
  for (const s of CLOSER) {
    const chance = closerGiven(entry, s.id, given);
    if (chance !== undefined) mine[SIGN_AT.get(s.id) ?? 0] = chance;
  }
  return mine;
}

/** The chance of one answer, the others heeded. @param how asked for, or come upon */
export function chanceGiven(entry: Entry, answer: Answer, how: Reporting, given: PlainSeen): number {
  if (given.plain.has(answer.signId)) return how[plainGiven(entry, answer.signId, given)];
  return (
    (answer.asked || !answer.seen ? closerGiven(entry, answer.signId, given) : undefined) ??
    how[entry.signs[answer.signId] ?? (isLike(entry, answer.signId) ? 'alike' : 'unlisted')]
  );
}
