import { sayDay } from '../measure';
import { dayStart, type LocalDay } from '../schedule';
import type { Season } from './types';

/** Why a round is on its day and no other, in a sentence. */
export function whyThen(season: Season, caseId: string, day: LocalDay, zone: string): string {
  const course = season.courses.find((c) => c.caseId === caseId);
  const round = course?.rounds.find((r) => r.day === day);
  if (!course || !round) return '';
  if (round.fixed) return 'You set this day.';
  const said = (d: LocalDay) => sayDay(dayStart(d, zone), zone);
  const with_ = season.evenings.find((e) => e.day === day)?.rounds.filter((r) => r.caseId !== caseId) ?? [];
  const together =
    with_.length > 0 ? ` Out that evening anyway: ${with_.map((r) => season.courses.find((c) => c.caseId === r.caseId)?.plantingName ?? '').join(', ')}.` : '';
  const first = course.rounds[0] === round;
  if (!first || course.dueOn === null) return `It follows on the round before.${together}`;
  if (day === course.dueOn) return `It is due then. ${course.dueWhy}${together}`;
  if (day < course.dueOn)
    return `Due on ${said(course.dueOn)}; sooner, since ${together === '' ? 'the days about then are closed, or a warning asks for it' : 'it saves an evening'}.${together}`;
  const shut = course.closed.find((c) => c.day >= (course.dueOn ?? day) && c.day < day);
  return `Due ${course.dueOn < season.today ? 'since' : 'on'} ${said(course.dueOn)}.${shut ? ` ${said(shut.day)}: ${shut.why}` : ''}${together}`;
}
