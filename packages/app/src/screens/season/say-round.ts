import { instant, sayTime, sayWhen, type Instant } from '@sleetbrook/core/measure';
import type { RoundAhead, Sure } from '@sleetbrook/core/season';

export { ordinal } from '../../ui/ordinal';

export const SURE_WORDS: Readonly<Record<Sure, string>> = {
  known: 'by weather that was measured',
  reckoned: 'by weather reckoned from readings',
  forecast: 'by the forecast',
  guess: 'by a look at the sky',
  unknown: 'the weather of that day is not known yet: look at the sky first',
};

/** When to begin: an hour where one is known, else about sundown. */
export const sayBegin = (r: Pick<RoundAhead, 'from' | 'sure'>, now: Instant, zone: string): string =>
  r.sure === 'unknown' ? `about ${sayWhen(instant(r.from), now, zone)}` : sayWhen(instant(r.from), now, zone);

export const sayHour = (at: number, zone: string): string => sayTime(instant(at), zone);
