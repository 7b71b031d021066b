import { dutyIn, speciesOn } from '../catalogue';
import type { Answer } from './answer';
import { explainer, type Evidence } from './evidence';
import type { Entry } from './likelihood';
import type { KeyContext } from './context';
import { weigh, type Weighed } from './weigh';

export interface Suspect {
  readonly id: string;
  readonly name: string;
  readonly kind: 'trouble' | 'helper' | 'look-alike' | 'other';
  /** 0..1, that it is there: with two at once, all together make more than 1. */
  readonly probability: number;
  /** It must be reported where it was seen, or is not known from there and must be reported elsewhere. */
  readonly notifiable: boolean;
  /** Of a group: the kinds that live on this plant, here. */
  readonly kinds: readonly string[];
  /** Strongest first; given for the likeliest only. */
  readonly evidence: readonly Evidence[];
}

/** Where the country is not known, what may have to be reported is said to. */
const NOWHERE = { latitude: 0, country: null } as const;
/** Nobody reads reasons further down than this. */
const EXPLAINED = 12;

/**
 * Suspects for what was seen on a plant, likeliest first ("something else" only where likelier than not), each with the evidence for and against.
 * @param context host, month and recent weather
 * @param answers signs looked for
 * @example rankSuspects({ host: broadBean, month: 5, recent: [] }, [{ signId: 'ants', seen: true }])[0].name
 */
export function rankSuspects(context: KeyContext, answers: readonly Answer[]): Suspect[] {
  const weighed = namesFirst(weigh(context, answers));
  const explain = explainer(weighed, answers);
  return weighed.map((w, i) => ({
    id: w.entry?.id ?? 'something-else',
    name: w.entry?.name ?? 'Something else',
    kind: kindOf(w.entry),
    probability: w.p,
    notifiable: w.entry !== null && 'report' in w.entry && dutyIn(w.entry, context.host, context.where ?? NOWHERE) !== 'none',
    kinds: w.entry !== null && 'species' in w.entry ? speciesOn(w.entry, context.host, context.where ?? null).map((s) => s.name) : [],
    evidence: i < EXPLAINED ? explain(w) : [],
  }));
}

/** "Something else" is no name to begin with, unless it is likelier than not. */
const LIKELIER_THAN_NOT = 0.5;
function namesFirst([first, second, ...rest]: readonly Weighed[]): Weighed[] {
  if (!first || !second) return first ? [first] : [];
  return first.entry === null && first.p < LIKELIER_THAN_NOT ? [second, first, ...rest] : [first, second, ...rest];
}

function kindOf(entry: Entry | null): Suspect['kind'] {
  if (!entry) return 'other';
  return entry.kind === 'helper' || entry.kind === 'look-alike' ? entry.kind : 'trouble';
}
