import { canShow, findSign, LOOK_COSTS, SIGNS, type LookKind, type PartId, type Sign } from '../catalogue';
import { coveredBy, heeded, type Answer } from './answer';
import type { KeyContext } from './context';
import { explains } from './explains';
import { hypotheses, type Hypothesis } from './hypotheses';
import { SURE_ENOUGH } from './settled';

export interface NextLook {
  readonly sign: Sign;
  /** Expected bits of information from looking. */
  readonly gain: number;
  /** By how much the likeliest account is expected to grow by it, 0 … 1. */
  readonly rise: number;
  /** What it takes: "a glance", "turn a leaf". */
  readonly takes: string;
  /** One of the two answers would settle it. */
  readonly wouldSettle: boolean;
}

/** Accounts under this share do not steer the questions. */
const NEGLIGIBLE = 0.0005;
/** Bits. */
const SMALLEST_GAIN = 0.004;
/** After so many questions that brought no "yes" another one is a nuisance: something else must settle it. */
const MOST_IN_VAIN = 8;

/**
 * The one look that would tell most for its trouble, over all accounts of what was seen, two at once among them: expected
 * information gain, and how much surer of the first it would make, over the root of the cost (by cost itself the easy
 * looks were asked for and the telling ones left). Never a question already answered or passed over, nor a part this host does not have
 * or does not carry at its stage.
 * @param skipped signs the grower could not tell
 * @returns null when nothing left would tell at least SMALLEST_GAIN bits, or too many were asked in vain
 */
export function nextLook(context: KeyContext, answers: readonly Answer[], skipped: readonly string[] = []): NextLook | null {
  const known = heeded(answers);
  if (inVain(known) + skipped.length >= MOST_IN_VAIN) return null;
  let best: { look: NextLook; worth: number } | null = null;
  for (const look of looksThatTell(context, answers, new Set(skipped))) {
    const worth = (look.gain + look.rise) / Math.sqrt(LOOK_COSTS[look.sign.look].cost);
    if (!best || worth > best.worth) best = { look, worth };
  }
  return best?.look ?? null;
}

/** A plain sign that was seen, and what it may be, seen more closely: one look that takes the place of several questions. */
export interface CloserLook {
  readonly plain: Sign;
  /** The likeliest first. */
  readonly kinds: readonly Sign[];
}

/** So many fit beside each other under a thumb. */
const MOST_KINDS = 5;
/** Where it is none of these, the next few are shown; no more often than this. */
const MOST_TIMES = 2;
/** A kind that hardly anybody on this plant shows is no choice. */
const LEAST_CHANCE = 0.02;

/**
 * Which kind of a plain sign it is: asked once, before anything else, for the first plain sign seen of which nothing closer was
 * answered.
 * @param skipped plain signs of which the grower could not tell
 * @returns null where no plain sign was seen, or fewer than two kinds of it are likely enough
 */
export function closerLook(context: KeyContext, answers: readonly Answer[], skipped: readonly string[] = []): CloserLook | null {
  const answered = new Set(answers.map((a) => a.signId));
  const found = new Set(answers.filter((a) => a.seen).map((a) => a.signId));
  for (const { signId, seen } of heeded(answers)) {
    const plain = findSign(signId);
    if (!seen || !plain || skipped.includes(signId) || plain.covers.some((id) => found.has(id))) continue;
    if (plain.covers.filter((id) => answered.has(id)).length >= MOST_KINDS * MOST_TIMES) continue;
    const accounts = hypotheses(context, answers).filter((h) => h.p >= NEGLIGIBLE);
    const kinds = plain.covers
      .flatMap((id) => (answered.has(id) ? [] : (findSign(id) ?? [])))
      .filter(
        (s) => canShow(s, context.host) && s.parts.some((part) => (context.host.parts as readonly PartId[]).includes(part) && carried(part, context.stage)),
      )
      .map((sign) => ({ sign, chance: accounts.reduce((sum, h) => sum + (showsCloser(h, sign.id) ? h.p : 0), 0) }))
      .filter((k) => k.chance >= LEAST_CHANCE)
      .sort((a, b) => b.chance - a.chance)
      .slice(0, MOST_KINDS);
    if (kinds.length >= 2) return { plain, kinds: kinds.map((k) => k.sign) };
  }
  return null;
}

const showsCloser = (h: Hypothesis, signId: string) => h.of.some((entry) => explains(entry, signId));

/** Another time, another tool: what the looks of today could not tell. */
export interface Settler {
  /** "With a hand lens" */
  readonly how: string;
  readonly sign: Sign;
}

const LATER: Readonly<Record<LookKind, string>> = {
  glance: 'Tomorrow morning, in good light',
  turn: 'Tomorrow morning, in good light',
  loupe: 'With a hand lens, ten times',
  night: 'After dark, with a torch',
  cut: 'With a knife, cut one open',
  dig: 'With a trowel, dig one up',
};
const MOST_SETTLERS = 3;

/**
 * What would tell when the questions have come to an end: the best look of each kind, what could not be told before
 * among them, since light or a lens may show it. The most telling first; empty when nothing in the book tells them apart.
 */
export function whatWouldSettle(context: KeyContext, answers: readonly Answer[]): Settler[] {
  const found = new Map<string, Settler>();
  for (const { sign } of looksThatTell(context, answers, new Set()).sort((a, b) => b.gain - a.gain)) {
    const how = LATER[sign.look];
    if (!found.has(how)) found.set(how, { how, sign });
  }
  return [...found.values()].slice(0, MOST_SETTLERS);
}

/** Every look that is worth a question, with what it is expected to bring. */
function looksThatTell(context: KeyContext, answers: readonly Answer[], skipped: ReadonlySet<string>): NextLook[] {
  const known = heeded(answers);
  const live = hypotheses(context, answers).filter((h) => h.p >= NEGLIGIBLE);
  const total = live.reduce((s, h) => s + h.p, 0);
  const p = Float64Array.from(live, (h) => h.p / total);
  const rows = live.map((h) => h.row);
  const unsure = rows.map(unsureOf);
  const named = live.map((h) => h.of.length > 0);
  const done = new Set([...skipped, ...answers.map((a) => a.signId), ...known.flatMap((a) => answeredWith(a))]);
  const here = new Set<string>(context.host.parts);
  const looks: NextLook[] = [];
  for (const [at, sign] of SIGNS.entries()) {
    if (done.has(sign.id) || !canShow(sign, context.host) || !sign.parts.some((part) => here.has(part) && carried(part, context.stage))) continue;
    const { gain, rise, wouldSettle, idle } = outlook(p, rows, unsure, named, at);
    if (gain >= SMALLEST_GAIN && !idle) looks.push({ sign, gain, rise, takes: LOOK_COSTS[sign.look].say, wouldSettle });
  }
  return looks;
}

/** Signs that need no question after an answer: the plain one after a closer look, and the closer ones where there is none of it. */
const answeredWith = (a: Answer): readonly string[] => (a.seen ? coveredBy(a.signId) : (findSign(a.signId)?.covers ?? []));

/** "No" to what was asked, since the last "yes"; "none of these" to the kinds of a plain sign is one of them. */
function inVain(known: readonly Answer[]): number {
  const asked = known.filter((a) => a.asked);
  const since = asked.slice(asked.map((a) => a.seen).lastIndexOf(true) + 1);
  const seen = new Set(known.filter((a) => a.seen).map((a) => a.signId));
  const times = new Map<string, number>();
  for (const a of since) {
    const about = coveredBy(a.signId).find((plain) => seen.has(plain)) ?? a.signId;
    times.set(about, (times.get(about) ?? 0) + 1);
  }
  return [...times.values()].reduce((sum, n) => sum + Math.ceil(n / MOST_KINDS), 0);
}

/** Whether a plant at that stage has such a part to look at. */
function carried(part: PartId, stage: KeyContext['stage']): boolean {
  if (part === 'fruit') return stage === undefined || stage === 'fruiting';
  if (part === 'flower') return stage === undefined || stage === 'flowering' || stage === 'fruiting';
  return true;
}

/** Bits in the answer to a question whose yes has this chance. */
const bitsOf = (yes: number) => (yes <= 0 || yes >= 1 ? 0 : -yes * Math.log2(yes) - (1 - yes) * Math.log2(1 - yes));

/** How unsure an account leaves each sign, in bits, by its column: rows stay the same from tap to tap, and logarithms are dear. */
const unsureByRow = new WeakMap<Float64Array, Float64Array>();
function unsureOf(row: Float64Array): Float64Array {
  const known = unsureByRow.get(row);
  if (known) return known;
  const made = row.map(bitsOf);
  unsureByRow.set(row, made);
  return made;
}

/** Where neither answer changes the first name nor moves it by this much, the question is idle. */
const AS_SURE = 0.04;
/** An answer less likely than this is not held out as the one that would settle it. */
const FAIR_CHANCE = 0.15;

/** What asking one sign is expected to bring, over both answers. Written without arrays: it runs for every sign at every tap. */
function outlook(p: Float64Array, rows: readonly Float64Array[], unsure: readonly Float64Array[], named: readonly boolean[], at: number) {
  let yes = 0;
  let yesTop = 0;
  let yesNamed = 0;
  let yesAt = 0;
  let noAt = 0;
  let no = 0;
  let left = 0;
  let noTop = 0;
  let noNamed = 0;
  for (let i = 0; i < p.length; i++) {
    const s = rows[i]?.[at] ?? 0.5;
    const jointYes = (p[i] ?? 0) * s;
    const jointNo = (p[i] ?? 0) - jointYes;
    yes += jointYes;
    no += jointNo;
    left += (p[i] ?? 0) * (unsure[i]?.[at] ?? 1);
    if (jointYes > yesTop) [yesTop, yesAt] = [jointYes, i];
    if (jointNo > noTop) [noTop, noAt] = [jointNo, i];
    if (named[i]) {
      yesNamed = Math.max(yesNamed, jointYes);
      noNamed = Math.max(noNamed, jointNo);
    }
  }
  const settles = (chance: number, top: number) => chance > FAIR_CHANCE && top / chance >= SURE_ENOUGH;
  const same = (at: number, top: number, chance: number) => at === 0 && Math.abs(top / chance - (p[0] ?? 0)) < AS_SURE;
  // the likeliest comes first
  return {
    idle: same(yesAt, yesTop, yes) && same(noAt, noTop, no),
    // what the answer tells, less what would stay open in it if one knew which account holds
    gain: bitsOf(yes) - left,
    rise: yesTop + noTop - (p[0] ?? 0),
    wouldSettle: settles(yes, yesNamed) || settles(no, noNamed),
  };
}
