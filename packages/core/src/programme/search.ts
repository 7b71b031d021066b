import { aimsOf } from './aims';
import { groundOf, MOST_COURSES, type Ground, type Option } from './ground';
import { groupsOf } from './groups';
import { oneDay } from './one-day';
import { patternsOf } from './patterns';
import type { PlannedRound, Programme, ProgrammeModel } from './types';
import { weightsFor } from './weights';
import { withinGroup } from './within';

/** Why there is no programme: what was set by hand can not be. */
export interface NoProgramme {
  readonly stuck: readonly string[];
}

const bits = (mask: number): number => {
  let n = 0;
  for (let m = mask; m !== 0; m &= m - 1) n++;
  return n;
};

/**
 * The best programme there is: no limit broken, and by the aims in their order none better.
 *
 * Days to go out are chosen first. For every set of days each course's cheapest rounds within it are known (a table over
 * all subsets), and their sum can not be beaten within that set. The sets are gone through from the least such sum on;
 * within one, what courses share (days between them, totals, mixes, the hands of one evening) is searched group by
 * group. As soon as a set's sum is no less than the best that was found, nothing better can come.
 * @returns what stands in the way where rounds that were set by hand can not all be kept
 */
export function bestProgramme(model: ProgrammeModel): Programme | NoProgramme {
  const patterns = model.courses.map((c) => patternsOf(model, c));
  const stuck = model.courses.filter((_, i) => patterns[i]?.length === 0).map((c) => c.id);
  if (stuck.length > 0) return { stuck };
  const weights = weightsFor(model, patterns);
  if (!weights || model.courses.length > MOST_COURSES) throw new RangeError('Too many courses to plan at once.');
  const ground = groundOf(model, weights, patterns);
  const found = searchDays(ground);
  if (!found) return { stuck: model.courses.filter((c) => c.fixed.length > 0).map((c) => c.id) };
  const rounds = laidOut(model, found);
  return { rounds, aims: aimsOf(model, rounds) };
}

type Chosen = readonly Option[];

function searchDays(ground: Ground): Chosen | null {
  const { model, options, weights } = ground;
  const used = options.reduce((m, list) => list.reduce((a, o) => a | o.mask, m), 0);
  const days = Array.from({ length: model.days }, (_, d) => d).filter((d) => used & (1 << d));
  const whole = groupsOf(ground, options);
  // on any days at all: what a group can not do for less
  const floors: number[] = [];
  const chosen: Option[] = [];
  for (const group of whole) {
    const found = withinGroup(ground, options, group, Infinity);
    if (!found) return null;
    floors.push(found.cost);
    found.chosen.forEach((o, k) => (chosen[group[k] as number] = o));
  }
  const n = days.length;
  const bound = leastBelow(boundsOf(ground, days, whole, floors));
  let best: { readonly cost: number; readonly chosen: Chosen } | null = null;
  /**
   * @param node its place in the tree of `leastBelow` @param depth how many days were decided, the last ones first
   * @param out of the days that may still be @param into how many were taken in @param least what all of these days cost at least
   */
  const decide = (node: number, depth: number, mask: number, into: number, least: Within): void => {
    const floor = Math.max(bound[node] as number, least.cost + into * weights.evenings);
    if (best && floor >= best.cost) return;
    const evenings = bits(least.chosen.reduce((m, o) => m | o.mask, 0));
    if (!best || least.cost + evenings * weights.evenings < best.cost) best = { cost: least.cost + evenings * weights.evenings, chosen: least.chosen };
    if (depth === n || floor >= best.cost) return;
    const day = 1 << (days[n - 1 - depth] as number);
    const without = () => {
      if ((bound[2 * node] as number) >= (best?.cost ?? Infinity)) return;
      const used = least.chosen.some((o) => o.mask & day);
      const next = used ? withinDays(ground, mask & ~day, (best?.cost ?? Infinity) - into * weights.evenings) : least;
      if (next) decide(2 * node, depth + 1, mask & ~day, into, next);
    };
    const within = () => decide(2 * node + 1, depth + 1, mask, into + 1, least);
    if ((bound[2 * node] as number) <= (bound[2 * node + 1] as number)) {
      without();
      within();
    } else {
      within();
      without();
    }
  };
  decide(1, 0, used, 0, { cost: floors.reduce((a, b) => a + b, 0), chosen });
  return best && (best as Within).chosen;
}

interface Within {
  readonly cost: number;
  readonly chosen: Chosen;
}

/** A tree over all sets of days: node 1 is the root, 2k has the next day out and 2k + 1 has it in; each has the least of its leaves. */
function leastBelow(leaves: Float64Array): Float64Array {
  const tree = new Float64Array(2 * leaves.length);
  tree.set(leaves, leaves.length);
  for (let i = leaves.length - 1; i > 0; i--) tree[i] = Math.min(tree[2 * i] as number, tree[2 * i + 1] as number);
  return tree;
}

/**
 * For every set of days, given by places in `days`: less than this nothing costs within it. Each group costs at least
 * what its courses cost one by one within the set, and at least what they cost together on any days.
 */
function boundsOf(
  { model, options, weights }: Ground,
  days: readonly number[],
  groups: readonly (readonly number[])[],
  floors: readonly number[],
): Float64Array {
  const n = days.length;
  const packed = (mask: number) => days.reduce((m, d, i) => (mask & (1 << d) ? m | (1 << i) : m), 0);
  const table = (i: number, cost: (o: Option) => number = (o) => o.cost) => cheapestWithin(options[i] ?? [], packed, n, cost);
  const bound = new Float64Array(1 << n);
  for (let set = 0; set < bound.length; set++) bound[set] = bits(set) * weights.evenings;
  groups.forEach((group, g) => {
    const least = new Map(group.map((i) => [i, table(i)]));
    const sum = new Float64Array(1 << n);
    for (const own of least.values()) for (let set = 0; set < sum.length; set++) sum[set] = (sum[set] as number) + (own[set] as number);
    // a mix that several share is made at least as often as the one of them that needs it most often
    for (const members of sharing(model, group)) {
      const mixed = members.map((i) => table(i, (o) => o.cost + o.days.length * weights.mixes));
      for (let set = 0; set < sum.length; set++) {
        let more = 0;
        members.forEach((i, k) => {
          const without = least.get(i)?.[set] ?? Infinity;
          if (without !== Infinity) more = Math.max(more, (mixed[k]?.[set] ?? 0) - without);
        });
        sum[set] = (sum[set] as number) + more;
      }
    }
    for (let set = 0; set < sum.length; set++) bound[set] = (bound[set] as number) + Math.max(sum[set] as number, floors[g] ?? 0);
  });
  return bound;
}

/** Those of a group that share a mix. */
function sharing(model: ProgrammeModel, group: readonly number[]): number[][] {
  const by = new Map<string, number[]>();
  for (const i of group) {
    const mix = model.courses[i]?.mix ?? null;
    if (mix !== null) by.set(mix, [...(by.get(mix) ?? []), i]);
  }
  return [...by.values()].filter((m) => m.length > 1);
}

/** For every set of days the least that one course costs within it. */
function cheapestWithin(list: readonly Option[], packed: (mask: number) => number, n: number, cost: (o: Option) => number): Float64Array {
  const table = new Float64Array(1 << n).fill(Infinity);
  for (const o of list) {
    const at = packed(o.mask);
    table[at] = Math.min(table[at] as number, cost(o));
  }
  for (let i = 0; i < n; i++) {
    const bit = 1 << i;
    for (let set = 0; set < table.length; set++) {
      if (set & bit && (table[set ^ bit] as number) < (table[set] as number)) table[set] = table[set ^ bit] as number;
    }
  }
  return table;
}

/** The best rounds within a set of days; null where none cost less than `under`. */
function withinDays(ground: Ground, mask: number, under: number): Within | null {
  const inside = ground.options.map((list) => list.filter((o) => (o.mask & ~mask) === 0));
  const chosen: Option[] = [];
  const floor = inside.map((list) => list[0]?.cost ?? Infinity);
  let rest = floor.reduce((a, b) => a + b, 0);
  let cost = 0;
  for (const group of groupsOf(ground, inside)) {
    rest -= group.reduce((sum, i) => sum + (floor[i] as number), 0);
    const found = withinGroup(ground, inside, group, under - cost - rest);
    if (!found) return null;
    cost += found.cost;
    found.chosen.forEach((o, k) => (chosen[group[k] as number] = o));
  }
  return { cost, chosen };
}

function laidOut(model: ProgrammeModel, chosen: Chosen): PlannedRound[] {
  const out: PlannedRound[] = [];
  for (let day = 0; day < model.days; day++) {
    const on = model.courses.filter((_, i) => (chosen[i]?.mask ?? 0) & (1 << day));
    if (on.length > 0) out.push(...(oneDay(on, day) ?? []));
  }
  return out;
}
