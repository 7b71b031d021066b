import { UNSET_GARDEN, type Case, type Left, type Treatment, type Worn } from '../api';
import { lineOf } from '../label';
import { instant, sayRain } from '../measure';
import { protectionLeft, sayProtection, sayWashedOff, washedOffBy, wear, type ProtectionFacts } from '../schedule';
import { wateredAt, withWatering } from '../weather';
import type { HouseContext } from './keeping';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Nothing on leaves is looked at for longer. */
const LONGEST_DAYS = 35;
const gardenOf = (context: HouseContext) => context.keep.garden.stored() ?? UNSET_GARDEN;
const hundredth = (n: number) => Math.round(n * 100) / 100;

/** What decides about a round at an instant; null for what nobody can judge any more. */
function factsOf(context: HouseContext, c: Case, t: Treatment, now: number): ProtectionFacts | null {
  const finishedAt = instant(Date.parse(t.finishedAt));
  const line = lineOf(t);
  const planting = context.keep.plantings.find(c.plantingId);
  if (!t.sheet || !line || !planting) return null;
  const place = gardenOf(context);
  const from = Math.floor(finishedAt / HOUR) * HOUR;
  return {
    sheet: t.sheet,
    line,
    finishedAt,
    now: instant(now),
    place,
    outdoors: planting.site === 'outdoors',
    growing: planting.stage === 'growing' || planting.stage === 'flowering',
    hours: withWatering(weatherDesk(context).told(new Date(from), Math.ceil((now - from) / HOUR), place), wateredAt(planting.about), place),
  };
}

const wearing = (treatments: readonly Treatment[]) => treatments.filter((x) => x.struck === null && x.sheet !== null);

/** What is left of the last round of an open case, by the hours that are known since. @param treatments of the case, oldest first */
export function leftOf(context: HouseContext, c: Case, treatments: readonly Treatment[]): Left | null {
  const t = wearing(treatments).at(-1);
  const now = context.now().getTime();
  if (!t || c.status !== 'open' || !(now - Date.parse(t.finishedAt) < LONGEST_DAYS * DAY)) return null;
  const facts = factsOf(context, c, t, now);
  const p = facts && protectionLeft(facts);
  return (
    p && {
      treatmentId: t.id,
      least: hundredth(p.least),
      likely: hundredth(p.likely),
      most: hundredth(p.most),
      wear: wear(p),
      said: sayProtection(p, sayRain(p.mm, gardenOf(context).units), wateredAt(context.keep.plantings.find(c.plantingId)?.about ?? []) !== null),
    }
  );
}

/** How each round wore off until the next one, until the case was closed, or until now. @param treatments of the case, oldest first */
export function wornOf(context: HouseContext, c: Case, treatments: readonly Treatment[]): Worn[] {
  const rounds = wearing(treatments);
  const closed = c.closedAt ? Date.parse(c.closedAt) : Infinity;
  return rounds.flatMap((t, i) => {
    const next = rounds[i + 1];
    const from = Date.parse(t.finishedAt);
    const end = Math.min(next ? Date.parse(next.finishedAt) : Infinity, closed, context.now().getTime(), from + LONGEST_DAYS * DAY);
    const facts = factsOf(context, c, t, end);
    const p = facts && protectionLeft(facts);
    if (!p) return [];
    const { units, zone } = gardenOf(context);
    return [
      {
        treatmentId: t.id,
        likely: hundredth(p.likely),
        washed: washedOffBy(facts, zone).map((w) => ({ day: w.day, said: sayWashedOff(w, sayRain(w.mm, units)) })),
      },
    ];
  });
}
