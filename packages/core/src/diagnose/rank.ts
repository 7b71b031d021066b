import { explain, type Evidence } from './evidence';
import type { KeyContext } from './prior';
import { weigh, type Answer, type Entry } from './weigh';

export interface Suspect {
  readonly id: string;
  readonly name: string;
  readonly kind: 'trouble' | 'helper' | 'look-alike' | 'other';
  /** 0..1; all suspects together make 1. */
  readonly probability: number;
  /** Strongest first. */
  readonly evidence: readonly Evidence[];
}

/**
 * Suspects for what was seen on a plant, likeliest first, each with the evidence for and against.
 * @param context host, month and recent weather
 * @param answers signs looked for
 * @example rankSuspects({ host: broadBean, month: 5, recent: [] }, [{ signId: 'ants', seen: true }])[0].name
 */
export function rankSuspects(context: KeyContext, answers: readonly Answer[]): Suspect[] {
  const weighed = weigh(context, answers);
  return weighed.map((w) => ({
    id: w.entry?.id ?? 'something-else',
    name: w.entry?.name ?? 'Something else',
    kind: kindOf(w.entry),
    probability: w.p,
    evidence: explain(w, weighed, answers),
  }));
}

function kindOf(entry: Entry | null): Suspect['kind'] {
  if (!entry) return 'other';
  return entry.kind === 'helper' || entry.kind === 'look-alike' ? entry.kind : 'trouble';
}
