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
  const bound = new Float64Array(1 << n);
  for (let set = 0; set < bound.length; set++) bound[set] = bits(set) * weights.evenings;
  groups.forEach((group, g) => {
    const least = new Float64Array(1 << n).fill(floors[g] ?? 0);
    const raise = (lists: readonly Ways[], paid: number) => {
      raiseTo(least, togetherWithin(model, group, lists, days, weights.mixes), paid);
    };
    raise(
      group.map((i) => ways[i] as Ways),
      0,
    );
    const way = priced[g];
    if (way && way.paid > 0) raise(way.lists, way.paid);
    addTo(bound, least);
  });
  return bound;
}

/** For every set of days: the sum of the least that courses of a group are reckoned to cost one by one. */
function togetherWithin(model: ProgrammeModel, group: readonly number[], lists: readonly Ways[], days: readonly number[], mixing: number): Float64Array {
  const sets = 1 << days.length;
  const sum = new Float64Array(sets);
  const more = new Map(sharedMixes(model, group).map((mix) => [mix, new Float64Array(sets)]));
  group.forEach((i, k) => {
    const ways = lists[k] as Ways;
    const own = days.filter((d) => ways.days & (1 << d));
    const placed = placesOf(days, own);
    const cheapest = cheapestWithin(ways, own, 0);
    addSpread(sum, cheapest, placed);
    // a mix that several share is made at least as often as the one of them that needs it most often
    const most = more.get(model.courses[i]?.mix ?? '');
    if (most) raiseToTimes(most, cheapestWithin(ways, own, mixing), cheapest, placed);
  });
  for (const most of more.values()) addTo(sum, most);
  return sum;
}

/** Mixes that several of a group share. */
function sharedMixes(model: ProgrammeModel, group: readonly number[]): string[] {
  const all = group.flatMap((i) => model.courses[i]?.mix ?? []);
  return [...new Set(all.filter((mix, k) => all.indexOf(mix) !== k))];
}

/**
 * For every set of the days that a course may have: the least that it is reckoned to cost within it.
 * @param mixing what each of its rounds costs on top
 */
function cheapestWithin({ costs, masks }: Ways, own: readonly number[], mixing: number): Float64Array {
  const table = new Float64Array(1 << own.length).fill(Infinity);
  for (let w = 0; w < masks.length; w++) {
    const mask = masks[w] as number;
    const at = own.reduce((m, d, i) => (mask & (1 << d) ? m | (1 << i) : m), 0);
    const cost = (costs[w] as number) + bits(mask) * mixing;
    if (cost < (table[at] as number)) table[at] = cost;
  }
  for (let bit = 1; bit < table.length; bit <<= 1) {
    for (let set = bit; set < table.length; set = (set + 1) | bit) {
      const without = table[set ^ bit] as number;
      if (without < (table[set] as number)) table[set] = without;
    }
  }
  return table;
}

/** For every set of `days`, where in a table over sets of `own` it is found: days that are no own days do not matter. */
function placesOf(days: readonly number[], own: readonly number[]): Int32Array {
  const placed = new Int32Array(1 << days.length);
  days.forEach((d, i) => {
    const day = 1 << i;
    const at = own.indexOf(d);
    const here = at < 0 ? 0 : 1 << at;
    for (let set = 0; set < day; set++) placed[set | day] = (placed[set] as number) | here;
  });
  return placed;
}

// one loop a function: these tables are long, and such a loop is compiled to what it says

function addTo(sum: Float64Array, more: Float64Array): void {
  for (let set = 0; set < sum.length; set++) sum[set] = (sum[set] as number) + (more[set] as number);
}

function addSpread(sum: Float64Array, table: Float64Array, placed: Int32Array): void {
  for (let set = 0; set < sum.length; set++) sum[set] = (sum[set] as number) + (table[placed[set] as number] as number);
}

function raiseTo(least: Float64Array, sum: Float64Array, paid: number): void {
  for (let set = 0; set < least.length; set++) {
    const cost = (sum[set] as number) - paid;
    if (cost > (least[set] as number)) least[set] = cost;
  }
}

function raiseToTimes(most: Float64Array, mixed: Float64Array, cheapest: Float64Array, placed: Int32Array): void {
  for (let set = 0; set < most.length; set++) {
    const at = placed[set] as number;
    // where nothing of it fits into the set, this is no number and not more
    const times = (mixed[at] as number) - (cheapest[at] as number);
    if (times > (most[set] as number)) most[set] = times;
  }
}
