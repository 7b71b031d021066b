import { sayDay } from '../../measure';
import { dayEnd, dayOf, dayStart, waitUntil } from '../../schedule/local-day';
import type { Rule } from '../types';

/**
 * The label's picking wait against the coming picking. It fits before the first picking day, or
 * after the last one; in between it is closed until the picking is over.
 */
export const pickingWait: Rule = (s, c, at) => {
  const { edible, pickFrom } = s.planting;
  if (!edible || !c.line || !c.line.phiDays || !pickFrom) return null;
  const zone = s.place.zone;
  const over = dayEnd(s.planting.pickUntil ?? pickFrom, zone);
  const safe = waitUntil(at, c.line.phiDays, zone);
  if (safe <= dayStart(pickFrom, zone) || at >= over) return null;
  const later = dayOf(dayEnd(dayOf(safe, zone), zone), zone);
  const laterUntil = s.planting.pickUntil !== null && s.planting.pickUntil < later ? later : s.planting.pickUntil;
  return {
    code: 'picking-wait',
    weight: 'not-now',
    sentence: `${c.line.phiDays} ${c.line.phiDays === 1 ? 'day' : 'days'} to wait before picking, and you pick from ${sayDay(dayStart(pickFrom, zone), zone)}. Allowed from ${sayDay(over, zone)}, once picked; or put the picking off to ${sayDay(dayEnd(dayOf(safe, zone), zone), zone)}.`,
    inputs: [
      { name: 'Picking wait', value: `${c.line.phiDays} d` },
      { name: 'Picking', value: `${pickFrom} to ${s.planting.pickUntil ?? pickFrom}` },
    ],
    source: c.line.prov,
    opens: { kind: 'at', at: over },
    orElse: { code: `pick-${later}`, label: `Pick from ${sayDay(dayStart(later, zone), zone)} instead`, planting: { pickFrom: later, pickUntil: laterUntil } },
  };
};
