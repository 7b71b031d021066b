import { findSign, FRIENDS, TROUBLES, type Friend, type Trouble } from '../catalogue';
import { PRIOR_OTHER, SEEN_IF, SEEN_IF_OTHER, SEEN_IF_UNLISTED } from './likelihood';
import { priorOf, type KeyContext } from './prior';

/** One sign looked for, and whether it was there. What was not looked for is left out, never guessed. */
export interface Answer {
  readonly signId: string;
  readonly seen: boolean;
}

export type Entry = Trouble | Friend;

/** A suspect inside the computation: null stands for "something else". */
export interface Weighed {
  readonly entry: Entry | null;
  readonly p: number;
}

/** Chance of the sign being seen if this is what it is. */
export function seenIf(entry: Entry | null, signId: string): number {
  if (!entry) return SEEN_IF_OTHER;
  const typicality = entry.signs[signId];
  return typicality ? SEEN_IF[typicality] : SEEN_IF_UNLISTED;
}

/**
 * Posterior over everything that lives on this host, by Bayes' rule with signs taken as independent
 * given the cause. Unknown sign ids are ignored.
 */
export function weigh(context: KeyContext, answers: readonly Answer[]): Weighed[] {
  const known = answers.filter((a) => findSign(a.signId));
  const entries: Entry[] = [...TROUBLES, ...FRIENDS].filter((e) => priorOf(e, context) > 0);
  const priorSum = entries.reduce((sum, e) => sum + priorOf(e, context), 0);
  const raw: Weighed[] = entries.map((entry) => ({
    entry,
    p: (1 - PRIOR_OTHER) * (priorOf(entry, context) / priorSum) * likelihood(entry, known),
  }));
  raw.push({ entry: null, p: (entries.length === 0 ? 1 : PRIOR_OTHER) * likelihood(null, known) });
  const total = raw.reduce((sum, r) => sum + r.p, 0);
  return raw.map((r) => ({ entry: r.entry, p: r.p / total })).sort((a, b) => b.p - a.p);
}

function likelihood(entry: Entry | null, answers: readonly Answer[]): number {
  return answers.reduce((l, a) => {
    const seen = seenIf(entry, a.signId);
    return l * (a.seen ? seen : 1 - seen);
  }, 1);
}
