import { findSign, findTrouble, type Sign } from '../catalogue';
import type { Answer } from './answer';
import type { KeyContext } from './context';
import { weigh } from './weigh';

/** What brings a trouble that never comes alone: soot grows on honeydew, honeydew comes from sap-suckers. */
export interface Cause {
  readonly id: string;
  readonly name: string;
  /** Among the possible causes, 0..1. */
  readonly probability: number;
  /** What to look for to find it. */
  readonly sign: Sign | null;
}

/** Less likely than this among the causes is not worth naming. */
const WORTH_NAMING = 0.08;

/**
 * The likeliest causes of a trouble that follows others, likeliest first; empty for one that comes by itself.
 * @param troubleId what was named
 */
export function causesOf(context: KeyContext, answers: readonly Answer[], troubleId: string): Cause[] {
  const follows = findTrouble(troubleId)?.follows ?? [];
  if (follows.length === 0) return [];
  const here = weigh(context, answers).filter((w) => w.entry && follows.includes(w.entry.id));
  const total = here.reduce((s, w) => s + w.p, 0);
  return here
    .map((w) => ({ trouble: w.entry ? findTrouble(w.entry.id) : undefined, p: w.p / total }))
    .flatMap(({ trouble, p }): Cause[] =>
      trouble && p >= WORTH_NAMING ? [{ id: trouble.id, name: trouble.name, probability: p, sign: findSign(trouble.first[0] ?? '') ?? null }] : [],
    )
    .slice(0, 3);
}
