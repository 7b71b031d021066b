import type { Ground } from './ground';
import type { Ways } from './ways';

const GRAIN = 1e-9;

/**
 * Courses that may stand in each other's way, put together; those of different groups can be chosen by themselves.
 * A tie that can not bind (an evening long enough for all, a total that is enough for all) ties nobody.
 * @returns places in the model, groups and members in its order
 */
export function groupsOf({ model, apart, left, fits }: Ground, inside: readonly Ways[]): number[][] {
  const { courses } = model;
  const root = courses.map((_, i) => i);
  const find = (i: number): number => (root[i] === i ? i : (root[i] = find(root[i] as number)));
  const tie = (a: number, b: number) => {
    const [x, y] = [find(a), find(b)];
    root[Math.max(x, y)] = Math.min(x, y);
  };
  const tieAll = (list: readonly number[]) => list.slice(1).forEach((i) => tie(list[0] as number, i));
  const busy = inside.map((ways) => ways.days !== 0);

  courses.forEach((_, a) => courses.forEach((__, b) => a < b && busy[a] && busy[b] && apart[a]?.[b] && tie(a, b)));
  const mixes = new Map<string, number[]>();
  courses.forEach((c, i) => busy[i] && c.mix !== null && mixes.set(c.mix, [...(mixes.get(c.mix) ?? []), i]));
  for (const list of mixes.values()) tieAll(list);
  for (const [id, amount] of left) {
    const takers = courses.flatMap((c, i) => {
      const each = c.takes.find((t) => t.total === id)?.amount ?? 0;
      return each > 0 && busy[i] ? [{ i, most: each * (inside[i]?.most ?? 0) }] : [];
    });
    if (takers.reduce((sum, t) => sum + t.most, 0) > amount + GRAIN) tieAll(takers.map((t) => t.i));
  }
  for (let day = 0; day < model.days; day++) {
    const may = courses.map((_, i) => i).filter((i) => (inside[i]?.days ?? 0) & (1 << day));
    if (
      may.length > 1 &&
      !fits(
        day,
        may.reduce((m, i) => m | (1 << i), 0),
      )
    )
      tieAll(may);
  }
  const groups = new Map<number, number[]>();
  courses.forEach((_, i) => groups.set(find(i), [...(groups.get(find(i)) ?? []), i]));
  return [...groups.values()];
}
