import { LOOK_COSTS, SIGNS, type PartId, type Sign } from '../catalogue';
import { heeded, type Answer } from './answer';
import type { KeyContext } from './context';
import { hypotheses } from './hypotheses';
import { SURE_ENOUGH } from './settled';

export interface NextLook {
  readonly sign: Sign;
  /** Expected bits of information from looking. */
  readonly gain: number;
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
 * The one look that would tell most for its trouble: expected information gain over cost, over all accounts of what was
 * seen, two at once among them. Never a question already answered or passed over, nor a part this host does not have
 * or does not carry at its stage.
 * @param skipped signs the grower could not tell
 * @returns null when nothing left would tell at least SMALLEST_GAIN bits, or too many were asked in vain
 */
export function nextLook(context: KeyContext, answers: readonly Answer[], skipped: readonly string[] = []): NextLook | null {
  const known = heeded(answers);
  if (inVain(known) + skipped.length >= MOST_IN_VAIN) return null;
  const live = hypotheses(context, answers).filter((h) => h.p >= NEGLIGIBLE);
  const total = live.reduce((s, h) => s + h.p, 0);
  const p = Float64Array.from(live, (h) => h.p / total);
  const rows = live.map((h) => h.row);
  const named = live.map((h) => h.of.length > 0);
  const before = entropy(p);
  const done = new Set([...known.map((a) => a.signId), ...skipped]);
  const here = new Set<string>(context.host.parts);
  let best: { look: NextLook; worth: number } | null = null;
  for (const [at, sign] of SIGNS.entries()) {
    if (done.has(sign.id) || !sign.parts.some((part) => here.has(part) && carried(part, context.stage))) continue;
    const { gain, wouldSettle } = outlook(p, rows, named, at, before);
    const worth = gain / LOOK_COSTS[sign.look].cost;
    if (gain < SMALLEST_GAIN || (best && worth <= best.worth)) continue;
    best = { look: { sign, gain, takes: LOOK_COSTS[sign.look].say, wouldSettle }, worth };
  }
  return best?.look ?? null;
}

/** "No" to what was asked, since the last "yes". */
function inVain(known: readonly Answer[]): number {
  const asked = known.filter((a) => a.asked);
  return asked.length - 1 - asked.map((a) => a.seen).lastIndexOf(true);
}

/** Whether a plant at that stage has such a part to look at. */
function carried(part: PartId, stage: KeyContext['stage']): boolean {
  if (part === 'fruit') return stage === undefined || stage === 'fruiting';
  if (part === 'flower') return stage === undefined || stage === 'flowering' || stage === 'fruiting';
  return true;
}

function entropy(p: Float64Array): number {
  let h = 0;
  for (const x of p) if (x > 0) h -= x * Math.log2(x);
  return h;
}

/** An answer less likely than this is not held out as the one that would settle it. */
const FAIR_CHANCE = 0.15;

/** What asking one sign is expected to bring, over both answers. Written without arrays: it runs for every sign at every tap. */
function outlook(p: Float64Array, rows: readonly Float64Array[], named: readonly boolean[], at: number, before: number) {
  let yes = 0;
  let yesLogs = 0;
  let yesTop = 0;
  let no = 0;
  let noLogs = 0;
  let noTop = 0;
  for (let i = 0; i < p.length; i++) {
    const s = rows[i]?.[at] ?? 0.5;
    const jointYes = (p[i] ?? 0) * s;
    const jointNo = (p[i] ?? 0) - jointYes;
    yes += jointYes;
    no += jointNo;
    yesLogs += jointYes * Math.log2(jointYes);
    noLogs += jointNo * Math.log2(jointNo);
    if (named[i] && jointYes > yesTop) yesTop = jointYes;
    if (named[i] && jointNo > noTop) noTop = jointNo;
  }
  // entropy after an answer, times its chance: chance * log(chance) - sum of joint * log(joint)
  const afterwards = yes * Math.log2(yes) - yesLogs + no * Math.log2(no) - noLogs;
  const settles = (chance: number, top: number) => chance > FAIR_CHANCE && top / chance >= SURE_ENOUGH;
  return { gain: before - afterwards, wouldSettle: settles(yes, yesTop) || settles(no, noTop) };
}
