import type { Hush, Milestone, Planting, Treatment } from '../api';
import { findTrouble, regionOf, statusIn } from '../catalogue';
import type { Instant, UnitSystem } from '../measure';
import { addDays, dayOf, type LocalDay } from '../schedule';
import { withWatering, type HourlyWeather, type Place, type WateredAt } from '../weather';
import { daysOf, yearBegan } from './days';
import { guardedBy } from './guarded';
import { WARNING_MODELS } from './models';
import type { Outlook, WarningModel } from './types';

const DAY = 86_400_000;
/** Hours before now that a model of single hours goes by: a spell of rain can be that long (from memory). */
const BACK_DAYS = 8;

export interface WarningFacts {
  readonly now: Instant;
  readonly place: Place & { readonly country: string };
  readonly units: UnitSystem;
  readonly plantings: readonly Planting[];
  /** Since the beginning of this growing year, and all that is foretold; ascending, with gaps. */
  readonly hours: readonly HourlyWeather[];
  readonly milestones: readonly Milestone[];
  readonly hushes: readonly Hush[];
  /** Those of the last weeks, on any planting. */
  readonly treatments: readonly Treatment[];
}

/** Weather as the leaves of a planting have it. */
export type Leaves = Pick<Outlook, 'days' | 'hours'>;

/** Hours that a model of single hours still goes by. */
export const recent = (hours: readonly HourlyWeather[], now: Instant): HourlyWeather[] => hours.filter((h) => Date.parse(h.at) >= now - BACK_DAYS * DAY);

/** As leaves have the weather: what is watered from above has more of it than the rest of the garden. Worked out once for each. */
export function leavesOf({ hours, now, place }: Pick<WarningFacts, 'hours' | 'now' | 'place'>): (watered: WateredAt | null) => Leaves {
  const known = new Map<WateredAt | null, Leaves>();
  return (watered) => {
    const before = known.get(watered);
    if (before) return before;
    const all = withWatering(hours, watered, place);
    const made = { days: daysOf(all, place.zone), hours: recent(all, now) };
    known.set(watered, made);
    return made;
  };
}

/** Each model that tells of a trouble that may live here, for each planting that is open to it. */
export function* openTo({
  plantings,
  place,
}: WarningFacts): Generator<{ readonly planting: Planting; readonly model: WarningModel; readonly troubleId: string }> {
  for (const planting of plantings) {
    if (planting.site !== 'outdoors') continue;
    for (const model of WARNING_MODELS) {
      if (!model.hosts.includes(planting.hostId) || !model.stages.includes(planting.stage)) continue;
      for (const troubleId of livingHere(model, place)) yield { planting, model, troubleId };
    }
  }
}

/** What was put on that still guards a planting against a trouble. */
export const guardFor = (facts: WarningFacts, planting: Planting, troubleId: string, leaves: Leaves) =>
  guardedBy(
    facts.treatments.filter((t) => t.plantingId === planting.id),
    troubleId,
    leaves.hours,
    facts.now,
  );

/** What a model goes by, for one planting. */
export function outlookOf(facts: WarningFacts, planting: Planting, leaves: Leaves, guardedLast: Instant | null): Outlook {
  const today = dayOf(facts.now, facts.place.zone);
  return {
    now: facts.now,
    place: facts.place,
    units: facts.units,
    planting,
    ...leaves,
    seenOn: (what) => seenOn(facts.milestones, planting.id, what, today, facts.place.latitude),
    guardedLast,
  };
}

/** Its troubles, but for those that are known not to live in these parts. */
function livingHere(model: WarningModel, place: WarningFacts['place']): readonly string[] {
  const region = regionOf(place);
  if (model.regions && (region === null || !model.regions.includes(region))) return [];
  return model.troubles.filter((id) => {
    const trouble = findTrouble(id);
    return trouble !== undefined && statusIn(trouble.range, region) !== 'absent';
  });
}

/** The day on which it was last said to be seen, if that is of this growing year: months before it count, since buds swell early. */
function seenOn(milestones: readonly Milestone[], plantingId: string, what: Milestone['what'], today: LocalDay, latitude: number): LocalDay | null {
  const since = addDays(yearBegan(today, latitude), -EARLY_DAYS);
  const days = milestones.flatMap((m) => (m.plantingId === plantingId && m.what === what && m.on !== null && m.on >= since && m.on <= today ? [m.on] : []));
  return days.sort().at(-1) ?? null;
}
const EARLY_DAYS = 45;

/** The end of the hours that follow on now without a gap. */
export function seesUntil(hours: readonly HourlyWeather[], now: Instant): string | null {
  let end: number | null = null;
  for (const h of hours) {
    const at = Date.parse(h.at);
    if (at + HOUR <= now) continue;
    if (at > (end ?? Math.floor(now / HOUR) * HOUR)) break;
    end = at + HOUR;
  }
  return end === null ? null : new Date(end).toISOString();
}
const HOUR = 3_600_000;
