import type { CalendarEvent } from '@sleetbrook/core/season';
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import type { CalendarStore, Told } from './store';

/** Nobody's name (RFC 2606): ids are the garden's alone. */
const DOMAIN = 'garden.invalid';
const CALENDAR = 'The garden';
const DAY = 86_400_000;
/** What is off is told of for so long: calendars ask every few hours, or days. */
const TELL_OFF_DAYS = 30;
/** Sequence numbers count minutes since then: a later word is always the higher one. */
const COUNTED_FROM = Date.UTC(2026, 0, 1);

const utc = (at: number): DateArray => {
  const d = new Date(at);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate(), d.getUTCHours(), d.getUTCMinutes()];
};
const day = (text: string, more = 0): DateArray => {
  const d = new Date(Date.parse(`${text}T00:00:00Z`) + more * DAY);
  return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate()];
};
const endOf = (e: CalendarEvent): number => ('day' in e.at ? Date.parse(`${e.at.day}T00:00:00Z`) + DAY : e.at.to);

function written(e: CalendarEvent, now: Date, cancelled: boolean): EventAttributes {
  const minute = Math.floor(now.getTime() / 60_000) * 60_000;
  return {
    uid: `${e.uid}@${DOMAIN}`,
    productId: '-//garden//EN',
    calName: CALENDAR,
    sequence: Math.floor((minute - COUNTED_FROM) / 60_000),
    ...('day' in e.at
      ? { start: day(e.at.day), end: day(e.at.day, 1) }
      : {
          start: utc(e.at.from),
          startInputType: 'utc' as const,
          startOutputType: 'utc' as const,
          end: utc(e.at.to),
          endInputType: 'utc' as const,
          endOutputType: 'utc' as const,
        }),
    title: e.title,
    description: e.text,
    ...(e.place === '' ? {} : { location: e.place }),
    status: cancelled ? 'CANCELLED' : e.sure ? 'CONFIRMED' : 'TENTATIVE',
    transp: 'TRANSPARENT',
    classification: 'PRIVATE',
    ...(e.ringsMin === null || cancelled
      ? {}
      : {
          alarms: [
            {
              action: 'display',
              description: e.title,
              trigger: e.ringsMin > 0 ? { minutes: e.ringsMin, before: true } : utc('day' in e.at ? Date.parse(e.at.day) : e.at.from),
            },
          ],
        }),
  };
}

function text(list: readonly EventAttributes[]): string {
  const { error, value } = createEvents([...list], { calName: CALENDAR, productId: '-//garden//EN' });
  if (error) throw error;
  if (typeof value !== 'string') throw new Error('no calendar');
  return value;
}

/** One event as a file of its own. */
export const oneFile = (e: CalendarEvent, now: Date): string => text([written(e, now, false)]);

/**
 * All events as a calendar reads them; what it was told of before, and is off, is told as called off under the same id.
 * What is behind is left as it was told.
 */
export function feedOf(events: readonly CalendarEvent[], store: CalendarStore, now: Date): string {
  const at = now.getTime();
  const before = new Map(store.told().map((t) => [t.uid, t]));
  const here = new Set(events.map((e) => e.uid));
  const off = [...before.values()].filter((t) => !here.has(t.uid) && t.endsAt > at).map((t) => ({ ...t, cancelledAt: t.cancelledAt ?? at }));
  const telling = off.filter((t) => at - t.cancelledAt < TELL_OFF_DAYS * DAY);
  const fresh = events
    .map((e): Told => ({ uid: e.uid, event: JSON.stringify(e), endsAt: endOf(e), cancelledAt: null }))
    .filter((t) => before.get(t.uid)?.event !== t.event || before.get(t.uid)?.cancelledAt !== null);
  const newlyOff = off.filter((t) => before.get(t.uid)?.cancelledAt === null);
  const gone = [...before.values()].filter((t) => !here.has(t.uid) && t.endsAt <= at).map((t) => t.uid);
  if (fresh.length + newlyOff.length + gone.length > 0) store.keep([...fresh, ...newlyOff], gone);
  return text([...events.map((e) => written(e, now, false)), ...telling.map((t) => written(JSON.parse(t.event) as CalendarEvent, now, true))]);
}
