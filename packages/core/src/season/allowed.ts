import type { PastTreatment, Situation } from '../decide';
import { candidateFor } from '../decide/candidates';
import { copperLoad } from '../decide/rules/copper-load';
import { rotation } from '../decide/rules/rotation';
import { seasonMaximum } from '../decide/rules/season-maximum';
import { yearTotal } from '../decide/rules/year-total';
import { instant, type Instant } from '../measure';
import type { Running } from './course';

const DAY = 86_400_000;
/** No fortnight has room for more. */
const MOST = 14;
/** Limits that grow with every round. */
const SUMS = { times: seasonMaximum, total: yearTotal, copper: copperLoad, rotation } as const;
export type Limit = keyof typeof SUMS;

export interface Allowed {
  readonly rounds: number;
  /** What allows no more than that; null where nothing does. */
  readonly by: Limit | null;
}

/**
 * How many more rounds the label, the ledger of copper and the change of modes of action allow: each is put into the
 * record as if it were done, and the rules are asked again.
 */
export function roundsAllowed({ control, sheet, line, facts, least }: Running, s: Situation, from: Instant): Allowed {
  const c = candidateFor(control, sheet, s);
  if (!c.sheet || !c.line) return { rounds: MOST, by: null };
  const records: PastTreatment[] = [...s.records];
  for (let n = 0; n < MOST; n++) {
    const at = instant(from + n * least * DAY);
    const by = (Object.keys(SUMS) as Limit[]).find((limit) => blocks(SUMS[limit]({ ...s, records }, c, at)?.weight));
    if (by) return { rounds: n, by };
    records.push({ at, controlId: control.id, sheet, lineId: line?.id ?? null, amount: null, areaM2: facts.planting.areaM2 });
  }
  return { rounds: MOST, by: null };
}

/** @param rounds that are still allowed @example sayAllowed({ rounds: 1, by: 'times' }) // 'Its label allows one more this year.' */
export function sayAllowed({ rounds: n, by }: Allowed): string | null {
  if (by === null) return null;
  const some = n === 1 ? 'one' : String(n);
  const said: Readonly<Record<Limit, readonly [none: string, some: string]>> = {
    times: ['Its label allows no more of it this year.', `Its label allows ${some} more this year.`],
    total: ['Its label allows no more of it this year, by its total.', `Its label’s total for a year allows ${some} more.`],
    copper: ['The ground may have no more copper this year.', `As to copper, the ground may have ${some} more this year.`],
    rotation: ['Another mode of action comes first now.', `${n === 1 ? 'One' : some} more of it, then another mode of action.`],
  };
  return said[by][n === 0 ? 0 : 1];
}

const blocks = (weight: string | undefined): boolean => weight === 'never' || weight === 'not-now';
