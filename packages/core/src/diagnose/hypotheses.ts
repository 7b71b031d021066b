import { SIGNS } from '../catalogue';
import { usualness } from '../scout';
import { heeded, type Answer } from './answer';
import type { KeyContext } from './context';
import { ENTRIES, OTHER_ROW, REPORTINGS, rowOf, ROWS, SIGN_AT, wayOf, type Entry } from './likelihood';
import { chanceGiven, plainSeen, rowGiven, type PlainSeen } from './plain';

/** One account of what was seen: one suspect, two at once, or nothing that the book knows (none). */
export interface Hypothesis {
  readonly of: readonly Entry[];
  /** All hypotheses together make 1. */
  readonly p: number;
  /** Chance of each sign being found when asked for, by its column; worked out when it is asked for first. */
  readonly row: Float64Array;
}

/**
 * Set on simulated cases of seeds 11 and 21 so that the stated confidence is the hit rate over all kinds of cases
 * (`npm run bench:key -- --seed 11`); measured on others. TEMPER is the power on the weight of the answers.
 */
const TEMPER = 1.05;
/** How often it is something else that may show anything, and something else that takes after what the book knows. */
const PRIOR_OTHER = 0.03;
const PRIOR_KIN = 0.15;
/** How far what is unknown takes after its kin. */
const LIKENESS = 0.7;
/** Unknown friends are fewer than unknown pests. */
const FRIENDS_KIN = 0.3;
/**
 * The line that the odds of something unknown are brought onto (Platt's scaling: odds = base x odds ^ slope), and how
 * much they rise where what was seen fits many a little and none well.
 */
const ELSE_BASE = 1.2;
const ELSE_SLOPE = 1.6;
const ELSE_SPREAD = 0.7;
/** What one suspect alone shows no unknown kin of it shows; of what many show, its kin show as much as they. */
const KEPT = Float64Array.from(SIGNS, (s) => {
  const by = ENTRIES.filter((e) => s.id in e.signs && e.signs[s.id] !== 'never').length;
  return by === 0 ? 0 : 1 - 1 / by;
});
/** How often two troubles come at once, against one. From memory. */
const PRIOR_TWO = 0.12;
/** Beyond so many signs at once a plant is not two troubles but a list. */
const MOST_SEEN = 24;
/** A sign that is told of a suspect at least sometimes is explained by it. */
const EXPLAINED_ASKED = 0.35;
/** Pairs past these steer nothing. */
const MOST_PAIRS = 24;

interface Priors {
  readonly living: readonly Entry[];
  /** Sums to 1. */
  readonly prior: Float64Array;
}
const priorsByContext = new WeakMap<KeyContext, Priors>();

/** Who lives here and how usually; worked out once for one place and time, since every tap asks again. */
function priorsOf(context: KeyContext): Priors {
  const known = priorsByContext.get(context);
  if (known) return known;
  const refused = new Set(context.refused);
  const usual = ENTRIES.filter((e) => !refused.has(e.id))
    .map((entry) => ({ entry, usual: usualness(entry, context) * (context.before?.includes(entry.id) ? HERE_BEFORE : 1) }))
    .filter((e) => e.usual > 0);
  const sum = usual.reduce((s, e) => s + e.usual, 0);
  const priors = { living: usual.map((e) => e.entry), prior: Float64Array.from(usual, (e) => e.usual / sum) };
  priorsByContext.set(context, priors);
  return priors;
}
/** What was on these plants within the year is likelier there again. From memory. */
const HERE_BEFORE = 2;

/** The last one made for a place: ranking, settling and the next look ask for the same one by turns. */
const last = new WeakMap<KeyContext, { readonly answers: string; readonly made: readonly Hypothesis[] }>();
const wordOf = (a: Answer) => `${a.signId} ${a.seen ? wayOf(a) : 'not'}`;

/**
 * All accounts of the answers with their posterior, by Bayes' rule with signs taken as independent given what is there:
 * every suspect that lives on the plant, every two of them that explain each what the other does not, and what
 * the book does not know.
 */
export function hypotheses(context: KeyContext, answers: readonly Answer[]): readonly Hypothesis[] {
  const known = heeded(answers);
  const words = known.map(wordOf).join();
  const before = last.get(context);
  if (before?.answers === words) return before.made;
  const made = weighAll(context, known);
  last.set(context, { answers: words, made });
  return made;
}

function weighAll(context: KeyContext, answers: readonly Answer[]): Hypothesis[] {
  const { living, prior } = priorsOf(context);
  const n = living.length;
  const given = plainSeen(answers);
  const chances = answers.map((a) => chancesOf(living, a, given));
  const other = answers.map((a) => tempered(a.seen, OTHER_ROW[wayOf(a)][SIGN_AT.get(a.signId) ?? 0] ?? 0.5));
  const columns = answers.map((a) => SIGN_AT.get(a.signId) ?? 0);
  const weights: { of: readonly Entry[]; w: number; row: () => Float64Array }[] = [];
  let kin = 0;
  const likes = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    let mine = prior[i] as number;
    let like = prior[i] as number;
    for (let k = 0; k < chances.length; k++) {
      const c = chances[k]?.[i] as number;
      mine *= c;
      const shared = LIKENESS * (KEPT[columns[k] as number] as number);
      like *= shared * c + (1 - shared) * (other[k] as number);
    }
    const entry = living[i] as Entry;
    likes[i] = like * (entry.kind === 'helper' || entry.kind === 'look-alike' ? FRIENDS_KIN : 1);
    kin += likes[i] as number;
    weights.push({ of: [entry], w: mine, row: () => rowGiven(entry, given) });
  }
  const plain = PRIOR_OTHER * other.reduce((l, c) => l * c, 1);
  const named = weights.reduce((s, x) => s + x.w, 0);
  const spread = named / weights.reduce((m, x) => Math.max(m, x.w), 0);
  const raw = (plain + PRIOR_KIN * kin) / named;
  weights.push({ of: [], w: named * ELSE_BASE * raw ** ELSE_SLOPE * spread ** ELSE_SPREAD, row: () => unknownRow(living, likes, plain / PRIOR_KIN + kin) });
  weights.push(...pairsOf(living, prior, answers, chances, given));
  const sum = weights.reduce((s, w) => s + w.w, 0);
  return weights.map(({ of, w, row }) => hypothesis(of, w / sum, row)).sort((a, b) => b.p - a.p);
}

function hypothesis(of: readonly Entry[], p: number, make: () => Float64Array): Hypothesis {
  let made: Float64Array | null = null;
  return {
    of,
    p,
    get row() {
      return (made ??= make());
    },
  };
}

const tempered = (seen: boolean, chance: number) => (seen ? chance : 1 - chance) ** TEMPER;

function chancesOf(living: readonly Entry[], answer: Answer, given: PlainSeen): Float64Array {
  const at = SIGN_AT.get(answer.signId) ?? 0;
  const way = wayOf(answer);
  if (given.plain.size === 0) return Float64Array.from(living, (e) => tempered(answer.seen, ROWS[way](e)[at] ?? 0.5));
  return Float64Array.from(living, (e) => tempered(answer.seen, chanceGiven(e, answer, REPORTINGS[way], given)));
}

/** Two at once: each explains a sign that the other does not. A sign shows when either would show it. */
function pairsOf(living: readonly Entry[], prior: Float64Array, answers: readonly Answer[], chances: readonly Float64Array[], given: PlainSeen) {
  const seen = answers.flatMap((a, k) => (a.seen ? [{ k, at: SIGN_AT.get(a.signId) ?? 0 }] : []));
  if (seen.length < 2 || seen.length > MOST_SEEN) return [];
  const masks = living.map((e) => seen.reduce((m, { at }, bit) => ((rowOf(e)[at] ?? 0) >= EXPLAINED_ASKED ? m | (1 << bit) : m), 0));
  const able = living.flatMap((_, i) => (masks[i] ? [i] : []));
  const made: { a: number; b: number; w: number }[] = [];
  for (const [x, a] of able.entries()) {
    for (let y = 0; y < x; y++) {
      const b = able[y] as number;
      const ma = masks[a] as number;
      const mb = masks[b] as number;
      if ((ma & ~mb) === 0 || (mb & ~ma) === 0) continue;
      let w = 2 * PRIOR_TWO * (prior[a] as number) * (prior[b] as number);
      for (let k = 0; k < chances.length; k++) {
        const ca = chances[k]?.[a] as number;
        const cb = chances[k]?.[b] as number;
        w *= answers[k]?.seen ? Math.max(ca, cb) : Math.min(ca, cb);
      }
      if (made.length === MOST_PAIRS && w <= (made[MOST_PAIRS - 1]?.w ?? 0)) continue;
      if (made.length === MOST_PAIRS) made.pop();
      const at = made.findIndex((m) => m.w < w);
      made.splice(at < 0 ? made.length : at, 0, { a, b, w });
    }
  }
  return made.map(({ a, b, w }) => {
    const of = [living[a] as Entry, living[b] as Entry] as const;
    return { of, w, row: () => both(rowGiven(of[0], given), rowGiven(of[1], given)) };
  });
}

/** What the unknown would show: as its kin, most like the likeliest of them, and for the rest anything. */
function unknownRow(living: readonly Entry[], likes: Float64Array, all: number): Float64Array {
  const row = Float64Array.from(rowOf(null));
  const nearest = [...likes.keys()].sort((a, b) => (likes[b] as number) - (likes[a] as number)).slice(0, NEAREST);
  const base = rowOf(null);
  for (const i of nearest) {
    const mine = rowOf(living[i] as Entry);
    const share = (LIKENESS * (likes[i] as number)) / all;
    for (let k = 0; k < row.length; k++) row[k] = (row[k] as number) + share * ((mine[k] as number) - (base[k] as number));
  }
  return row;
}
const NEAREST = 4;

const both = (a: Float64Array, b: Float64Array) => a.map((x, i) => Math.max(x, b[i] as number));
