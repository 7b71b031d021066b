import { bits } from './bits';
import type { Ground, Option } from './ground';
import { pricesOf } from './prices';
import type { CourseModel } from './types';
import type { Reckoned, Ways } from './ways';

/** Sums of amounts are compared with a grain of slack, since they are no whole numbers. */
const GRAIN = 1e-9;
/** So many steps without prices, and so many with those of all days: most groups are through by then. */
const EASY_STEPS = 150;
const GIVEN_STEPS = 500;
const HARD = new Error('needs prices');

type Takes = readonly { readonly total: number; readonly amount: number }[];

/** What is handed down to the next choice. */
interface Level {
  /** By course: days that are shut to it, as bits. */
  readonly closed: Int32Array;
  /** By way to reckon, by course: the first option that is still open. */
  readonly heads: readonly Int32Array[];
  /** By way to reckon: what was chosen. */
  readonly sums: Float64Array;
  /** By way to reckon: what was chosen, and the least that the others still cost but for mixing. */
  readonly floors: Float64Array;
}

/**
 * The best choice for courses that are tied to each other: depth first, at each step the course that has the fewest ways
 * left that could still be better, and a way is left as soon as what is chosen and the least that the others can still
 * cost is no better than what is known.
 * @param inside the options that are left, by course, the cheapest first
 * @param given the same with prices, where some are known
 * @returns the prices, too, where it took some; null where nothing costs less than `under`
 */
export function withinGroup(
  ground: Ground,
  inside: readonly Ways[],
  group: readonly number[],
  under: number,
  given: Reckoned | null = null,
): { readonly cost: number; readonly chosen: readonly Option[]; readonly priced?: Reckoned } | null {
  const { model, shut, weights, fits, apart } = ground;
  if (group.length === 1) return alone(ground, inside[group[0] as number] as Ways, group[0] as number, under);
  const n = group.length;
  const courses = group.map((i) => model.courses[i] as CourseModel);
  // those that could share it and are not of the group have no round on these days
  const alike = group.map((i) => ground.alike[i] ?? i);
  const sharesMix = group.map((i) => ground.sharesMix[i] ?? false);
  // two ways to reckon what the others still cost: by their true costs, tight near the end, and by prices, tight at the
  // beginning; what was paid for days that nobody needed is given back by comparing with so much more
  const plain: Reckoned = { lists: group.map((i) => inside[i] as Ways), paid: 0, on: null };
  let ways: readonly Reckoned[] = given ? [plain, given] : [plain];
  const taken: (Option | null)[] = new Array<Option | null>(n).fill(null);
  // of a total that nobody knows nothing is left
  const totals = new Map(model.totals.map((t, at) => [t.id, at]));
  const takes = courses.map((c) => c.takes.map((t) => ({ total: totals.get(t.total) ?? totals.size, amount: t.amount })));
  const spent = new Float64Array(totals.size + 1);
  const mixes = [...new Set(courses.flatMap((c) => c.mix ?? []))];
  const mixOf = courses.map((c, k) => (sharesMix[k] && c.mix !== null ? mixes.indexOf(c.mix) : -1));
  /** By mix: the days on which one of the chosen mixes it. */
  const mixed = new Int32Array(mixes.length);
  const more = new Float64Array(mixes.length);
  const crowd = new Int32Array(model.days);
  // what is handed down, by how many are chosen: one after another goes down the same way
  const levels: readonly Level[] = Array.from({ length: n + 1 }, () => ({
    closed: new Int32Array(n),
    heads: [new Int32Array(n), new Int32Array(n)],
    sums: new Float64Array(2),
    floors: new Float64Array(2),
  }));
  let restMixes = 0;
  let steps = 0;
  let most = given ? GIVEN_STEPS : EASY_STEPS;
  let best = under;
  let found: (Option | null)[] | null = null;

  const affords = (k: number, rounds: number) =>
    (takes[k] as Takes).every((t) => (spent[t.total] as number) + t.amount * rounds <= (model.totals[t.total]?.left ?? 0) + GRAIN);
  const spend = (k: number, rounds: number) => {
    for (const t of takes[k] as Takes) spent[t.total] = (spent[t.total] as number) + t.amount * rounds;
  };
  // of courses that could change places one order is enough: they are chosen one after another, each with no earlier days
  // than the one before it, and none at all comes last
  const before = alike.map((a, k) => alike.lastIndexOf(a, k - 1)).map((m, k) => (k === 0 ? -1 : m));
  const late = (mask: number): number => (mask === 0 ? Infinity : mask);
  const inTurn = (k: number, mask: number): boolean => {
    const other = taken[before[k] as number];
    return !other || late(other.mask) <= late(mask);
  };
  /** What mixing costs on top: days on which nobody of the group mixes it yet. @param mask the days of the rounds */
  const mixing = (k: number, mask: number): number => {
    const mix = mixOf[k] as number;
    return mix < 0 ? 0 : bits(mask & ~(mixed[mix] as number)) * weights.mixes;
  };

  /**
   * The least that those not chosen yet can still cost, but for mixing; `restMixes` is then what mixing costs them, a mix
   * counted once for those that share it. @param heads of each the first option still open, moved on
   */
  const rest = ({ lists }: Reckoned, closed: Int32Array, heads: Int32Array): number => {
    let sum = 0;
    restMixes = 0;
    more.fill(0);
    for (let k = 0; k < n; k++) {
      if (taken[k]) continue;
      const { costs, masks } = lists[k] as Ways;
      const takesAny = (takes[k] as Takes).length > 0;
      const closedHere = closed[k] as number;
      let at = heads[k] as number;
      while (at < masks.length && ((masks[at] as number) & closedHere || (takesAny && !affords(k, bits(masks[at] as number))))) at++;
      heads[k] = at;
      if (at === masks.length) return Infinity;
      const first = costs[at] as number;
      sum += first;
      const mix = mixOf[k] as number;
      if (mix < 0) continue;
      const notYet = ~(mixed[mix] as number);
      let withMix = Infinity;
      for (; at < costs.length && (costs[at] as number) < withMix; at++) {
        const mask = masks[at] as number;
        if (!(mask & closedHere)) withMix = Math.min(withMix, (costs[at] as number) + bits(mask & notYet) * weights.mixes);
      }
      if (withMix - first > (more[mix] as number)) more[mix] = withMix - first;
    }
    for (let m = 0; m < more.length; m++) restMixes += more[m] as number;
    return sum;
  };

  /** Ways of a course that could still be better: open, and dearer than its cheapest by no more than there is room. */
  const count = ({ lists }: Reckoned, k: number, closed: number, head: number, room: number, enough: number): number => {
    const { costs, masks } = lists[k] as Ways;
    const limit = (costs[head] as number) + room;
    let many = 0;
    for (let at = head; at < costs.length && many < enough && (costs[at] as number) < limit; at++) if (!((masks[at] as number) & closed)) many++;
    return many;
  };

  /** What a way costs as another reckons it: the prices of its days come on top. */
  const reckoned = ({ on }: Reckoned, k: number, o: Option): number => {
    let cost = o.cost;
    const prices = on?.[k];
    if (prices) for (const d of o.days) cost += prices[d] as number;
    return cost;
  };

  /** @param cost of what is chosen */
  const descend = (many: number, cost: number): void => {
    if (++steps > most) throw HARD;
    // nothing that was found is lost, and where nothing is known yet it goes on until something is
    if (--ground.purse.steps < 0 && best < Infinity) return;
    if (many === n) {
      if (cost < best) [best, found] = [cost, [...taken]];
      return;
    }
    const { closed, heads, sums, floors } = levels[many] as Level;
    const roomBy = (w: number) => best + (ways[w] as Reckoned).paid - (floors[w] as number);
    const by = ways.length > 1 && roomBy(1) < roomBy(0) ? 1 : 0;
    const room = roomBy(by);
    const way = ways[by] as Reckoned;
    const head = heads[by] as Int32Array;
    let k = -1;
    let fewest = Infinity;
    for (let m = 0; m < n && fewest > 1; m++) {
      // one that is like it goes first
      if (taken[m] || ((before[m] as number) >= 0 && !taken[before[m] as number])) continue;
      const left = count(way, m, closed[m] as number, head[m] as number, room, fewest);
      if (left < fewest) [k, fewest] = [m, left];
    }
    if (fewest === 0) return;
    const i = group[k] as number;
    const { list, costs, masks } = way.lists[k] as Ways;
    const closedHere = closed[k] as number;
    const cheapest = costs[head[k] as number] as number;
    const mix = mixOf[k] as number;
    const next = levels[many + 1] as Level;
    for (let at = head[k] as number; at < costs.length; at++) {
      if ((floors[by] as number) + (costs[at] as number) - cheapest >= best + way.paid) break;
      if ((masks[at] as number) & closedHere) continue;
      const o = list[at] as Option;
      if (!affords(k, o.days.length) || !inTurn(k, o.mask)) continue;
      const mixesFor = mixing(k, o.mask);
      const mixedBefore = mix < 0 ? 0 : (mixed[mix] as number);
      if (mix >= 0) mixed[mix] = mixedBefore | o.mask;
      for (const d of o.days) crowd[d] = (crowd[d] as number) | (1 << i);
      spend(k, o.days.length);
      taken[k] = o;
      next.closed.set(closed);
      for (let m = 0; m < n; m++) {
        if (taken[m]) continue;
        const j = group[m] as number;
        let mask = closed[m] as number;
        const may = plain.lists[m]?.days ?? 0;
        for (const d of o.days) {
          if (apart[i]?.[j]) mask |= shut[i]?.[j]?.[d] ?? 0;
          // hands are asked for only where it would have that day
          if (may & ~mask & (1 << d) && !fits(d, (crowd[d] as number) | (1 << j))) mask |= 1 << d;
        }
        next.closed[m] = mask;
      }
      for (let w = 0; w < ways.length; w++) {
        next.heads[w]?.set(heads[w] as Int32Array);
        next.sums[w] = (sums[w] as number) + reckoned(ways[w] as Reckoned, k, o) + mixesFor;
      }
      go(many + 1, cost + o.cost + mixesFor);
      taken[k] = null;
      spend(k, -o.days.length);
      for (const d of o.days) crowd[d] = (crowd[d] as number) & ~(1 << i);
      if (mix >= 0) mixed[mix] = mixedBefore;
    }
  };
  /** Goes on from what was handed down, unless it can not become better; floors are without the others' mixing, since what mixes today may save it. */
  const go = (many: number, cost: number): void => {
    const { closed, heads, sums, floors } = levels[many] as Level;
    for (let w = 0; w < ways.length; w++) {
      const way = ways[w] as Reckoned;
      const least = rest(way, closed, heads[w] as Int32Array);
      if ((sums[w] as number) + least + restMixes >= best + way.paid) return;
      floors[w] = (sums[w] as number) + least;
    }
    descend(many, cost);
  };
  const run = () => {
    const first = levels[0] as Level;
    first.heads.forEach((h) => h.fill(0));
    go(0, 0);
  };
  try {
    run();
  } catch (e) {
    if (e !== HARD) throw e;
    // begun again with prices, and with what was found so far as what has to be beaten
    for (let k = 0; k < n; k++) taken[k] = null;
    spent.fill(0);
    mixed.fill(0);
    crowd.fill(0);
    most = Infinity;
    ways = [plain, pricesOf(ground, inside, group, best)];
    run();
  }
  const list = found as (Option | null)[] | null;
  return list && { cost: best, chosen: list as Option[], priced: ways[1] };
}

/** The best way of a course that nobody stands in the way of: it mixes for itself alone. */
function alone({ sharesMix, weights }: Ground, { list }: Ways, i: number, under: number): { readonly cost: number; readonly chosen: readonly Option[] } | null {
  let best: { cost: number; chosen: readonly Option[] } | null = null;
  for (const o of list) {
    const cost = o.cost + (sharesMix[i] ? o.days.length * weights.mixes : 0);
    if (cost < (best?.cost ?? under)) best = { cost, chosen: [o] };
  }
  return best;
}
