import { wilson } from './wilson';

export type Trend = 'first' | 'up' | 'down' | 'level';

/** One count: units affected of those looked at. */
interface Count {
  readonly affected: number;
  readonly looked: number;
}

/**
 * Whether a count is above or below the one before it, beyond what chance would do: a share counts as
 * moved when it lies outside the other count's Wilson interval, both ways round.
 * @returns `first` when there is nothing to compare with
 */
export function trendOf(now: Count, before: Count | null): Trend {
  if (!before) return 'first';
  const a = wilson(now.affected, now.looked);
  const b = wilson(before.affected, before.looked);
  if (a.share > b.high && b.share < a.low) return 'up';
  if (a.share < b.low && b.share > a.high) return 'down';
  return 'level';
}
