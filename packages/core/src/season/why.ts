import type { LocalDay } from '../schedule';
import { seasonOf } from './layout';
import type { Season, SeasonFacts } from './types';
import { costAgainst, withWhatIf } from './what-if';

/** Whether a round of a course may be on a day, and what that means for all the others. */
export type Move =
  | { readonly can: true; readonly day: LocalDay; readonly costs: readonly string[]; readonly season: Season }
  | { readonly can: false; readonly day: LocalDay; readonly why: string; readonly frees: string | null };

/**
 * One round moved to another day by hand: the rest gives way if it can.
 * @param from the day it is on now @param to the day wanted
 */
export function moveRound(facts: SeasonFacts, now: Season, caseId: string, from: LocalDay, to: LocalDay): Move {
  const course = now.courses.find((c) => c.caseId === caseId);
  const closed = course?.closed.find((c) => c.day === to);
  if (closed) return { can: false, day: to, why: closed.why, frees: closed.frees };
  const kept = facts.courses.find((c) => c.case.id === caseId)?.case.course.fixed.filter((d) => d !== from && d >= now.today) ?? [];
  const season = seasonOf(withWhatIf(facts, { kind: 'fixed', caseId, days: [...new Set([...kept, to])].sort() }));
  const stuck = season.stuck.find((s) => s.caseId === caseId && s.day === to);
  if (stuck) return { can: false, day: to, why: stuck.why, frees: 'Move the other round first.' };
  return { can: true, day: to, costs: costAgainst(now.aims, season.aims), season };
}
