import { sayDay } from '../../measure';
import { addDays, dayEnd, dayOf, dayStart, waitUntil } from '../../schedule/local-day';
import { pickingAt } from '../picking';
import type { Rule } from '../types';

/**
 * The label's picking wait against the picking. It fits before the first picking day, or after the last one. A picking
 * whose end nobody named goes on: many crops are picked for weeks.
 */
export const pickingWait: Rule = (s, c, at) => {
  const { edible, pickFrom, pickUntil } = s.planting;
  if (!edible || !c.line || !c.line.phiDays || !pickFrom) return null;
  const zone = s.place.zone;
  const safe = waitUntil(at, c.line.phiDays, zone);
  if (safe <= dayStart(pickFrom, zone) || pickingAt(s.planting, at, zone) === 'past') return null;
  const later = dayOf(dayEnd(dayOf(safe, zone), zone), zone);
  const laterUntil = pickUntil !== null && pickUntil < later ? later : pickUntil;
  const begins = sayDay(dayStart(pickFrom, zone), zone);
  const putOff = `put the picking off to ${sayDay(dayStart(later, zone), zone)}`;
  const today = dayOf(at, zone);
  const days = `${c.line.phiDays} ${c.line.phiDays === 1 ? 'day' : 'days'} to wait before picking, and you pick from ${begins}`;
  return {
    code: 'picking-wait',
    weight: 'not-now',
    sentence:
      pickUntil === null
        ? `${days}, with no last day named. Allowed once the last is picked; or ${putOff}.`
        : `${days}. Allowed from ${sayDay(dayEnd(pickUntil, zone), zone)}, once picked; or ${putOff}.`,
    inputs: [
      { name: 'Picking wait', value: `${c.line.phiDays} d` },
      { name: 'Picking', value: `${pickFrom} to ${pickUntil ?? 'no last day named'}` },
    ],
    source: c.line.prov,
    opens:
      pickUntil === null
        ? {
            kind: 'event',
            event: 'once the last is picked',
            change: pickFrom < today ? { code: 'picked', label: 'The last is picked', planting: { pickUntil: addDays(today, -1) } } : null,
          }
        : { kind: 'at', at: dayEnd(pickUntil, zone) },
    orElse: { code: `pick-${later}`, label: `Pick from ${sayDay(dayStart(later, zone), zone)} instead`, planting: { pickFrom: later, pickUntil: laterUntil } },
  };
};
