import { aimsOf } from './aims';
import { bits } from './bits';
import { boundsOf, leastBelow } from './bounds';
import { groundOf, MOST_COURSES, type Ground, type Option } from './ground';
import { groupsOf } from './groups';
import { oneDay } from './one-day';
import { patternsOf } from './patterns';
import { pricesOf } from './prices';
import type { PlannedRound, Programme, ProgrammeModel } from './types';
import { weightsFor } from './weights';
import { waysOf, type Reckoned, type Ways } from './ways';
import { withinGroup } from './within-group';
import { withinDays, type Search, type Within } from './within-days';

/** Why there is no programme: what was set by hand can not be. */
export interface NoProgramme {
  readonly stuck: readonly string[];
}

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
  const weighed = weightsFor(model, patterns);
  if (!weighed || model.courses.length > MOST_COURSES) throw new RangeError('Too many courses to plan at once.');
  const ground = groundOf(model, weighed.weights, patterns);
  const found = searchDays(ground);
  if (!found) return { stuck: model.courses.filter((c) => c.fixed.length > 0).map((c) => c.id) };
  const rounds = laidOut(model, found);
  return { rounds, aims: aimsOf(model, rounds), proven: weighed.whole && ground.purse.steps >= 0 };
}

type Chosen = readonly Option[];

function searchDays(ground: Ground): Chosen | null {
  const { model, options, weights } = ground;
  const ways = options.map(waysOf);
  const used = ways.reduce((m, w) => m | w.days, 0);
  const days = Array.from({ length: model.days }, (_, d) => d).filter((d) => used & (1 << d));
  const whole = groupsOf(ground, ways);
  // on any days at all: what a group can not do for less
  const floors: number[] = [];
  const priced: (Reckoned | null)[] = [];
  const chosen: Option[] = [];
  for (const group of whole) {
    const found = withinGroup(ground, ways, group, Infinity);
    if (!found) return null;
    floors.push(found.cost);
    found.chosen.forEach((o, k) => (chosen[group[k] as number] = o));
    priced.push(group.length < 2 ? null : (found.priced ?? pricesOf(ground, ways, group, found.cost)));
  }
  const n = days.length;
  const bound = leastBelow(boundsOf(ground, ways, days, whole, floors, priced));
  const search: Search = {
    ground,
    ways,
    priced: options.map((_, i) => {
      const g = whole.findIndex((group) => group.includes(i));
      const k = whole[g]?.indexOf(i) ?? 0;
      const way = priced[g];
      return way ? { ways: way.lists[k] as Ways, paid: way.paid, on: way.on?.[k] ?? null } : null;
    }),
    known: new Map(),
  };
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
    if (depth === n || floor >= best.cost || ground.purse.steps < 0) return;
    const day = 1 << (days[n - 1 - depth] as number);
    const without = () => {
      if ((bound[2 * node] as number) >= (best?.cost ?? Infinity)) return;
      const used = least.chosen.some((o) => o.mask & day);
      const next = used ? withinDays(search, mask & ~day, (best?.cost ?? Infinity) - into * weights.evenings) : least;
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

function laidOut(model: ProgrammeModel, chosen: Chosen): PlannedRound[] {
  const out: PlannedRound[] = [];
  for (let day = 0; day < model.days; day++) {
    const on = model.courses.filter((_, i) => (chosen[i]?.mask ?? 0) & (1 << day));
    if (on.length > 0) out.push(...(oneDay(on, day) ?? []));
  }
  return out;
}
