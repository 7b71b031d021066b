import type { ControlCourse } from './expand';
import type { PlacedHow } from './how';
import { COURSES, PAIR_COURSES, PAIR_HOW } from './made/courses';
import type { Control } from './schema';

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

/**
 * The lines of a control's card against a trouble: where the pair has a course of its own, that and not the general one
 * says how often; what holds for the pair only comes last.
 * @example howFor(soapSpray, 'spider-mite') // … 'Every 5 to 7 days, three times.', and no 'Two or three evenings running'
 */
export function howFor(control: Pick<Control, 'id' | 'how'>, troubleId: string | null): Control['how'] {
  const pair = troubleId === null ? undefined : PAIR_COURSES[troubleId]?.[control.id];
  const own = troubleId === null ? [] : (PAIR_HOW[troubleId]?.[control.id] ?? []);
  const isAgain = (line: Control['how'][number]) => typeof line !== 'string' && line.again === true;
  const again: PlacedHow[] = pair?.words && control.how.some(isAgain) ? [{ text: pair.words, at: 'after', again: true }] : [];
  return [...control.how.filter((line) => again.length === 0 || !isAgain(line)), ...again, ...own];
}
