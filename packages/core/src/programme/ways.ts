import { bits } from './bits';
import type { Option } from './ground';

/** Ways of one course in the order of what they are reckoned to cost; laid out flat, too, since they are gone through a thousand times. */
export interface Ways {
  readonly list: readonly Option[];
  readonly costs: Float64Array;
  readonly masks: Int32Array;
  /** Days that any of them takes, as bits. */
  readonly days: number;
  /** Rounds of the one that has most. */
  readonly most: number;
}

/** Ways of each course of a group, and how much of what they are reckoned to cost is given back at the end. */
export interface Reckoned {
  readonly lists: readonly Ways[];
  readonly paid: number;
  /** By course of the group: what each day costs on top; null where nothing does. */
  readonly on: readonly Float64Array[] | null;
}

/** @param list in the order of `priced` */
export function waysOf(list: readonly Option[]): Ways {
  const costs = new Float64Array(list.length);
  const masks = new Int32Array(list.length);
  let [days, most] = [0, 0];
  for (let at = 0; at < list.length; at++) {
    const o = list[at] as Option;
    costs[at] = o.priced;
    masks[at] = o.mask;
    days |= o.mask;
    most = Math.max(most, o.days.length);
  }
  return { list, costs, masks, days, most };
}

/** Those that take no day but these. */
export function waysWithin(ways: Ways, mask: number): Ways {
  if ((ways.days & ~mask) === 0) return ways;
  const many = ways.masks.reduce((n, m) => n + ((m & ~mask) === 0 ? 1 : 0), 0);
  const list = new Array<Option>(many);
  const costs = new Float64Array(many);
  const masks = new Int32Array(many);
  let [days, most, to] = [0, 0, 0];
  for (let at = 0; at < ways.masks.length; at++) {
    const own = ways.masks[at] as number;
    if (own & ~mask) continue;
    list[to] = ways.list[at] as Option;
    costs[to] = ways.costs[at] as number;
    masks[to++] = own;
    days |= own;
    most = Math.max(most, bits(own));
  }
  return { list, costs, masks, days, most };
}
