import { millilitres, type Millilitres } from './brand';
import { SAME } from './close';
import type { Measure } from './kit';
import { done, refused, type Outcome } from './outcome';

/** So many fills of one measure; a jug is filled once, to `eachMl`. */
export interface Scoop {
  readonly measure: Measure;
  readonly count: number;
  readonly eachMl: Millilitres;
}

export interface MeasuredOut {
  readonly scoops: readonly Scoop[];
  readonly total: Millilitres;
  /** (total − wanted) / wanted; negative when a little short. */
  readonly error: number;
}

/** More level spoons than this and people lose count (from memory). */
export const MOST_SCOOPS = 12;

type Spoon = Extract<Measure, { kind: 'spoon' }>;
type Jug = Extract<Measure, { kind: 'jug' }>;

const same = (a: number, b: number) => Math.abs(a - b) < 1e-9;

/**
 * The combination of the grower's own level spoons (and at most one fill of one marked jug) nearest
 * to `wanted`: least error first, then fewest fills. Exhaustive, so the error is the true minimum.
 * @param wanted volume of product, ml, > 0
 * @param kit what the grower owns; scales are ignored
 * @param ceiling never to be exceeded: the label maximum for this load, ml
 * @returns refused `too-small` when even the smallest measure is over the ceiling or twice the amount,
 *   `too-many` when nothing the grower owns is large enough
 * @example measureOut(millilitres(75), STARTER_KITS.metric) // 5 tablespoons, error 0
 */
export function measureOut(wanted: Millilitres, kit: readonly Measure[], ceiling: Millilitres = millilitres(Infinity)): Outcome<MeasuredOut> {
  if (!(wanted > 0) || !Number.isFinite(wanted)) return refused('not-positive', 'There is nothing to measure.');
  const spoons = kit.filter((m): m is Spoon => m.kind === 'spoon').sort((a, b) => b.capacityMl - a.capacityMl);
  const jugs = kit.filter((m): m is Jug => m.kind === 'jug');
  if (spoons.length + jugs.length === 0) {
    return refused('no-measures', 'You have no spoon or jug listed. Add one in the Shed.', 'kit');
  }
  let best: { error: number; fills: number; counts: number[]; jug: Jug | null; jugMl: number } | null = null;
  const counts = new Array<number>(spoons.length).fill(0);
  const limit = ceiling + Math.min(ceiling, wanted) * SAME;

  const offer = (total: number, fills: number, jug: Jug | null, jugMl: number) => {
    if (total <= 0 || total > limit) return;
    const error = Math.abs(total - wanted);
    if (!best || error < best.error - 1e-9 || (same(error, best.error) && fills < best.fills)) {
      best = { error, fills, counts: [...counts], jug, jugMl };
    }
  };
  const withJug = (spooned: number, fills: number) => {
    offer(spooned, fills, null, 0);
    for (const jug of jugs) {
      const marks = Math.floor(jug.capacityMl / jug.stepMl + 1e-9);
      const at = Math.floor((wanted - spooned) / jug.stepMl + 1e-9);
      for (const mark of [at, at + 1]) {
        if (mark >= 1 && mark <= marks) offer(spooned + mark * jug.stepMl, fills + 1, jug, mark * jug.stepMl);
      }
    }
  };
  const walk = (i: number, spooned: number, fills: number) => {
    const spoon = spoons[i];
    if (!spoon) return withJug(spooned, fills);
    for (let n = 0; fills + n <= MOST_SCOOPS; n++) {
      const sum = spooned + n * spoon.capacityMl;
      counts[i] = n;
      walk(i + 1, sum, fills + n);
      // one step past the amount is the last that can be nearest
      if (sum >= wanted) break;
    }
    counts[i] = 0;
  };
  walk(0, 0, 0);

  const found = best as { error: number; counts: number[]; jug: Jug | null; jugMl: number } | null;
  if (!found || found.error >= wanted) {
    return refused('too-small', `${round(wanted)} ml is too little for your smallest measure. A syringe, or a larger batch, would do it.`, 'kit');
  }
  const scoops: Scoop[] = [];
  if (found.jug) scoops.push({ measure: found.jug, count: 1, eachMl: millilitres(found.jugMl) });
  spoons.forEach((s, i) => {
    const count = found.counts[i] ?? 0;
    if (count > 0) scoops.push({ measure: s, count, eachMl: millilitres(s.capacityMl) });
  });
  const total = scoops.reduce((sum, s) => sum + s.count * s.eachMl, 0);
  const error = (total - wanted) / wanted;
  const most = MOST_SCOOPS * (spoons[0]?.capacityMl ?? 0) + Math.max(0, ...jugs.map((j) => j.capacityMl));
  if (most < wanted * 0.95) {
    return refused('too-many', `It is more than ${MOST_SCOOPS} of your largest spoon. Add a cup or a jug with marks.`, 'kit');
  }
  return done({ scoops, total: millilitres(total), error });
}

const round = (n: number) => Number(n.toPrecision(3));
