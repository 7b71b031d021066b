import { done, refused, sayBoth, trim, type Outcome, type UnitSystem } from '../../measure';

/** A pack on the shelf of the shop, ml or g as the product goes by. */
export interface Pack {
  readonly size: number;
  /** In the grower's money; null when not known. */
  readonly price: number | null;
}

export interface BuyRequest {
  readonly unit: 'ml' | 'g';
  /** What the jobs ahead take, each. */
  readonly needs: readonly { readonly what: string; readonly amount: number }[];
  /** What the shed holds of it that is still good. */
  readonly have: number;
  readonly packs: readonly Pack[];
  /** Whose measures the answer is said in; metric when not given. */
  readonly units?: UnitSystem;
}

export interface BuyList {
  readonly need: number;
  readonly short: number;
  /** How many of which pack; none when the shed holds enough. */
  readonly take: readonly { readonly pack: Pack; readonly count: number }[];
  readonly leftOver: number;
  readonly cost: number | null;
  readonly sentences: readonly string[];
}

/** More than this of one pack is no garden's need. */
const MOST_PACKS = 60;

/**
 * Packs to buy for the jobs ahead: cheapest first where every price is known, else least left over, then fewest
 * packs. Exact: every sum of packs is weighed.
 * @returns refused `nothing-needed`, `bad-pack`, `too-much`
 * @example buyList({ unit: 'ml', needs: [{ what: 'beans', amount: 620 }], have: 0, packs: [{ size: 250, price: 9 }, { size: 1000, price: 24 }] }) // one of 1000 ml
 */
export function buyList({ unit, needs, have, packs, units = 'metric' }: BuyRequest): Outcome<BuyList> {
  const say = (n: number) => sayBoth(n, unit === 'ml' ? 'volume' : 'mass', units);
  const need = needs.reduce((sum, n) => sum + n.amount, 0);
  if (!(need > 0) || !Number.isFinite(need)) return refused('nothing-needed', 'Add what you want to treat first.', 'needs');
  if (!(have >= 0) || !Number.isFinite(have)) return refused('bad-stock', 'What you have can not be less than nothing.', 'have');
  const short = Math.max(0, need - have);
  if (short <= 1e-9) {
    return done({
      need,
      short: 0,
      take: [],
      leftOver: have - need,
      cost: 0,
      sentences: [`Nothing to buy: you have ${say(have)}, the jobs take ${say(need)}.`],
    });
  }
  if (packs.length === 0) return refused('bad-pack', 'Type the pack sizes that the shop has.', 'packs');
  for (const p of packs) {
    if (!(p.size > 0) || !Number.isFinite(p.size)) return refused('bad-pack', 'A pack must hold more than 0.', 'packs');
    if (p.price !== null && !(p.price >= 0)) return refused('bad-pack', 'A price can not be less than 0.', 'packs');
  }
  const sizes = [...packs].sort((a, b) => b.size - a.size).slice(0, 6);
  const priced = sizes.every((p) => p.price !== null);
  let best: { counts: number[]; size: number; cost: number; count: number } | null = null;
  const counts = new Array<number>(sizes.length).fill(0);
  const better = (size: number, cost: number, count: number) =>
    !best ||
    (priced && cost < best.cost - 1e-9) ||
    ((!priced || Math.abs(cost - best.cost) < 1e-9) && (size < best.size - 1e-9 || (Math.abs(size - best.size) < 1e-9 && count < best.count)));
  const walk = (i: number, size: number, cost: number, count: number) => {
    if (size >= short - 1e-9) {
      if (better(size, cost, count)) best = { counts: [...counts], size, cost, count };
      return;
    }
    const pack = sizes[i];
    if (!pack) return;
    const most = Math.min(Math.ceil((short - size) / pack.size - 1e-9), MOST_PACKS);
    for (let n = most; n >= 0; n--) {
      counts[i] = n;
      walk(i + 1, size + n * pack.size, cost + n * (pack.price ?? 0), count + n);
    }
    counts[i] = 0;
  };
  walk(0, 0, 0, 0);
  const found = best as { counts: number[]; size: number; cost: number } | null;
  if (!found) return refused('too-much', `That is more than ${MOST_PACKS} packs of any size: is the need typed right?`, 'packs');
  const take = sizes.map((pack, i) => ({ pack, count: found.counts[i] ?? 0 })).filter((t) => t.count > 0);
  const leftOver = found.size + have - need;
  return done({
    need,
    short,
    take,
    leftOver,
    cost: priced ? found.cost : null,
    sentences: [
      `Take ${take.map((t) => `${t.count} × ${say(t.pack.size)}`).join(' and ')}${priced ? `, ${trim(found.cost, 2)} in all` : ''}.`,
      `${leftOver > 1e-9 ? say(leftOver) : 'Nothing'} will be left over${leftOver > need ? ': more than the job itself. Ask for a smaller pack, or share one with a neighbour in its own container, label on' : ''}.`,
    ],
  });
}
