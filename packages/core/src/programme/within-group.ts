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

const NONE = { plain: Infinity, mixed: Infinity };

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
  const { model, shut, weights, left, fits, apart } = ground;
  if (group.length === 1) return alone(ground, inside[group[0] as number] as Ways, group[0] as number, under);
  const n = group.length;
  const courses = group.map((i) => model.courses[i] as CourseModel);
  // those that could share it and are not of the group have no round on these days
  const alike = group.map((i) => ground.alike[i] ?? i);
  const sharesMix = group.map((i) => ground.sharesMix[i] ?? false);
  // two ways to reckon what the others still cost: by their true costs, tight near the end, and by prices, tight at the
  // beginning; what was paid for days that nobody needed is given back by comparing with so much more
  const plain: Reckoned = { lists: group.map((i) => inside[i] as Ways), paid: 0 };
  let ways: readonly Reckoned[] = given ? [plain, given] : [plain];
  const taken: (Option | null)[] = new Array<Option | null>(n).fill(null);
  const spent = new Map<string, number>();
  const mixed = new Map<string, number>();
  const crowd = new Int32Array(model.days);
  const more = new Map<string, number>();
  let steps = 0;
  let most = given ? GIVEN_STEPS : EASY_STEPS;
  let best = under;
  let found: (Option | null)[] | null = null;

  const affords = (c: CourseModel, rounds: number) => c.takes.every((t) => (spent.get(t.total) ?? 0) + t.amount * rounds <= (left.get(t.total) ?? 0) + GRAIN);
  const spend = (c: CourseModel, rounds: number) => {
    for (const t of c.takes) spent.set(t.total, (spent.get(t.total) ?? 0) + t.amount * rounds);
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
  const mixing = (k: number, mask: number): number => (sharesMix[k] ? bits(mask & ~(mixed.get(courses[k]?.mix ?? '') ?? 0)) * weights.mixes : 0);

  /** The least that those not chosen yet can still cost; a mix is counted once for those that share it. @param heads of each the first option still open, moved on */
  const rest = ({ lists }: Reckoned, closed: Int32Array, heads: Int32Array): { readonly plain: number; readonly mixed: number } => {
    let sum = 0;
    more.clear();
    for (let k = 0; k < n; k++) {
      if (taken[k]) continue;
      const { costs, masks } = lists[k] as Ways;
      const c = courses[k] as CourseModel;
      const closedHere = closed[k] as number;
      let at = heads[k] as number;
      while (at < masks.length && ((masks[at] as number) & closedHere || (c.takes.length > 0 && !affords(c, bits(masks[at] as number))))) at++;
      heads[k] = at;
      if (at === masks.length) return NONE;
      const first = costs[at] as number;
      sum += first;
      if (!sharesMix[k] || c.mix === null) continue;
      const notYet = ~(mixed.get(c.mix) ?? 0);
      let withMix = Infinity;
      for (; at < costs.length && (costs[at] as number) < withMix; at++) {
        const mask = masks[at] as number;
        if (!(mask & closedHere)) withMix = Math.min(withMix, (costs[at] as number) + bits(mask & notYet) * weights.mixes);
      }
      more.set(c.mix, Math.max(more.get(c.mix) ?? 0, withMix - first));
    }
    let mixes = 0;
    for (const m of more.values()) mixes += m;
    return { plain: sum, mixed: sum + mixes };
  };

  /** Ways of a course that could still be better: open, and dearer than its cheapest by no more than there is room. */
  const count = ({ lists }: Reckoned, k: number, closed: number, head: number, room: number, enough: number): number => {
    const { costs, masks } = lists[k] as Ways;
    const limit = (costs[head] as number) + room;
    let many = 0;
    for (let at = head; at < costs.length && many < enough && (costs[at] as number) < limit; at++) if (!((masks[at] as number) & closed)) many++;
    return many;
  };

  /** @param cost of what is chosen @param sums by way: the same as it is reckoned there @param floors with the least of the others but for their mixing: what mixes today may save another's mixing */
  const descend = (many: number, cost: number, sums: readonly number[], floors: readonly number[], closed: Int32Array, heads: readonly Int32Array[]): void => {
    if (++steps > most) throw HARD;
    // nothing that was found is lost, and where nothing is known yet it goes on until something is
    if (--ground.purse.steps < 0 && best < Infinity) return;
    if (many === n) {
      if (cost < best) [best, found] = [cost, [...taken]];
      return;
    }
    const room = ways.map((way, w) => best + way.paid - (floors[w] as number));
    const by = room.length > 1 && (room[1] as number) < (room[0] as number) ? 1 : 0;
    const way = ways[by] as Reckoned;
    const head = heads[by] as Int32Array;
    let k = -1;
    let fewest = Infinity;
    for (let m = 0; m < n && fewest > 1; m++) {
      // one that is like it goes first
      if (taken[m] || ((before[m] as number) >= 0 && !taken[before[m] as number])) continue;
      const left = count(way, m, closed[m] as number, head[m] as number, room[by] as number, fewest);
      if (left < fewest) [k, fewest] = [m, left];
    }
    if (fewest === 0) return;
    const i = group[k] as number;
    const c = courses[k] as CourseModel;
    const { list, costs } = way.lists[k] as Ways;
    const cheapest = costs[head[k] as number] as number;
    for (let at = head[k] as number; at < list.length; at++) {
      const o = list[at] as Option;
      if ((floors[by] as number) + o.priced - cheapest >= best + way.paid) break;
      if (o.mask & (closed[k] as number) || !affords(c, o.days.length) || !inTurn(k, o.mask)) continue;
      const mixes = mixing(k, o.mask);
      const before = mixed.get(c.mix ?? '') ?? 0;
      if (sharesMix[k]) mixed.set(c.mix ?? '', before | o.mask);
      for (const d of o.days) crowd[d] = (crowd[d] as number) | (1 << i);
      spend(c, o.days.length);
      taken[k] = o;
      const next = closed.slice();
      for (let m = 0; m < n; m++) {
        if (taken[m]) continue;
        const j = group[m] as number;
        let mask = next[m] as number;
        for (const d of o.days) {
          if (apart[i]?.[j]) mask |= shut[i]?.[j]?.[d] ?? 0;
          if (!(mask & (1 << d)) && !fits(d, (crowd[d] as number) | (1 << j))) mask |= 1 << d;
        }
        next[m] = mask;
      }
      go(
        many + 1,
        cost + o.cost + mixes,
        sums.map((sum, w) => sum + (w === 0 ? o.cost : (priceOf[k]?.get(o.mask) ?? o.cost)) + mixes),
        next,
        heads.map((h) => h.slice()),
      );
      taken[k] = null;
      spend(c, -o.days.length);
      for (const d of o.days) crowd[d] = (crowd[d] as number) & ~(1 << i);
      if (sharesMix[k]) mixed.set(c.mix ?? '', before);
    }
  };
  const go = (many: number, cost: number, sums: readonly number[], closed: Int32Array, heads: readonly Int32Array[]): void => {
    const floors: number[] = [];
    for (let w = 0; w < ways.length; w++) {
      const way = ways[w] as Reckoned;
      const least = rest(way, closed, heads[w] as Int32Array);
      if ((sums[w] as number) + least.mixed >= best + way.paid) return;
      floors.push((sums[w] as number) + least.plain);
    }
    descend(many, cost, sums, floors, closed, heads);
  };
  let priceOf: readonly ReadonlyMap<number, number>[] = [];
  const run = () => {
    priceOf = group.map((_, k) => new Map(ways[1]?.lists[k]?.list.map((o) => [o.mask, o.priced])));
    go(
      0,
      0,
      ways.map(() => 0),
      new Int32Array(n),
      ways.map(() => new Int32Array(n)),
    );
  };
  try {
    run();
  } catch (e) {
    if (e !== HARD) throw e;
    // begun again with prices, and with what was found so far as what has to be beaten
    for (let k = 0; k < n; k++) taken[k] = null;
    spent.clear();
    mixed.clear();
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
