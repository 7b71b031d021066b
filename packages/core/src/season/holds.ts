import type { LabelLine, LabelSheet } from '../label';
import { instant, type Instant } from '../measure';
import { protectionLeft, wear } from '../schedule';
import type { HourlyWeather, Place } from '../weather';

const DAY = 86_400_000;

interface Of {
  readonly sheet: LabelSheet | null;
  readonly line: LabelLine | null;
  readonly finishedAt: Instant;
  /** No longer than this whatever the weather, days. */
  readonly most: number;
  readonly place: Place;
  readonly outdoors: boolean;
  readonly growing: boolean;
  /** From before it is finished, as far as anybody told; oldest first. */
  readonly hours: readonly HourlyWeather[];
}

/**
 * Whole days that a round holds: until less than a quarter of it is likely to be left, by the weather that is known or
 * foretold, and never longer than its course has it.
 * @returns at least 1
 */
export function daysHeld({ sheet, line, finishedAt, most, place, outdoors, growing, hours }: Of): number {
  if (!sheet || !line) return Math.max(1, most);
  const since = hours.filter((h) => Date.parse(h.at) + 3_600_000 > finishedAt);
  for (let days = 1; days < most; days++) {
    const now = instant(finishedAt + days * DAY);
    const left = protectionLeft({ sheet, line, finishedAt, now, place, outdoors, growing, hours: since });
    if (left === null) return most;
    if (wear(left) === 'gone') return days;
  }
  return Math.max(1, most);
}
