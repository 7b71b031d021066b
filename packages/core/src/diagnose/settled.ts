import { heeded, type Answer } from './answer';
import type { Suspect } from './rank';
import { splitEvidence, type Pair } from './second';
import type { KeyContext } from './weigh';

/** Below this the name is not settled. Lower bounds were worse calibrated on the simulated cases. */
export const SURE_ENOUGH = 0.95;
const LIKELIER_THAN_NOT = 0.5;
/** Both of two at once must be this sure on their own share of the evidence. */
const PAIR_SURE = 0.6;

export type Finding =
  /** Nothing has been looked for yet. */
  | { readonly state: 'no-signs' }
  | { readonly state: 'settled'; readonly leader: Suspect }
  /** Two at once explain what one can not; `leader` is the surer. */
  | { readonly state: 'two'; readonly leader: Suspect; readonly second: Suspect; readonly why: string }
  | { readonly state: 'not-settled'; readonly leader: Suspect; readonly why: string };

/**
 * Whether the ranking is good enough to act on. With no sign seen nothing is ever settled, however
 * much was ruled out.
 */
export function settle(context: KeyContext, suspects: readonly Suspect[], answers: readonly Answer[]): Finding {
  const [leader, second] = suspects;
  const known = heeded(answers);
  if (known.length === 0 || !leader) return { state: 'no-signs' };
  if (!known.some((a) => a.seen)) return { state: 'not-settled', leader, why: 'Nothing was seen yet, so nothing can be named.' };
  if (leader.kind !== 'other' && leader.probability >= SURE_ENOUGH) return { state: 'settled', leader };
  const pair = splitEvidence(context, known);
  const both = pair && asSuspects(pair, suspects);
  if (both) {
    const [a, b] = both;
    return { state: 'two', leader: a, second: b, why: `Two at once: ${lower(a.name)} explains one part of this, ${lower(b.name)} the rest.` };
  }
  if (leader.kind === 'other') {
    return { state: 'not-settled', leader, why: 'This fits nothing known here well. Take a sample to your local extension or plant-health office.' };
  }
  const rival = second && second.kind !== 'other' ? ` It could also be ${lower(second.name)}.` : '';
  return {
    state: 'not-settled',
    leader,
    why: `${leader.probability >= LIKELIER_THAN_NOT ? 'Probably' : 'Perhaps'} ${lower(leader.name)}, but not sure enough to treat.${rival}`,
  };
}

function asSuspects(pair: Pair, suspects: readonly Suspect[]): readonly [Suspect, Suspect] | null {
  if (pair.first.probability < PAIR_SURE || pair.second.probability < PAIR_SURE) return null;
  const [a, b] = [pair.first, pair.second]
    .sort((x, y) => y.probability - x.probability)
    .map((x) => {
      const s = suspects.find((y) => y.id === x.id);
      return s && { ...s, probability: x.probability };
    });
  return a && b ? [a, b] : null;
}

const lower = (s: string) => s.charAt(0).toLowerCase() + s.slice(1);
