import { courseOf, type ControlCourse } from '../catalogue/courses';
import { sayDay, type Instant } from '../measure';
import { addDays, dayOf, dayStart, waitUntil } from '../schedule/local-day';
import type { Where } from '../scout/climate';
import { nextMoment } from './moments';

/** What can be done after a round: the same once more, another control, nothing for now, or the end of the case. */
export type AgainKind = 'again' | 'else' | 'leave' | 'cleared';

export interface AgainChoice {
  readonly kind: AgainKind;
  readonly why: string;
}

export interface Again {
  /** The most fitting first. */
  readonly choices: readonly AgainChoice[];
  /** The day from which the same may be done again; null when it may not. */
  readonly nextRoundOn: string | null;
  /** It was carried out as it is meant to be. */
  readonly courseDone: boolean;
  /** It was carried out as meant and did not do: only then is something stronger proposed. */
  readonly failed: boolean;
}

export interface Rounds {
  readonly controlId: string;
  /** What it is against; null where nobody said. */
  readonly troubleId: string | null;
  /** When each round of this control in this case was finished, oldest first. */
  readonly done: readonly Instant[];
  /** The label's least days between, and the times it still allows this year; null for no limit. */
  readonly labelDays: number;
  readonly timesLeft: number | null;
  /** Share stopped by it, against the count before; null when it can not be told. */
  readonly effect: number | null;
  /** Share affected at the last count, and from where on acting is worth it. */
  readonly share: number | null;
  readonly worthIt: number;
  readonly now: Instant;
  readonly zone: string;
  /** Where it is, for courses that hang on moments of the year; left out, days alone count. */
  readonly where?: Where | null;
}

/** From here on it helped (from memory). */
const HELPED = 0.4;
/** Whether enough of what was there is gone. @param effect share stopped, 0 … 1 */
export const hasHelped = (effect: number): boolean => effect >= HELPED;
const MEANT_ONCE: Pick<ControlCourse, 'rounds' | 'every' | 'slow' | 'at'> = { rounds: { least: 1, most: 3 }, every: { min: 3, max: 14 }, slow: false };

/**
 * How many rounds there are in all, no more than what was done and what a label still allows.
 * @param left null for no limit
 * @example ofRounds({ least: 2, most: 6 }) // '2 to 6'
 * @example ofRounds({ least: 2, most: 6 }, 1, 2) // '2 to 3'
 */
export function ofRounds(rounds: { readonly least: number; readonly most: number }, done = 0, left: number | null = null): string {
  const most = Math.min(rounds.most, left === null ? Infinity : done + left);
  return rounds.least >= most ? String(most) : `${rounds.least} to ${most}`;
}

const sayRounds = (n: number) => (n === 1 ? 'one round' : `${n} rounds`);

/**
 * The day from which the next round of a control may be: as its course has it, never sooner than the label allows.
 * @returns null when the label allows no more this year, or none was done
 * @example nextRound({ controlId: 'soap-spray', done: [monday], labelDays: 1, … }) // Tuesday
 */
export function nextRound({
  controlId,
  troubleId,
  done,
  labelDays,
  timesLeft,
  zone,
  where,
}: Pick<Rounds, 'controlId' | 'troubleId' | 'done' | 'labelDays' | 'timesLeft' | 'zone' | 'where'>): string | null {
  const last = done.at(-1);
  if (last === undefined || timesLeft === 0) return null;
  const course = courseOf(controlId, troubleId) ?? MEANT_ONCE;
  const lastDay = dayOf(last, zone);
  const day = course.at && where ? nextMoment(course.at, lastDay, where).on : addDays(lastDay, Math.max(course.every.min, 1));
  const label = dayOf(waitUntil(last, labelDays, zone), zone);
  return labelDays > 0 && label > day ? label : day;
}

/**
 * When to count again after a round: when the material has had its time and the trouble shows it, and not before the
 * rounds that its course wants first.
 * @param troubleDays of the trouble's entry
 * @example lookAgainOn({ controlId: 'neem-spray', … }, 3) // after weeks, not after three days
 */
export function lookAgainOn(r: Pick<Rounds, 'controlId' | 'troubleId' | 'done' | 'labelDays' | 'zone'>, troubleDays: number): string {
  const course = courseOf(r.controlId, r.troubleId);
  const last = r.done.at(-1);
  if (last === undefined) throw new RangeError('no round was done');
  const left = Math.max(0, (course?.rounds.least ?? 1) - r.done.length);
  const every = Math.max(course?.every.min ?? 1, r.labelDays, 1);
  const judge = Math.max(course?.judgeDays ?? 0, Math.min(troubleDays, course?.slow ? Infinity : Math.max(course?.judgeDays ?? troubleDays, 3)));
  // a course of weeks is looked at on the way; a course of days when it is through
  return addDays(dayOf(last, r.zone), left > 0 && every <= 3 ? left * every + judge : left > 0 ? Math.min(every, judge) : judge);
}

/**
 * What to do after a round, the most fitting first. The same again comes first while the control's course is not
 * done, when it helped, or when it works slowly; something else only after a course that was carried out as told
 * and did not do.
 * @example afterCount({ …one soap evening of two, half of them gone }).choices[0] // { kind: 'again', … }
 */
export function afterCount(r: Rounds): Again {
  const course = courseOf(r.controlId, r.troubleId) ?? MEANT_ONCE;
  const n = r.done.length;
  const { least, most } = course.rounds;
  const courseDone = n >= least || r.timesLeft === 0;
  const helped = r.effect !== null && hasHelped(r.effect);
  const next = nextRound(r);
  const failed = courseDone && r.effect !== null && !helped && !(course.slow && n < most && r.timesLeft !== 0);
  const spent = courseDone && !helped && n >= most;
  const on = next === null ? '' : next <= dayOf(r.now, r.zone) ? ' It may be now.' : ` From ${sayDay(dayStart(next, r.zone), r.zone)}.`;
  const again: AgainChoice | null =
    next === null
      ? null
      : {
          kind: 'again',
          why: `${
            n < least
              ? `${sayRounds(n)} of ${ofRounds(course.rounds, n, r.timesLeft)} done.`
              : helped
                ? 'It helped: once more takes more of what is left.'
                : course.slow
                  ? 'It works slowly: give it its time.'
                  : `${sayRounds(n)} done.`
          }${on}`.replace(/^one/, 'One'),
        };
  const other: AgainChoice = {
    kind: 'else',
    why: failed
      ? 'It was done as it is meant to be, and it was not enough.'
      : r.timesLeft === 0
        ? 'The label allows no more of it this year.'
        : 'If it does not suit you; the gentlest that will do comes first.',
  };
  const under = r.share !== null && r.share < r.worthIt;
  const leave: AgainChoice = {
    kind: 'leave',
    why: under ? 'Under the level at which acting is worth it: watch it.' : 'Watch it, and look again.',
  };
  const cleared: AgainChoice = { kind: 'cleared', why: r.share === 0 ? 'None were found.' : 'When you are content with it.' };
  const wantsMore = again !== null && !spent && (n < least || helped || (course.slow && n < most) || r.effect === null);
  const order: (AgainChoice | null)[] =
    r.share === 0
      ? [cleared, again, leave, other]
      : under && courseDone
        ? [leave, again, cleared, other]
        : wantsMore
          ? [again, leave, other, cleared]
          : [other, again, leave, cleared];
  return { choices: order.filter((c): c is AgainChoice => c !== null), nextRoundOn: next, courseDone, failed };
}
