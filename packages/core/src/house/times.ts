import { invalid } from './refusal';

/** Clocks of two devices differ by so much without anybody noticing, ms. */
const LATE_MS = 5 * 60_000;
/** Older than this is a slip of the pen. */
const MOST_DAYS_BACK = 731;

/** @throws Refusal 422 where something is said to have happened after now */
export function notAhead(field: string, at: string, now: Date, message: string): void {
  if (Date.parse(at) > now.getTime() + LATE_MS) throw invalid(field, message);
}

/** @throws Refusal 422 where it lies so far back that the year must be typed wrong */
export function notLongAgo(field: string, at: string, now: Date): void {
  if (now.getTime() - Date.parse(at) > MOST_DAYS_BACK * 86_400_000) throw invalid(field, 'That is more than two years ago. Is the date typed right?');
}

export { LATE_MS };
