import { courseOf, type ControlCourse } from '../catalogue/courses';
import { findControl } from '../catalogue/controls';
import { findTrouble, type Control, type Trouble } from '../catalogue';
import { candidateFor, sheetsOf } from '../decide/candidates';
import type { Situation } from '../decide';
import { lastingOf, lineOf, type LabelLine, type LabelSheet } from '../label';
import type { Instant } from '../measure';
import { instant } from '../measure';
import type { CourseFacts } from './types';

/** What has no course of its own is done once, and again if it helped. */
const ONCE: ControlCourse = {
  rounds: { least: 1, most: 3 },
  every: { min: 7, max: 14 },
  judgeDays: 7,
  slow: false,
  guards: false,
  ends: 'judged',
  words: 'Once, then look.',
  prov: { mark: 'MEM' },
};
/** So many counts running that find none end a course (common practice). */
export const CLEAN_COUNTS = 2;

/** A course as it is carried out in one case. */
export interface Running {
  readonly facts: CourseFacts;
  readonly control: Control;
  readonly trouble: Trouble;
  readonly course: ControlCourse;
  readonly sheet: LabelSheet | null;
  readonly line: LabelLine | null;
  readonly done: readonly { readonly at: Instant; readonly treatmentId: string }[];
  /** The least days between two rounds: the label's, or the course's where that is longer. */
  readonly least: number;
  /** The days after which the next is due whatever the weather. */
  readonly most: number;
  /** Rounds still wanted until it is judged; null: as long as what it guards against goes on. */
  readonly wanted: number | null;
  /** Rounds that make sense before something else is tried. */
  readonly left: number;
  readonly nearer: readonly ('rain' | 'sun' | 'growth')[];
}

/**
 * The course that a case carries now; null where nothing was decided, or what was decided was counted since and the next
 * thing is to decide.
 */
export function runningOf(facts: CourseFacts, situation: (trouble: Trouble) => Situation): Running | null {
  const lap = facts.case.laps.at(-1);
  const control = findControl(lap?.controlId ?? '');
  const trouble = findTrouble(facts.case.troubleId);
  if (!lap || !control || !trouble || lap.afterLookId !== null || facts.case.status !== 'open') return null;
  const s = situation(trouble);
  const rounds = facts.treatments.filter((t) => t.caseId === facts.case.id && t.controlId === control.id && t.struck === null);
  const last = rounds.at(-1);
  const own = sheetsOf(control, s).find((x) => x.id === lap.sheetId);
  const found = candidateFor(control, own ?? sheetsOf(control, s)[0] ?? null, s);
  // what was put on decides what may follow, even where its label is no longer at hand
  const sheet = found.sheet ?? last?.sheet ?? null;
  const line = found.line ?? (last && lineOf(last)) ?? null;
  const course = courseOf(control.id, trouble.id) ?? ONCE;
  const done = rounds.map((t) => ({ at: instant(Date.parse(t.finishedAt)), treatmentId: t.id }));
  const guards = course.guards || facts.case.purpose !== 'seen';
  const least = Math.max(1, line?.intervalDays ?? 0, course.every.min);
  const lasting = sheet ? lastingOf(sheet) : null;
  return {
    facts,
    control,
    trouble,
    course,
    sheet,
    line,
    done,
    least,
    most: Math.max(least, course.every.max),
    wanted: course.ends === 'judged' && !guards ? Math.max(0, course.rounds.least - done.length) : course.rounds.most > 1 ? null : Math.max(0, 1 - done.length),
    left: Math.max(0, course.rounds.most - done.length),
    nearer: [
      ...(lasting?.rainMm != null ? ['rain' as const] : []),
      ...(lasting?.sunHalfDays ? ['sun' as const] : []),
      ...(guards && sheet && facts.planting.site === 'outdoors' ? ['growth' as const] : []),
    ],
  };
}
