import type { Ground, Option } from './ground';
import { pricesOf } from './prices';
import type { CourseModel } from './types';

/** Sums of amounts are compared with a grain of slack, since they are no whole numbers. */
const GRAIN = 1e-9;
/** So many steps without prices: most groups are through by then. */
const EASY_STEPS = 150;
const HARD = new Error('needs prices');

/** Options in the order of what they are reckoned to cost, and how much of that is given back at the end. */
type Way = ReturnType<typeof pricesOf>;
const NONE = { plain: Infinity, mixed: Infinity };

/**
 * The best choice for courses that are tied to each other: depth first, at each step the course that has the fewest ways
 * left that could still be better, and a way is left as soon as what is chosen and the least that the others can still
 * cost is no better than what is known.
 * @param inside the options that are left, by course, the cheapest first
 * @returns null where nothing costs less than `under`
 */
export function withinGroup(
  ground: Ground,
  inside: readonly (readonly Option[])[],
  group: readonly number[],
  under: number,
): { readonly cost: number; readonly chosen: readonly Option[] } | null {
  const { model, shut, weights, left, fits, apart } = ground;
  if (group.length === 1) {
    const o = inside[group[0] as number]?.[0];
    return o && o.cost < under ? { cost: o.cost, chosen: [o] } : null;
  }
  const n = group.length;
  const courses = group.map((i) => model.courses[i] as CourseModel);
  const sharesMix = courses.map((c, k) => c.mix !== null && courses.some((x, m) => m !== k && x.mix === c.mix));
  // two ways to reckon what the others still cost: by their true costs, tight near the end, and by prices, tight at the
  // beginning; what was paid for days that nobody needed is given back by comparing with so much more
  const plain: Way = { lists: group.map((i) => inside[i] ?? []), paid: 0 };
  let ways: readonly Way[] = [plain];
  const taken: (Option | null)[] = new Array<Option | null>(n).fill(null);
  const spent = new Map<string, number>();
  const mixed = new Map<string, number>();
  const crowd = new Int32Array(model.days);
  const more = new Map<string, number>();
  let steps = 0;
  let most = EASY_STEPS;
  let best = under;
  let found: (Option | null)[] | null = null;

  const affords = (c: CourseModel, o: Option) => c.takes.every((t) => (spent.get(t.total) ?? 0) + t.amount * o.days.length <= (left.get(t.total) ?? 0) + GRAIN);
  const spend = (c: CourseModel, rounds: number) => {
    for (const t of c.takes) spent.set(t.total, (spent.get(t.total) ?? 0) + t.amount * rounds);
  };
  /** What mixing costs on top: days on which nobody of the group mixes it yet. */
  const mixing = (k: number, o: Option): number => {
    if (!sharesMix[k]) return 0;
    const there = mixed.get(courses[k]?.mix ?? '') ?? 0;
    let times = 0;
    for (const d of o.days) if (!(there & (1 << d))) times++;
    return times * weights.mixes;
  };

  /** The least that those not chosen yet can still cost; a mix is counted once for those that share it. @param heads of each the first option still open, moved on */
  const rest = ({ lists }: Way, closed: Int32Array, heads: Int32Array): { readonly plain: number; readonly mixed: number } => {
    let sum = 0;
    more.clear();
    for (let k = 0; k < n; k++) {
      if (taken[k]) continue;
      const list = lists[k] as readonly Option[];
      const closedHere = closed[k] as number;
      let at = heads[k] as number;
      while (at < list.length && ((list[at] as Option).mask & closedHere || !affords(courses[k] as CourseModel, list[at] as Option))) at++;
      heads[k] = at;
      const first = list[at];
      if (!first) return NONE;
      sum += first.priced;
      const mix = courses[k]?.mix;
      if (!sharesMix[k] || mix == null) continue;
      let withMix = Infinity;
      for (; at < list.length; at++) {
        const o = list[at] as Option;
        if (o.priced >= withMix) break;
        if (!(o.mask & closedHere)) withMix = Math.min(withMix, o.priced + mixing(k, o));
      }
      more.set(mix, Math.max(more.get(mix) ?? 0, withMix - first.priced));
    }
    let mixes = 0;
    for (const m of more.values()) mixes += m;
    return { plain: sum, mixed: sum + mixes };
  };

  /** Ways of a course that could still be better: open, and dearer than its cheapest by no more than there is room. */
  const count = ({ lists }: Way, k: number, closed: number, head: number, room: number, enough: number): number => {
    const list = lists[k] as readonly Option[];
    const limit = (list[head] as Option).priced + room;
    let many = 0;
    for (let at = head; at < list.length && many < enough; at++) {
      const o = list[at] as Option;
      if (o.priced >= limit) break;
      if (!(o.mask & closed)) many++;
    }
    return many;
  };

  /** @param cost of what is chosen @param sums by way: the same as it is reckoned there @param floors with the least of the others but for their mixing: what mixes today may save another's mixing */
  const descend = (many: number, cost: number, sums: readonly number[], floors: readonly number[], closed: Int32Array, heads: readonly Int32Array[]): void => {
    if (++steps > most) throw HARD;
    if (many === n) {
      if (cost < best) [best, found] = [cost, [...taken]];
      return;
    }
    const room = ways.map((way, w) => best + way.paid - (floors[w] as number));
    const by = room.length > 1 && (room[1] as number) < (room[0] as number) ? 1 : 0;
    const way = ways[by] as Way;
    const head = heads[by] as Int32Array;
    let k = -1;
    let fewest = Infinity;
    for (let m = 0; m < n && fewest > 1; m++) {
      if (taken[m]) continue;
      const left = count(way, m, closed[m] as number, head[m] as number, room[by] as number, fewest);
      if (left < fewest) [k, fewest] = [m, left];
    }
    if (fewest === 0) return;
    const i = group[k] as number;
    const c = courses[k] as CourseModel;
    const list = way.lists[k] as readonly Option[];
    const cheapest = (list[head[k] as number] as Option).priced;
    for (let at = head[k] as number; at < list.length; at++) {
      const o = list[at] as Option;
      if ((floors[by] as number) + o.priced - cheapest >= best + way.paid) break;
      if (o.mask & (closed[k] as number) || !affords(c, o)) continue;
      const mixes = mixing(k, o);
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
      const way = ways[w] as Way;
      const least = rest(way, closed, heads[w] as Int32Array);
      if ((sums[w] as number) + least.mixed >= best + way.paid) return;
      floors.push((sums[w] as number) + least.plain);
    }
    descend(many, cost, sums, floors, closed, heads);
  };
  let priceOf: readonly ReadonlyMap<number, number>[] = [];
  const run = () =>
    go(
      0,
      0,
      ways.map(() => 0),
      new Int32Array(n),
      ways.map(() => new Int32Array(n)),
    );
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
    priceOf = group.map((_, k) => new Map(ways[1]?.lists[k]?.map((o) => [o.mask, o.priced])));
    run();
  }
  const list = found as (Option | null)[] | null;
  return list && { cost: best, chosen: list as Option[] };
}
