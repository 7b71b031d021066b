import type { BlindSpot, Hush, Milestone, Planting, Treatment, Warning, Warnings } from '../api';
import { findTrouble, regionOf, statusIn } from '../catalogue';
import { inSentence, instant, sayProvenance, sayWhen, type Instant, type UnitSystem } from '../measure';
import { addDays, dayOf, type LocalDay } from '../schedule';
import { wateredAt, withWatering, type HourlyWeather, type Place, type WateredAt } from '../weather';
import { daysOf, yearBegan } from './days';
import { guardedBy } from './guarded';
import { reachBack } from './reach-back';
import { WARNING_MODELS } from './models';
import type { Found, Outlook, Sighting, WarningModel } from './types';

export { yearBegan } from './days';
export { daySummaries } from './summary';
export { FLIGHTS } from './models/flights';
export { WARNING_MODELS } from './models';
export type { WarningModel } from './types';

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

const iso = (ms: number) => new Date(ms).toISOString();

/**
 * What the weather lets in, on the plants that grow here and are open to it, the most pressing first; and what can not be
 * told, and why. A model tells nothing of what stands under a roof, nor of a trouble that is not known to live in these parts.
 */
export function warningsOf(facts: WarningFacts): Warnings {
  const { now, place } = facts;
  const today = dayOf(now, place.zone);
  // as leaves have them: what is watered from above has more of it than the rest of the garden
  const known = new Map<WateredAt | null, Leaves>();
  const as = (watered: WateredAt | null): Leaves => {
    const before = known.get(watered);
    if (before) return before;
    const all = withWatering(facts.hours, watered, place);
    const made = { days: daysOf(all, place.zone), hours: all.filter((h) => Date.parse(h.at) >= now - BACK_DAYS * DAY) };
    known.set(watered, made);
    return made;
  };
  const warnings: Warning[] = [];
  const blind: BlindSpot[] = [];
  for (const planting of facts.plantings) {
    if (planting.site !== 'outdoors') continue;
    const watered = wateredAt(planting.about);
    const leaves = as(watered);
    const own = facts.treatments.filter((t) => t.plantingId === planting.id);
    for (const model of WARNING_MODELS) {
      if (!model.hosts.includes(planting.hostId) || !model.stages.includes(planting.stage)) continue;
      for (const troubleId of livingHere(model, place)) {
        const guard = guardedBy(own, troubleId, leaves.hours, now);
        const outlook = (sky: Leaves): Outlook => ({
          now,
          place,
          units: facts.units,
          planting,
          ...sky,
          seenOn: (what) => seenOn(facts.milestones, planting.id, what, today, place.latitude),
          guardedLast: guard?.since ?? null,
        });
        const found: Found = facts.hours.length === 0 ? { blind: 'No weather is known here.' } : model.find(outlook(leaves));
        const byWatering = wateredOnly(found, watered === null ? null : () => model.find(outlook(as(null))));
        if ('blind' in found) blind.push({ plantingId: planting.id, troubleId, model: cardOf(model), asks: found.asks ?? null, why: found.blind });
        else
          for (const s of found.seen)
            warnings.push({
              ...told(withReachBack(byWatering(s), troubleId, now, place.zone), planting.id, troubleId, model),
              guardedUntil: guard ? iso(guard.until) : null,
              guardedBy: guard?.by ?? null,
              hushed: hushOf(facts.hushes, planting.id, model.id, now),
            });
      }
    }
  }
  return { asOf: iso(now), seesUntil: seesUntil(facts.hours, now), warnings: warnings.sort(byPress), blind };
}

/** Weather as the leaves of a planting have it. */
type Leaves = Pick<Outlook, 'days' | 'hours'>;

/** Says of what only watering from above lets in that it does. @param dry the same without the watering; null where nothing is watered so */
function wateredOnly(found: Found, dry: (() => Found) | null): (s: Sighting) => Sighting {
  if (dry === null || 'blind' in found || found.seen.length === 0) return (s) => s;
  const without = dry();
  const there = new Set('blind' in without ? [] : without.seen.map((s) => s.is));
  return (s) => (there.has(s.is) ? s : { ...s, act: `Only watering from above lets it in: water at the root. ${s.act}` });
}

/** What has come is no more to be guarded against, but some things reach back over it. */
function withReachBack(s: Sighting, troubleId: string, now: Instant, zone: string): Sighting {
  const back = s.is === 'came' ? reachBack(troubleId, s.at, now) : null;
  if (!back) return s;
  const names = back.names.map((n, i) => (i === 0 ? n : inSentence(n))).join(', ');
  return {
    ...s,
    by: back.until,
    act: `${s.act} ${names} may still stop it until about ${sayWhen(back.until, now, zone)}, where label and ladder allow.`,
  };
}

const cardOf = ({ id, name, needs, prov }: WarningModel) => ({ id, name, needs, source: sayProvenance(prov) });

const told = (s: Sighting, plantingId: string, troubleId: string, model: WarningModel) => ({
  key: `${plantingId} ${troubleId} ${model.id} ${s.is} ${iso(s.at).slice(0, 10)}`,
  plantingId,
  troubleId,
  model: cardOf(model),
  is: s.is,
  at: iso(s.at),
  sure: s.sure,
  saw: s.saw,
  act: s.act,
  by: s.by === null ? null : iso(s.by),
});

/** Its troubles, but for those that are known not to live in these parts. */
function livingHere(model: WarningModel, place: WarningFacts['place']): readonly string[] {
  const region = regionOf(place);
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

function hushOf(hushes: readonly Hush[], plantingId: string, modelId: string, now: Instant): Warning['hushed'] {
  const found = hushes.find((h) => h.on && h.plantingId === plantingId && h.modelId === modelId && (h.until === null || Date.parse(h.until) > now));
  return found ? { until: found.until } : null;
}

/** The end of the hours that follow on now without a gap. */
function seesUntil(hours: readonly HourlyWeather[], now: Instant): string | null {
  const HOUR = 3_600_000;
  let end: number | null = null;
  for (const h of hours) {
    const at = Date.parse(h.at);
    if (at + HOUR <= now) continue;
    if (at > (end ?? Math.floor(now / HOUR) * HOUR)) break;
    end = at + HOUR;
  }
  return end === null ? null : iso(end);
}

/** What can still be guarded against goes first, what is guarded or hushed last; then by its moment. */
const press = (w: Warning): number => (w.hushed ? 8 : 0) + (w.guardedUntil && w.guardedUntil >= w.at ? 4 : 0) + (w.is === 'came' ? 1 : 0);
const byPress = (a: Warning, b: Warning): number => press(a) - press(b) || a.at.localeCompare(b.at) || a.key.localeCompare(b.key);

export const whenOf = (w: Pick<Warning, 'at'>): Instant => instant(Date.parse(w.at));
