import { UNSET_GARDEN, type Case, type Left, type Treatment } from '../api';
import { instant, sayRain } from '../measure';
import { protectionLeft, sayProtection, wear } from '../schedule';
import type { HouseContext } from './keeping';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
/** Nothing on leaves is looked at for longer. */
const LONGEST_DAYS = 35;
const hundredth = (n: number) => Math.round(n * 100) / 100;

/** What is left of the last round of an open case, by the hours that are known since. @param treatments of the case, oldest first */
export function leftOf(context: HouseContext, c: Case, treatments: readonly Treatment[]): Left | null {
  const t = treatments.filter((x) => x.struck === null && x.sheet !== null).at(-1);
  const now = instant(context.now().getTime());
  const finishedAt = instant(Date.parse(t?.finishedAt ?? ''));
  if (!t?.sheet || c.status !== 'open' || !(now - finishedAt < LONGEST_DAYS * 24 * HOUR)) return null;
  const line = t.sheet.lines.find((l) => l.id === t.lineId) ?? t.sheet.lines[0];
  const planting = context.keep.plantings.find(c.plantingId);
  if (!line || !planting) return null;
  const place = context.keep.garden.stored() ?? UNSET_GARDEN;
  const from = Math.floor(finishedAt / HOUR) * HOUR;
  const p = protectionLeft({
    sheet: t.sheet,
    line,
    finishedAt,
    now,
    place,
    outdoors: planting.site === 'outdoors',
    growing: planting.stage === 'growing' || planting.stage === 'flowering',
    hours: weatherDesk(context).told(new Date(from), Math.ceil((now - from) / HOUR), place),
  });
  return (
    p && {
      treatmentId: t.id,
      least: hundredth(p.least),
      likely: hundredth(p.likely),
      most: hundredth(p.most),
      wear: wear(p),
      said: sayProtection(p, sayRain(p.mm, place.units)),
    }
  );
}
