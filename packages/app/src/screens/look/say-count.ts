import type { Count } from '@sleetbrook/core/api';
import { enough, trendOf } from '@sleetbrook/core/count';

/** What a tally says so far, and what more looking would bring. */
export function sayEnough(affected: number, looked: number, threshold: number, unit: string): { text: string; state: 'treat' | 'leave' | 'more' } {
  const line = `${Math.round(threshold * 100)} in 100`;
  if (looked === 0) return { text: `Count ${unit} picked without choosing. Acting is worth it from ${line}.`, state: 'more' };
  const e = enough(affected, looked, threshold);
  if (e.state === 'treat') return { text: `Enough: ${affected} of ${looked}, over ${line}. Act.`, state: 'treat' };
  if (e.state === 'leave') return { text: `Enough: ${affected} of ${looked}, under ${line}. Leave it.`, state: 'leave' };
  return {
    text: `${affected} of ${looked}. ${e.cleanMore} more clean ${unit} would settle it for leaving, ${e.affectedMore} more with it for acting.`,
    state: 'more',
  };
}

const WORDS = { first: 'first count', up: 'more than last time', down: 'less than last time', level: 'about as last time' };

/** @example sayTrend({ affected: 1, looked: 20 }, { affected: 9, looked: 20 }) // 'less than last time' */
export const sayTrend = (now: Count, before: Count | null): string => WORDS[trendOf(now, before)];
