import { heeded, type Answer } from './answer';
import { chanceOf, type Entry } from './likelihood';
import { weigh, type KeyContext } from './weigh';

/** Two troubles that together explain what one can not. */
export interface Pair {
  readonly first: { readonly id: string; readonly probability: number };
  readonly second: { readonly id: string; readonly probability: number };
  /** Signs that only the second explains. */
  readonly leftOver: readonly string[];
}

/** A sign no likelier than this with the first is left unexplained by it. */
const UNEXPLAINED = 0.14;
/** A sign at least this likely with the second is explained by it. */
const EXPLAINED = 0.35;
const CANDIDATES = 5;
/** Beyond so many signs at once a plant is not two troubles but a list: the first ones lead the search. */
const LEADING = 8;

/**
 * The best split of what was seen between two troubles: signs the first does not explain go to the
 * second, each judged on its own share of the evidence; "not there" counts for both.
 * @returns null when one trouble explains all, or no second one explains the rest
 */
export function splitEvidence(context: KeyContext, answers: readonly Answer[]): Pair | null {
  const known = heeded(answers);
  const seen = known.filter((a) => a.seen);
  const notSeen = known.filter((a) => !a.seen);
  let best: (Pair & { worth: number }) | null = null;
  for (const first of candidates(context, seen)) {
    const left = seen.filter((a) => likely(first, a) <= UNEXPLAINED);
    if (left.length === 0 || left.length === seen.length) continue;
    const kept = seen.filter((a) => !left.includes(a));
    const p1 = share(context, [...kept, ...notSeen.filter((a) => likely(first, a) > UNEXPLAINED)], first.id);
    const rest = weigh(context, left).find((w) => w.entry && w.entry !== first && left.every((a) => likely(w.entry, a) >= EXPLAINED));
    if (!rest?.entry) continue;
    const p2 = share(context, [...left, ...notSeen.filter((a) => likely(rest.entry, a) > UNEXPLAINED)], rest.entry.id);
    const worth = p1 * p2;
    if (best && worth <= best.worth) continue;
    best = { first: { id: first.id, probability: p1 }, second: { id: rest.entry.id, probability: p2 }, leftOver: left.map((a) => a.signId), worth };
  }
  return best;
}

/** The likeliest for each single sign seen, and for all together. */
function candidates(context: KeyContext, seen: readonly Answer[]): Entry[] {
  const found = new Set<Entry>();
  for (const part of [seen, ...seen.slice(0, LEADING).map((a) => [a])]) {
    for (const w of weigh(context, part).slice(0, CANDIDATES)) if (w.entry) found.add(w.entry);
  }
  return [...found];
}

/** How likely the sign is with an entry, whatever was answered. */
const likely = (entry: Entry | null, { signId }: Answer) => chanceOf(entry, { signId, seen: true, asked: true });

const share = (context: KeyContext, answers: readonly Answer[], id: string) => weigh(context, answers).find((w) => w.entry?.id === id)?.p ?? 0;
