import { instant, type Instant } from '../measure';
import { dayOf } from '../schedule';
import { wateredAt, withWatering, type HourlyWeather } from '../weather';
import { daysOf } from './days';
import { guardFor, leavesOf, openTo, outlookOf, recent, seesUntil, type Leaves, type WarningFacts } from './outlook';

/** Of some earlier years, how many would let a trouble in over the coming days. */
export interface Chance {
  readonly plantingId: string;
  readonly troubleId: string;
  readonly model: string;
  readonly years: number;
}

/**
 * What the coming days would let in, had they the weather of earlier years where nobody foretells them: for each planting,
 * model and trouble the years in which it would come. What is already coming by what is foretold is left to its warning.
 * @param earlier by year, the hours of the coming days as that year had them, moved to this year's days; ascending
 */
export function chancesOf(facts: WarningFacts, earlier: readonly (readonly HourlyWeather[])[]): Chance[] {
  const { now, place } = facts;
  const as = leavesOf(facts);
  const today = dayOf(now, place.zone);
  const foretold = instant(Date.parse(seesUntil(facts.hours, now) ?? new Date(now).toISOString()));
  const told = facts.hours.filter((h) => Date.parse(h.at) < foretold);
  const ofToday = told.filter((h) => dayOf(instant(Date.parse(h.at)), place.zone) >= today);
  const before = leavesOf({ ...facts, hours: told.filter((h) => dayOf(instant(Date.parse(h.at)), place.zone) < today) });
  const years = earlier.map((hours) => ahead(hours, foretold));
  const out: Chance[] = [];
  for (const { planting, model, troubleId } of openTo(facts)) {
    const watered = wateredAt(planting.about);
    const guard = guardFor(facts, planting, troubleId, as(watered));
    const coming = (leaves: Leaves, from: number): boolean => {
      const found = model.find(outlookOf(facts, planting, leaves, guard?.since ?? null));
      return !('blind' in found) && found.seen.some((s) => s.is === 'coming' && s.at >= from);
    };
    if (facts.hours.length > 0 && coming(as(watered), now)) continue;
    const behind = before(watered);
    const many = years.filter((hours) => {
      const own = withWatering([...ofToday, ...hours], watered, place);
      return coming({ days: [...behind.days, ...daysOf(own, place.zone)], hours: [...recent(behind.hours, now), ...own] }, foretold);
    }).length;
    if (many > 0) out.push({ plantingId: planting.id, troubleId, model: model.name, years: many });
  }
  return out.sort((a, b) => b.years - a.years || a.plantingId.localeCompare(b.plantingId) || a.troubleId.localeCompare(b.troubleId));
}

/** Hours from one on, as a guess: nobody foretells them. */
const ahead = (hours: readonly HourlyWeather[], from: Instant): HourlyWeather[] =>
  hours.filter((h) => Date.parse(h.at) >= from).map((h) => ({ ...h, certainty: 'guess' as const }));
