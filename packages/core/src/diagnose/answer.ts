import { findSign, SIGNS, type PartId, type Sign } from '../catalogue';

/** One sign looked for, and whether it was there. What was not looked for is left out, never guessed. */
export interface Answer {
  readonly signId: string;
  readonly seen: boolean;
  /** Where it was looked for, when that was said. */
  readonly part?: PartId | undefined;
  /** It answers the key's question; without it the grower came upon it unasked, which tells more. */
  readonly asked?: boolean | undefined;
  /** It was picked out of several kinds of a plain sign: the others beside it were looked at, and were not it. */
  readonly chosen?: boolean | undefined;
}

/** A sign and those that stand for it where it was not seen more closely. */
const COVERED_BY: ReadonlyMap<string, readonly string[]> = new Map(SIGNS.map((s) => [s.id, SIGNS.filter((g) => g.covers.includes(s.id)).map((g) => g.id)]));

/** Whether one of the signs that are this one, seen more closely, is among those seen. */
export const seenCloser = (sign: Sign, seen: ReadonlySet<string>): boolean => sign.covers.some((id) => seen.has(id));
/** Signs that stand for this one. */
export const coveredBy = (signId: string): readonly string[] => COVERED_BY.get(signId) ?? [];

/**
 * The answers that mean something: of a known sign, on a part that can show it ("webbing on the root"
 * can not be), each sign once, the last answer counting. A plain sign says nothing more where the same was come upon more
 * closely, and nothing at all where it was denied and then seen closely.
 */
export function heeded(answers: readonly Answer[]): Answer[] {
  const last = new Map<string, Answer>();
  for (const a of answers) {
    const sign = findSign(a.signId);
    if (sign && (a.part === undefined || sign.parts.includes(a.part))) last.set(a.signId, a);
  }
  const seen = [...last.values()].filter((a) => a.seen);
  const closer = new Set(seen.map((a) => a.signId));
  const unasked = new Set(seen.filter((a) => !a.asked).map((a) => a.signId));
  return [...last.values()].filter((a) => !seenCloser(findSign(a.signId) as Sign, a.seen ? unasked : closer));
}
