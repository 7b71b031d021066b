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
const SUMS = [seasonMaximum, yearTotal, copperLoad, rotation];

/**
 * How many more rounds the label, the ledger of copper and the change of modes of action allow: each is put into the
 * record as if it were done, and the rules are asked again.
 */
export function roundsAllowed({ control, sheet, line, facts, least }: Running, s: Situation, from: Instant): number {
  const c = candidateFor(control, sheet, s);
  if (!c.sheet || !c.line) return MOST;
  const records: PastTreatment[] = [...s.records];
  for (let n = 0; n < MOST; n++) {
    const at = instant(from + n * least * DAY);
    if (SUMS.some((rule) => blocks(rule({ ...s, records }, c, at)?.weight))) return n;
    records.push({ at, controlId: control.id, sheet, lineId: line?.id ?? null, amount: null, areaM2: facts.planting.areaM2 });
  }
  return MOST;
}
const blocks = (weight: string | undefined): boolean => weight === 'never' || weight === 'not-now';
