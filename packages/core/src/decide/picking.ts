import type { Instant } from '../measure';
import { addDays, dayEnd, dayStart } from '../schedule/local-day';
import type { PlantingFacts } from './types';

/** No crop is picked for longer than this without a last day: the date is last year's (from memory). */
const LONGEST_DAYS = 240;

/**
 * What a planting's picking dates say of a moment: dates of an earlier picking say nothing of the one to come.
 * @returns `none` where no date is set, `past` once the last day is over, else `ahead`, before it or in it
 */
export function pickingAt({ pickFrom, pickUntil }: Pick<PlantingFacts, 'pickFrom' | 'pickUntil'>, at: Instant, zone: string): 'none' | 'past' | 'ahead' {
  if (!pickFrom) return 'none';
  const over = pickUntil === null ? dayStart(addDays(pickFrom, LONGEST_DAYS), zone) : dayEnd(pickUntil, zone);
  return at >= over ? 'past' : 'ahead';
}
