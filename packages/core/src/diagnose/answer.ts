import { findSign, type PartId } from '../catalogue';

/** One sign looked for, and whether it was there. What was not looked for is left out, never guessed. */
export interface Answer {
  readonly signId: string;
  readonly seen: boolean;
  /** Where it was looked for, when that was said. */
  readonly part?: PartId | undefined;
  /** It answers the key's question; without it the grower came upon it unasked, which tells more. */
  readonly asked?: boolean | undefined;
}

/**
 * The answers that mean something: of a known sign, on a part that can show it ("webbing on the root"
 * can not be), each sign once, the last answer counting.
 */
export function heeded(answers: readonly Answer[]): Answer[] {
  const last = new Map<string, Answer>();
  for (const a of answers) {
    const sign = findSign(a.signId);
    if (sign && (a.part === undefined || sign.parts.includes(a.part))) last.set(a.signId, a);
  }
  return [...last.values()];
}
