import type { Answer } from './answer';
import type { KeyContext } from './context';
import { hypotheses } from './hypotheses';
import type { Entry } from './likelihood';

/** A suspect inside the computation: null stands for "something else". */
export interface Weighed {
  readonly entry: Entry | null;
  /** That it is there, alone or beside another: with two at once, all together make more than 1. */
  readonly p: number;
}

/** How likely each suspect that lives on this host is there; likeliest first. */
export function weigh(context: KeyContext, answers: readonly Answer[]): Weighed[] {
  const there = new Map<Entry | null, number>();
  for (const { of, p } of hypotheses(context, answers)) {
    if (of.length === 0) there.set(null, p);
    for (const entry of of) there.set(entry, (there.get(entry) ?? 0) + p);
  }
  return [...there].map(([entry, p]) => ({ entry, p: Math.min(1, p) })).sort((a, b) => b.p - a.p);
}
