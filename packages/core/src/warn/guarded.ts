import type { Treatment } from '../api';
import { findControl, doesOn, findTrouble, usesOn } from '../catalogue';
import { lastingOf, lineOf } from '../label';
import { instant, type Instant } from '../measure';
import { rainedOff } from '../schedule';
import type { HourlyWeather } from '../weather';

const DAY = 86_400_000;

/** What guards a planting against a trouble, and until when. */
export interface Guarded {
  readonly until: Instant;
  readonly by: string;
  /** When it was put on. */
  readonly since: Instant;
}

/**
 * The longest of what was put on against a trouble and is not worn out or washed off. What nobody can say how long it
 * lasts guards nothing here.
 * @param hours told since then, ascending
 */
export function guardedBy(treatments: readonly Treatment[], troubleId: string, hours: readonly HourlyWeather[], now: Instant): Guarded | null {
  let best: Guarded | null = null;
  for (const t of treatments) {
    if (!t.sheet || t.struck || !helpsAgainst(t.controlId, troubleId)) continue;
    const days = lastingOf(t.sheet).days;
    const line = lineOf(t);
    if (!line || days === null || days === 0) continue;
    const since = instant(Date.parse(t.finishedAt));
    const until = instant(since + days * DAY);
    if (until <= now || rainedOff({ sheet: t.sheet, line, finishedAt: since, now, hours: hours.filter((h) => Date.parse(h.at) + 3_600_000 > since) })) continue;
    if (!best || until > best.until) best = { until, by: t.controlName, since };
  }
  return best;
}

/** Whether a control is known to keep a trouble away, or to cure it early. */
function helpsAgainst(controlId: string, troubleId: string): boolean {
  const trouble = findTrouble(troubleId);
  const control = findControl(controlId);
  const use = trouble && usesOn(trouble).find((u) => u.control === controlId);
  return trouble !== undefined && control !== undefined && use !== undefined && use.effect >= WORTH_IT && doesOn(control, trouble) !== 'aids';
}
/** Less keeps too little away to be quiet about it (from memory). */
const WORTH_IT = 0.25;
