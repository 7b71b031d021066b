import { SIGNS, type Sign } from '../catalogue';
import type { KeyContext } from './prior';
import { seenIf, weigh, type Answer, type Weighed } from './weigh';
import { SURE_ENOUGH } from './settled';

export interface NextLook {
  readonly sign: Sign;
  /** Expected bits of information from looking. */
  readonly gain: number;
  /** One of the two answers would settle it. */
  readonly wouldSettle: boolean;
}

const entropy = (ws: readonly Weighed[]) => ws.reduce((h, w) => (w.p > 0 ? h - w.p * Math.log2(w.p) : h), 0);

/**
 * The one look that would tell most for its trouble: expected information gain over cost.
 * Never a question already answered, nor a part this host does not have.
 * @returns null when nothing left would tell at least 0.02 bits
 */
export function nextLook(context: KeyContext, answers: readonly Answer[]): NextLook | null {
  const now = weigh(context, answers);
  const before = entropy(now);
  const asked = new Set(answers.map((a) => a.signId));
  let best: { look: NextLook; worth: number } | null = null;
  for (const sign of SIGNS) {
    if (asked.has(sign.id) || !sign.parts.some((p) => context.host.parts.includes(p))) continue;
    const yes = update(now, sign.id, true);
    const no = update(now, sign.id, false);
    const gain = before - (yes.chance * entropy(yes.after) + no.chance * entropy(no.after));
    const worth = gain / sign.cost;
    if (gain < 0.02 || (best && worth <= best.worth)) continue;
    const wouldSettle = [yes, no].some((u) => u.chance > 0.15 && (u.after[0]?.p ?? 0) >= SURE_ENOUGH && u.after[0]?.entry != null);
    best = { look: { sign, gain, wouldSettle }, worth };
  }
  return best?.look ?? null;
}

function update(now: readonly Weighed[], signId: string, seen: boolean) {
  const joint = now.map((w) => {
    const p = seenIf(w.entry, signId);
    return { entry: w.entry, p: w.p * (seen ? p : 1 - p) };
  });
  const chance = joint.reduce((s, j) => s + j.p, 0);
  const after = joint.map((j) => ({ entry: j.entry, p: j.p / chance })).sort((a, b) => b.p - a.p);
  return { chance, after };
}
