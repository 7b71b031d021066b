import { bits } from './bits';
import type { Ground } from './ground';
import type { ProgrammeModel } from './types';
import type { Reckoned, Ways } from './ways';

/** A tree over all sets of days: node 1 is the root, 2k has the next day out and 2k + 1 has it in; each has the least of its leaves. */
export function leastBelow(leaves: Float64Array): Float64Array {
  const tree = new Float64Array(2 * leaves.length);
  tree.set(leaves, leaves.length);
  for (let i = leaves.length - 1; i > 0; i--) tree[i] = Math.min(tree[2 * i] as number, tree[2 * i + 1] as number);
  return tree;
}

/**
 * For every set of days, given by places in `days`: less than this nothing costs within it. Each group costs at least
 * what its courses cost one by one within the set, and at least what they cost together on any days.
 */
export function boundsOf(
  { model, weights }: Ground,
  ways: readonly Ways[],
  days: readonly number[],
  groups: readonly (readonly number[])[],
  floors: readonly number[],
  priced: readonly (Reckoned | null)[],
): Float64Array {
  const n = days.length;
  const packed = (mask: number) => days.reduce((m, d, i) => (mask & (1 << d) ? m | (1 << i) : m), 0);
  const bound = new Float64Array(1 << n);
  for (let set = 0; set < bound.length; set++) bound[set] = bits(set) * weights.evenings;
  groups.forEach((group, g) => {
    const least = new Float64Array(1 << n).fill(floors[g] ?? 0);
    const raise = (lists: readonly Ways[], paid: number) => {
      const sum = togetherWithin(model, group, lists, packed, n, weights.mixes);
      for (let set = 0; set < sum.length; set++) least[set] = Math.max(least[set] as number, (sum[set] as number) - paid);
    };
    raise(
      group.map((i) => ways[i] as Ways),
      0,
    );
    const way = priced[g];
    if (way && way.paid > 0) raise(way.lists, way.paid);
    for (let set = 0; set < bound.length; set++) bound[set] = (bound[set] as number) + (least[set] as number);
  });
  return bound;
}

/** For every set of days: the sum of the least that courses of a group are reckoned to cost one by one. */
function togetherWithin(
  model: ProgrammeModel,
  group: readonly number[],
  lists: readonly Ways[],
  packed: (mask: number) => number,
  n: number,
  mixing: number,
): Float64Array {
  const sum = new Float64Array(1 << n);
  const [own, mixed] = [new Float64Array(1 << n), new Float64Array(1 << n)];
  const more = new Map(sharedMixes(model, group).map((mix) => [mix, new Float64Array(1 << n)]));
  group.forEach((i, k) => {
    cheapestWithin(own, lists[k] as Ways, packed, 0);
    for (let set = 0; set < sum.length; set++) sum[set] = (sum[set] as number) + (own[set] as number);
    const most = more.get(model.courses[i]?.mix ?? '');
    if (!most) return;
    // a mix that several share is made at least as often as the one of them that needs it most often
    cheapestWithin(mixed, lists[k] as Ways, packed, mixing);
    for (let set = 0; set < most.length; set++) {
      const times = (mixed[set] as number) - (own[set] as number);
      // where nothing of it fits into the set, this is no number and not more
      if (times > (most[set] as number)) most[set] = times;
    }
  });
  for (const most of more.values()) for (let set = 0; set < sum.length; set++) sum[set] = (sum[set] as number) + (most[set] as number);
  return sum;
}

/** Mixes that several of a group share. */
function sharedMixes(model: ProgrammeModel, group: readonly number[]): string[] {
  const all = group.flatMap((i) => model.courses[i]?.mix ?? []);
  return [...new Set(all.filter((mix, k) => all.indexOf(mix) !== k))];
}

/** Fills the table, for every set of days, with the least that one course is reckoned to cost within it. @param mixing what each of its rounds costs on top */
function cheapestWithin(table: Float64Array, { costs, masks }: Ways, packed: (mask: number) => number, mixing: number): void {
  table.fill(Infinity);
  for (let w = 0; w < masks.length; w++) {
    const mask = masks[w] as number;
    const at = packed(mask);
    const cost = (costs[w] as number) + bits(mask) * mixing;
    if (cost < (table[at] as number)) table[at] = cost;
  }
  for (let bit = 1; bit < table.length; bit <<= 1) {
    for (let set = bit; set < table.length; set = (set + 1) | bit) {
      const without = table[set ^ bit] as number;
      if (without < (table[set] as number)) table[set] = without;
    }
  }
}
