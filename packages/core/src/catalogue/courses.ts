import type { ControlCourse } from './expand';
import { COURSES, PAIR_COURSES } from './made/courses';

export type { ControlCourse };

/** What has no course of its own is done once, and again if it helped. */
const ONCE: ControlCourse = {
  rounds: { least: 1, most: 3 },
  every: { min: 3, max: 14 },
  judgeDays: 7,
  slow: false,
  guards: false,
  ends: 'judged',
  words: 'Once, then look.',
  prov: { mark: 'MEM' },
};

/**
 * How often a control is done against a trouble, how far apart and when it is judged: as the pair says, where it says
 * something, else as the control does in general; what has no course is done once.
 * @returns null where neither says anything
 * @example courseOf('copper-spray', 'peach-leaf-curl')?.at // ['leaf-fall', 'bud-swell']
 */
export function courseOf(controlId: string, troubleId: string | null): ControlCourse | null {
  const general = COURSES[controlId];
  const pair = troubleId === null ? undefined : PAIR_COURSES[troubleId]?.[controlId];
  return pair ? { ...(general ?? ONCE), ...pair } : (general ?? null);
}
