import type { Garden, Milestone, Warning } from '@sleetbrook/core/api';
import { instant, sayDay, sayWhen, type Instant } from '@sleetbrook/core/measure';
import { dayOf, dayStart, type LocalDay } from '@sleetbrook/core/schedule';

const at = (iso: string) => instant(Date.parse(iso));

/** Whether what was put on holds over its moment. */
export const isGuarded = (w: Warning): boolean => w.guardedUntil !== null && w.guardedUntil >= w.at;

/** Days on which the weather is about to let something in that nothing guards against yet. */
export const warnedDays = (warnings: readonly Warning[], zone: string): LocalDay[] =>
  warnings.filter((w) => w.is === 'coming' && !w.hushed && !isGuarded(w)).map((w) => dayOf(at(w.at), zone));

/** How sure it is, in words. */
export const SURE: Readonly<Record<Warning['sure'], string>> = {
  known: 'By hours that were measured.',
  reckoned: 'By hours reckoned between your readings: an hour more or less is not known.',
  forecast: 'By a forecast: it may come otherwise.',
  guess: 'A guess: some of what it counts is not known.',
};

/** When it is, at the end of its row. */
export function endOf(w: Warning, now: Instant, zone: string): string {
  if (w.hushed) return 'put off';
  if (isGuarded(w)) return 'guarded';
  if (w.is === 'came') return w.by !== null && at(w.by) > now ? `until ${soon(at(w.by), now, zone)}` : 'look';
  if (w.by !== null && at(w.by) > now) return `before ${soon(at(w.by), now, zone)}`;
  return at(w.at) > now ? soon(at(w.at), now, zone) : 'now';
}

const WEEK_MS = 6 * 86_400_000;

/** A moment of the days ahead in few letters: midnight is a day. */
function soon(when: Instant, now: Instant, zone: string): string {
  const near = when - now < WEEK_MS;
  const day = near ? sayDay(when, zone).replace(/ .*$/, '') : sayDay(when, zone);
  if (!near) return day;
  return dayStart(dayOf(when, zone), zone) === when ? day : sayWhen(when, now, zone).replace(/ \d+ \w{3} /, ' ');
}

/** What it means for these plants: guarded until when, or not. */
export function guardSentence(w: Warning, garden: Garden, now: Instant): string {
  if (w.guardedUntil === null) return 'Nothing that was put on here guards against it now.';
  const until = sayWhen(at(w.guardedUntil), now, garden.zone);
  return isGuarded(w)
    ? `${w.guardedBy}, put on here, guards to about ${until}, as far as no more rain takes it off.`
    : `${w.guardedBy} guards only to about ${until}: not long enough.`;
}

export const MILESTONE_WORDS: Readonly<Record<Milestone['what'], { readonly ask: string; readonly said: string }>> = {
  emerged: { ask: 'They came up, or were planted out', said: 'Came up or planted out' },
  'bud-swell': { ask: 'Buds begin to swell', said: 'Buds swelled' },
  'green-tip': { ask: 'Green shows at the tip of the buds', said: 'Green tip' },
  'first-flower': { ask: 'The first flower opens', said: 'First flower' },
  'petal-fall': { ask: 'The petals fall', said: 'Petals fell' },
  'first-moth': { ask: 'The first moths are in the trap', said: 'First moths' },
};
