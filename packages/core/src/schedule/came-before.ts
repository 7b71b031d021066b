import type { Instant } from '../measure';
import { addDays, dayOf, type LocalDay } from './local-day';

/** A case as far as its day counts. */
export interface PastCase {
  readonly plantingId: string;
  readonly troubleId: string;
  /** Only what was seen came. */
  readonly purpose: 'seen' | 'prevent' | 'upkeep';
  readonly openedAt: Instant;
  readonly open: boolean;
}

/** What came in an earlier year about now. */
export interface CameBefore {
  readonly plantingId: string;
  readonly troubleId: string;
  /** The day on which it was seen, the last year that it was. */
  readonly on: LocalDay;
  readonly years: number;
}

/** So long before its day it is worth guarding against, and so long after it is worth a look (common practice). */
export const AHEAD_DAYS = 35;
const AFTER_DAYS = 14;
/** With a case of this year nobody need be told. */
const THIS_YEAR_DAYS = 200;

/**
 * Troubles that came to a planting in earlier years about this time, the nearest day first. What has a case this year,
 * also one against what may come, is left out.
 */
export function cameBefore(cases: readonly PastCase[], now: Instant, zone: string): readonly CameBefore[] {
  const today = dayOf(now, zone);
  const out = new Map<string, CameBefore & { readonly away: number }>();
  for (const c of cases) {
    const key = `${c.plantingId} ${c.troubleId}`;
    const day = dayOf(c.openedAt, zone);
    const years = yearsBetween(day, today);
    const again = inYear(day, years);
    const away = daysFrom(today, again);
    if (c.purpose !== 'seen' || years < 1 || away > AHEAD_DAYS || away < -AFTER_DAYS) continue;
    if (cases.some((x) => `${x.plantingId} ${x.troubleId}` === key && (x.open || dayOf(x.openedAt, zone) > addDays(today, -THIS_YEAR_DAYS)))) continue;
    const known = out.get(key);
    if (!known || known.on < day) out.set(key, { plantingId: c.plantingId, troubleId: c.troubleId, on: day, years, away });
  }
  return [...out.values()].sort((a, b) => Math.abs(a.away) - Math.abs(b.away)).map(({ away: _away, ...x }) => x);
}

const DAY_MS = 86_400_000;
const daysFrom = (a: LocalDay, b: LocalDay) => Math.round((Date.parse(`${b}T00:00:00Z`) - Date.parse(`${a}T00:00:00Z`)) / DAY_MS);
/** The same day so many years on; 29 February is 1 March where there is none. */
const inYear = (day: LocalDay, years: number): LocalDay =>
  new Date(Date.UTC(Number(day.slice(0, 4)) + years, Number(day.slice(5, 7)) - 1, Number(day.slice(8)))).toISOString().slice(0, 10) as LocalDay;
/** How many years on its day comes nearest to today. */
function yearsBetween(day: LocalDay, today: LocalDay): number {
  const n = Number(today.slice(0, 4)) - Number(day.slice(0, 4));
  const away = (k: number) => Math.abs(daysFrom(today, inYear(day, k)));
  return [n - 1, n, n + 1].reduce((a, b) => (away(b) < away(a) ? b : a));
}
