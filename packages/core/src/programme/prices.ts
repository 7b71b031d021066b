import type { Ground } from './ground';
import { waysOf, type Reckoned, type Ways } from './ways';

const ROUNDS = 60;
/** Half the step after so many rounds without a better bound. */
const PATIENCE = 4;

/** Sets of courses of which no two may be on one day, as places in the group; every such pair is in one. */
function cliques(apart: Ground['apart'], group: readonly number[]): number[][] {
  const out: number[][] = [];
  const covered = (a: number, b: number) => out.some((q) => q.includes(a) && q.includes(b));
  group.forEach((i, a) =>
    group.forEach((j, b) => {
      if (b <= a || !apart[i]?.[j] || covered(a, b)) return;
      const clique = [a, b];
      group.forEach((k, c) => {
        if (!clique.includes(c) && clique.every((x) => apart[group[x] as number]?.[k])) clique.push(c);
      });
      out.push(clique);
    }),
  );
  return out;
}

/** Courses of which no more than so many may have a round on a day. */
interface Shared {
  /** Places in the group. */
  readonly members: readonly number[];
  /** By day. */
  readonly most: readonly number[];
}

/** A sum that several use up, in whole grains: what a round takes is rounded down, what is left up. */
interface Sum {
  /** By place in the group. */
  readonly each: readonly number[];
  readonly left: number;
}
/** The round that takes most takes so many grains: about as much as a day is worth to what shares days. */
const GRAINS = 8;
const SLACK = 1e-6;

/** Sums that may not be enough for all of the group. */
function sumsOf({ model, left }: Ground, inside: readonly Ways[], group: readonly number[]): Sum[] {
  return [...left].flatMap(([id, amount]) => {
    const amounts = group.map((i) => model.courses[i]?.takes.find((t) => t.total === id)?.amount ?? 0);
    const scale = GRAINS / Math.max(...amounts);
    if (!Number.isFinite(scale)) return [];
    const each = amounts.map((a) => Math.floor(a * scale + SLACK));
    const most = each.reduce((sum, e, k) => sum + e * (inside[group[k] as number]?.most ?? 0), 0);
    const grains = Math.ceil(amount * scale - SLACK);
    return most > grains ? [{ each, left: grains }] : [];
  });
}

/** What the group shares: days of which only one may have a round, and the hands of each evening. */
function sharedBy({ apart, model, most }: Ground, inside: readonly Ways[], group: readonly number[]): Shared[] {
  const days = Array.from({ length: model.days }, (_, d) => d);
  const alone = cliques(apart, group)
    .filter((q) => q.length > 2)
    .map((members) => ({ members, most: days.map(() => 1) }));
  const on = days.map((d) => group.filter((i) => (inside[i]?.days ?? 0) & (1 << d)));
  const hands = on.map((list, d) =>
    most(
      d,
      list.reduce((m, i) => m | (1 << i), 0),
    ),
  );
  const scarce = on.some((list, d) => list.length > (hands[d] ?? 0));
  return scarce ? [...alone, { members: group.map((_, k) => k), most: hands }] : alone;
}

/**
 * Prices for what courses of a group can not all have, so that what they cost one by one comes near to what they cost
 * together (Lagrangian relaxation, subgradient steps; Held & Karp 1971). Prices are whole numbers: every sum with them
 * stays exact. The sum of the cheapest priced options less `paid` is never more than the true cost.
 * @param under what is known already, for the length of the steps
 */
export function pricesOf(ground: Ground, inside: readonly Ways[], group: readonly number[], under: number): Reckoned {
  const lists = group.map((i) => inside[i] as Ways);
  const plain = () => ({ lists, paid: 0, on: null });
  const shared = sharedBy(ground, inside, group);
  const sums = sumsOf(ground, inside, group);
  if (shared.length === 0 && sums.length === 0) return plain();
  const { days } = ground.model;
  const sharedOf = group.map((_, k) => shared.flatMap((q, s) => (q.members.includes(k) ? [s] : [])));
  // a row of days for each thing shared, then one place for each sum
  let prices = [...shared.map(() => new Float64Array(days)), ...sums.map(() => new Float64Array(1))];
  const priceOn = (of: readonly Float64Array[], k: number) => {
    const on = new Float64Array(days);
    sums.forEach((q, s) => on.fill((on[0] as number) + (q.each[k] ?? 0) * (of[shared.length + s]?.[0] ?? 0)));
    for (const s of sharedOf[k] ?? []) for (let d = 0; d < days; d++) on[d] = (on[d] as number) + (of[s]?.[d] as number);
    return on;
  };
  const cheapest = (of: readonly Float64Array[]) =>
    lists.map(({ list, costs, masks }, k) => {
      const on = priceOn(of, k);
      let best = -1;
      let least = Infinity;
      for (let at = 0; at < costs.length && (costs[at] as number) < least; at++) {
        let cost = costs[at] as number;
        for (let m = masks[at] as number; m !== 0; m &= m - 1) cost += on[31 - Math.clz32(m & -m)] as number;
        if (cost < least) {
          least = cost;
          best = at;
        }
      }
      return { least, best: list[best] };
    });
  const paidFor = (of: readonly Float64Array[]) =>
    of.reduce((sum, p, s) => sum + p.reduce((a, b, d) => a + b * (shared[s]?.most[d] ?? sums[s - shared.length]?.left ?? 0), 0), 0);

  let best = { bound: -Infinity, prices };
  let step = 1;
  let since = 0;
  const spread = lists.reduce((sum, { costs }) => sum + ((costs[Math.min(costs.length - 1, 8)] ?? 0) - (costs[0] ?? 0)), 0);
  for (let round = 0; round < ROUNDS; round++) {
    const picked = cheapest(prices);
    const bound = picked.reduce((sum, p) => sum + p.least, 0) - paidFor(prices);
    if (!Number.isFinite(bound)) return plain();
    if (bound > best.bound) [best, since] = [{ bound, prices }, 0];
    else if (++since >= PATIENCE) [step, since] = [step / 2, 0];
    if (best.bound >= under) break;
    const over = shared.map((q) => {
      const use = Float64Array.from(q.most, (m) => -m);
      for (const k of q.members) for (const d of picked[k]?.best?.days ?? []) use[d] = (use[d] as number) + 1;
      return use;
    });
    sums.forEach((q) => over.push(Float64Array.of(q.each.reduce((sum, e, k) => sum + e * (picked[k]?.best?.days.length ?? 0), -q.left))));
    // what has no price and is enough for all stays as it is
    const norm = over.reduce((sum, use, s) => sum + use.reduce((a, u, d) => a + (u > 0 || (prices[s]?.[d] ?? 0) > 0 ? u * u : 0), 0), 0);
    if (norm === 0) break;
    const gap = Number.isFinite(under) ? Math.max(1, under - bound) : Math.max(1, spread);
    const length = (step * gap) / norm;
    prices = prices.map((p, s) => p.map((v, d) => Math.max(0, Math.round(v + length * (over[s]?.[d] ?? 0)))));
  }
  const on = group.map((_, k) => priceOn(best.prices, k));
  return {
    lists: lists.map(({ list }, k) =>
      waysOf(list.map((o) => ({ ...o, priced: o.days.reduce((sum, d) => sum + (on[k]?.[d] as number), o.cost) })).sort((a, b) => a.priced - b.priced)),
    ),
    on,
    paid: paidFor(best.prices),
  };
}
