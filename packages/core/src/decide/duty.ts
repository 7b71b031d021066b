import { dutyIn, meanwhileIn } from '../catalogue';
import type { Situation } from './types';
import { whereOf } from './where';

/** Days for which a report, once written down, holds for the same planting (from memory). */
const HOLDS_DAYS = 365;
const DAY = 86_400_000;

/**
 * Whether a trouble has to be reported here, or asked about first, since it is not known from here. Where the country
 * is not known it is taken to be so.
 * @returns `none` where nothing says so, `open` until it was done, then `done`
 */
export function dutyToReport(
  s: Pick<Situation, 'trouble' | 'host' | 'place' | 'country' | 'region' | 'reported' | 'records' | 'now'>,
): 'none' | 'open' | 'done' {
  if (dutyIn(s.trouble, s.host, whereOf(s)) === 'none') return 'none';
  const written = s.records.some((r) => r.controlId === 'report-it' && r.at <= s.now && s.now - r.at < HOLDS_DAYS * DAY);
  return s.reported || written ? 'done' : 'open';
}

/** What the finder does until the plant-health office has answered; null where the country is not known, or nothing more is. */
export const meanwhileOf = (s: Pick<Situation, 'trouble' | 'host' | 'place' | 'country' | 'region'>) =>
  s.country ? meanwhileIn(s.trouble, s.host, whereOf(s)) : null;
