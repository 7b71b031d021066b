import type { BlindSpot, Hush, Warning, Warnings } from '../api';
import { inSentence, instant, sayProvenance, sayWhen, type Instant } from '../measure';
import { wateredAt } from '../weather';
import { guardFor, leavesOf, openTo, outlookOf, seesUntil, type Leaves, type WarningFacts } from './outlook';
import { reachBack } from './reach-back';
import type { Found, Sighting, WarningModel } from './types';

export { chancesOf, type Chance } from './chances';
export { yearBegan } from './days';
export { daySummaries } from './summary';
export { FLIGHTS } from './models/flight-table';
export { WARNING_MODELS } from './models';
export type { WarningFacts } from './outlook';
export type { WarningModel } from './types';

const iso = (ms: number) => new Date(ms).toISOString();

/**
 * What the weather lets in, on the plants that grow here and are open to it, the most pressing first; and what can not be
 * told, and why. A model tells nothing of what stands under a roof, nor of a trouble that is not known to live in these parts.
 */
export function warningsOf(facts: WarningFacts): Warnings {
  const { now, place } = facts;
  const as = leavesOf(facts);
  const warnings: Warning[] = [];
  const blind: BlindSpot[] = [];
  for (const { planting, model, troubleId } of openTo(facts)) {
    const watered = wateredAt(planting.about);
    const leaves = as(watered);
    const guard = guardFor(facts, planting, troubleId, leaves);
    const outlook = (sky: Leaves) => outlookOf(facts, planting, sky, guard?.since ?? null);
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
  return { asOf: iso(now), seesUntil: seesUntil(facts.hours, now), warnings: warnings.sort(byPress), blind };
}

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

function hushOf(hushes: readonly Hush[], plantingId: string, modelId: string, now: Instant): Warning['hushed'] {
  const found = hushes.find((h) => h.on && h.plantingId === plantingId && h.modelId === modelId && (h.until === null || Date.parse(h.until) > now));
  return found ? { until: found.until } : null;
}

/** What can still be guarded against goes first, what is guarded or hushed last; then by its moment. */
const press = (w: Warning): number => (w.hushed ? 8 : 0) + (w.guardedUntil && w.guardedUntil >= w.at ? 4 : 0) + (w.is === 'came' ? 1 : 0);
const byPress = (a: Warning, b: Warning): number => press(a) - press(b) || a.at.localeCompare(b.at) || a.key.localeCompare(b.key);

export const whenOf = (w: Pick<Warning, 'at'>): Instant => instant(Date.parse(w.at));
