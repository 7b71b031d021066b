import { usualness, type Surroundings } from '../scout';
import { heeded, type Answer } from './answer';
import { chanceOf, ENTRIES, PRIOR_OTHER, type Entry } from './likelihood';

/** Where, when and after which weather something was seen. */
export type KeyContext = Surroundings;

/** A suspect inside the computation: null stands for "something else". */
export interface Weighed {
  readonly entry: Entry | null;
  readonly p: number;
}

/**
 * Power on the weight of the answers, and the line that "something else" is brought onto afterwards (Platt's
 * scaling of its odds: odds = base x odds ^ slope). Set on simulated cases of seeds 11 and 21 so that the stated
 * confidence is the hit rate (`npm run bench:key -- --seed 11`); measured on others.
 */
const TEMPER = 1.115;
const ELSE_SLOPE = 1.6;
const ELSE_BASE = 1.2;

/**
 * Posterior over everything that lives on this host, by Bayes' rule with signs taken as independent
 * given the cause. Likeliest first; sums to 1.
 */
export function weigh(context: KeyContext, answers: readonly Answer[]): Weighed[] {
  const known = heeded(answers);
  const { living, sum } = priorsOf(context);
  const raw: Weighed[] = living.map(({ entry, usual }) => ({ entry, p: (1 - PRIOR_OTHER) * (usual / sum) * likelihood(entry, known) }));
  if (raw.length === 0) return [{ entry: null, p: 1 }];
  const named = raw.reduce((s, r) => s + r.p, 0);
  const odds = ELSE_BASE * ((PRIOR_OTHER * likelihood(null, known)) / named) ** ELSE_SLOPE;
  const weighed: Weighed[] = raw.map(({ entry, p }) => ({ entry, p: p / named / (1 + odds) }));
  weighed.push({ entry: null, p: odds / (1 + odds) });
  return weighed.sort((a, b) => b.p - a.p);
}

interface Priors {
  readonly living: readonly { readonly entry: Entry; readonly usual: number }[];
  readonly sum: number;
}
const priorsByContext = new WeakMap<KeyContext, Priors>();

/** Who lives here and how usually; worked out once for one place and time, since every tap asks again. */
function priorsOf(context: KeyContext): Priors {
  const known = priorsByContext.get(context);
  if (known) return known;
  const living = ENTRIES.map((entry) => ({ entry, usual: usualness(entry, context) })).filter((e) => e.usual > 0);
  const priors = { living, sum: living.reduce((s, e) => s + e.usual, 0) };
  priorsByContext.set(context, priors);
  return priors;
}

const likelihood = (entry: Entry | null, answers: readonly Answer[]) => answers.reduce((l, a) => l * chanceOf(entry, a) ** TEMPER, 1);
