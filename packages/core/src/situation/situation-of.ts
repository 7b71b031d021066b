import type { Case, Confirmation, Garden, Planting, RunningClock, Treatment } from '../api';
import type { PastTreatment, Situation } from '../decide';
import type { LabelSheet } from '../label';
import { instant, type Instant } from '../measure';
import { dayOf } from '../schedule';

/** A case and what is on record of it, as it is served. */
export interface CaseRecords {
  readonly found: Pick<Case, 'troubleId' | 'stageSeen' | 'purpose'>;
  readonly planting: Planting;
  /** Of the planting, oldest first; those that were struck out count for nothing. */
  readonly treatments: readonly Treatment[];
  /** Signs seen when signs were last asked for. */
  readonly seenSigns: readonly string[];
  /** Share affected at the last count, 0 to 1; null where none was made. */
  readonly share: number | null;
}

/** What holds for every case of a garden at one moment. */
export interface GardenRecords {
  readonly now: Instant;
  readonly garden: Garden;
  /** The grower's own label sheets; specimens among them are left out. */
  readonly sheets: readonly LabelSheet[];
  /** Labels that were held against their sheet, with the law of the place. */
  readonly confirmations: readonly Pick<Confirmation, 'sheetId' | 'version'>[];
  /** What keeps people out of somewhere. */
  readonly clocks: readonly RunningClock[];
}

/** A situation without what the catalogue and the weather add: plain data, so that it can be sent to a worker. */
export type SituationFacts = Omit<Situation, 'host' | 'trouble' | 'conditions'> & {
  readonly hostId: string;
  readonly troubleId: string;
  readonly share: number | null;
};

/** What was done to a planting and still counts, as the rules read it. */
export const pastOf = (treatments: readonly Treatment[]): PastTreatment[] =>
  treatments
    .filter((t) => t.struck === null)
    .map((t) => ({ at: instant(Date.parse(t.finishedAt)), controlId: t.controlId, sheet: t.sheet, lineId: t.lineId, amount: t.amount, areaM2: t.areaM2 }));

/**
 * The longest clock that keeps people off a planting at `now`: its own, or one of the glasshouse or room it stands in.
 * A clock that has run out keeps nobody out, one without an end is not counted.
 */
export function keptOutOf(planting: Planting, clocks: readonly RunningClock[], now: Instant): { until: Instant; by: string } | null {
  const sameAir = (c: RunningClock) => c.enclosed && planting.site !== 'outdoors' && planting.place !== '' && c.place === planting.place;
  const out = clocks.flatMap((c) => {
    const until = c.until === null ? NaN : Date.parse(c.until);
    return until > now && (c.plantingId === planting.id || sameAir(c)) ? [{ until: instant(until), by: `${c.controlName} on ${c.plantingName}` }] : [];
  });
  return out.sort((a, b) => b.until - a.until)[0] ?? null;
}

/**
 * The one way from what is on record to what the rules judge: the ladder, the mix check of a planting that shares a mix,
 * and the season all judge by it.
 */
export function situationFacts(of: CaseRecords, at: GardenRecords): SituationFacts {
  const { planting, found } = of;
  const { garden, now } = at;
  return {
    now,
    place: { latitude: garden.latitude, longitude: garden.longitude, zone: garden.zone },
    hostId: planting.hostId,
    troubleId: found.troubleId,
    planting: {
      stage: planting.stage,
      site: planting.site,
      edible: planting.edible,
      dense: planting.dense,
      tolerance: planting.tolerance,
      pickFrom: planting.pickFrom,
      pickUntil: planting.pickUntil,
      areaM2: planting.areaM2,
      heightM: planting.heightM,
      about: planting.noFlowerOn === dayOf(now, garden.zone) ? [...planting.about, 'no-flower-open'] : planting.about,
    },
    country: garden.country || null,
    region: garden.region || null,
    policy: garden.policy,
    around: garden.around,
    homeMade: garden.homeMade,
    plans: garden.plans,
    keptOut: keptOutOf(planting, at.clocks, now),
    stageSeen: found.stageSeen,
    preventing: found.purpose !== 'seen',
    sheets: at.sheets.filter((s) => !s.specimen),
    allowedHere: at.confirmations.map((c) => `${c.sheetId} ${c.version}`),
    records: pastOf(of.treatments),
    seenSigns: of.seenSigns,
    share: of.share,
  };
}
