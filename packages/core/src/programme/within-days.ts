import type { Ground, Option } from './ground';
import { groupsOf } from './groups';
import { waysWithin, type Ways } from './ways';
import { withinGroup } from './within-group';

/** What is chosen, one way a course, and what it costs but for the days out. */
export interface Within {
  readonly cost: number;
  readonly chosen: readonly Option[];
}

/** What is kept while days are decided. */
export interface Search {
  readonly ground: Ground;
  /** By course. */
  readonly ways: readonly Ways[];
  readonly priced: readonly (Priced | null)[];
  /** By the courses of a group and the days that their ways still take. */
  readonly known: Map<number, { readonly under: number; readonly found: Within | null }>;
}

/** Ways of a course with prices that were found on all days: on fewer days they are still true, if less tight. */
interface Priced {
  readonly ways: Ways;
  readonly paid: number;
  readonly on: Float64Array | null;
}

/**
 * The best rounds within a set of days; null where none cost less than `under`. A group that was asked before with the
 * same ways left is not searched again: what it costs, or that it can not cost less than so much, is remembered.
 */
export function withinDays({ ground, ways, priced, known }: Search, mask: number, under: number): Within | null {
  const inside = ways.map((w) => waysWithin(w, mask));
  const chosen: Option[] = [];
  const floor = inside.map((w) => w.costs[0] ?? Infinity);
  let rest = floor.reduce((a, b) => a + b, 0);
  let cost = 0;
  for (const group of groupsOf(ground, inside)) {
    rest -= group.reduce((sum, i) => sum + (floor[i] as number), 0);
    const room = under - cost - rest;
    const key = group.reduce((m, i) => m | (1 << i), 0) * 2 ** ground.model.days + group.reduce((m, i) => m | (inside[i]?.days ?? 0), 0);
    const before = known.get(key);
    let found = before?.found ?? null;
    if (found ? found.cost >= room : before && before.under >= room) return null;
    if (!found) {
      const paid = group.length > 1 ? (priced[group[0] as number]?.paid ?? 0) : 0;
      const way =
        paid > 0 ? { lists: group.map((i) => waysWithin(priced[i]?.ways as Ways, mask)), paid, on: group.map((i) => priced[i]?.on as Float64Array) } : null;
      found = withinGroup(ground, inside, group, room, way);
      known.set(key, { under: room, found });
      if (!found) return null;
    }
    cost += found.cost;
    found.chosen.forEach((o, k) => (chosen[group[k] as number] = o));
  }
  return { cost, chosen };
}
