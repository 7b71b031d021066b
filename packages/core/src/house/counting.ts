import type { Treatment } from '../api';
import { COPPER_LEDGER_YEARS, copperShare } from '../label';
import type { Keeping } from './keeping';

const DAY_MS = 86_400_000;
/** Yearly totals of labels and the least days between two rounds look back so far, days. */
const LABELS_BACK_DAYS = 400;
/** Copper stays in the ground, and is counted for longer, days. */
const COPPER_BACK_DAYS = COPPER_LEDGER_YEARS * 366;

/** Since when a record may count at a moment. */
export const countsSince = (at: Date): string => new Date(at.getTime() - COPPER_BACK_DAYS * DAY_MS).toISOString();

/** Whether a record still counts at a moment: what labels look back for, and copper for as long as its ledger. */
export const stillCounts = (t: Treatment, at: Date): boolean =>
  t.finishedAt >= new Date(at.getTime() - LABELS_BACK_DAYS * DAY_MS).toISOString() || (t.sheet !== null && copperShare(t.sheet) > 0);

/**
 * What a planting has had that counts at a moment, oldest first: the one answer for ladder, mix check, record, season,
 * and what a device takes along.
 */
export const countingRecords = (keep: Keeping, plantingId: string, at: Date): Treatment[] =>
  keep.treatments.ofPlanting(plantingId, countsSince(at)).filter((t) => stillCounts(t, at));
