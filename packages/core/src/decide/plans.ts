import type { LabelSheet } from '../label';
import { instant, type Instant } from '../measure';
import { addDays, dayOf, timeOn } from '../schedule/local-day';
import type { Plan } from './circumstances';

const HOUR = 3_600_000;
/** "Until dry" planned for on the long side (from memory). */
const DRYING_HOURS = 4;
const HORIZON_DAYS = 14;

/** How long a material keeps people out, in milliseconds, for planning. */
export const keepOutMs = (sheet: LabelSheet): number => (sheet.reEntry.kind === 'hours' ? sheet.reEntry.hours : DRYING_HOURS) * HOUR;

export interface Meeting {
  readonly plan: Plan;
  readonly from: Instant;
  readonly to: Instant;
}

/** Every time a plan comes round between two instants, in order. */
export function meetings(plans: readonly Plan[], from: Instant, to: Instant, zone: string): Meeting[] {
  const out: Meeting[] = [];
  const last = dayOf(to, zone);
  for (let day = dayOf(from, zone); day <= last; day = addDays(day, 1)) {
    const weekday = ((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7) + 1;
    for (const plan of plans) {
      if (!plan.days.includes(weekday)) continue;
      const [start, end] = [timeOn(day, plan.from, zone), timeOn(day, plan.to, zone)];
      if (end > from && start < to) out.push({ plan, from: start, to: end });
    }
  }
  return out.sort((a, b) => a.from - b.from);
}

/** The first time somebody has to be there between two instants. */
export const meeting = (plans: readonly Plan[], from: Instant, to: Instant, zone: string): Meeting | null => meetings(plans, from, to, zone)[0] ?? null;

/** The first moment from which nobody has to be there for so long; null when none comes in two weeks. */
export function firstFree(plans: readonly Plan[], from: Instant, ms: number, zone: string): Instant | null {
  const end = from + HORIZON_DAYS * 24 * HOUR;
  let at = from;
  for (let met = meeting(plans, at, instant(at + ms), zone); met; met = meeting(plans, at, instant(at + ms), zone)) {
    at = met.to;
    if (at > end) return null;
  }
  return at;
}
