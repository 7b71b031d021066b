import type { Situation } from './types';

/** Days for which a report, once written down, holds for the same planting (from memory). */
const HOLDS_DAYS = 365;
const DAY = 86_400_000;

/**
 * Whether a trouble has to be reported here. Where the country is not known it is taken to be so.
 * @returns `none` where nothing says so, `open` until it was done, then `done`
 */
export function dutyToReport(s: Pick<Situation, 'trouble' | 'country' | 'reported' | 'records' | 'now'>): 'none' | 'open' | 'done' {
  const { report } = s.trouble;
  if (!report || (s.country && !report.in.includes(s.country))) return 'none';
  const written = s.records.some((r) => r.controlId === 'report-it' && r.at <= s.now && s.now - r.at < HOLDS_DAYS * DAY);
  return s.reported || written ? 'done' : 'open';
}
