import type { Case, Confirmation, Garden, Look, Planting, RunningClock, Treatment } from '@sleetbrook/core/api';
import type { PastTreatment } from '@sleetbrook/core/decide-light';
import { instant, type Instant } from '@sleetbrook/core/measure';
import { dayOf } from '@sleetbrook/core/schedule';
import type { LabelSheet } from '@sleetbrook/core/label';
import type { HourlyWeather } from '@sleetbrook/core/weather';
import type { DecidingTask } from '../../workers/tasks';
import type { View } from './use-deciding';

interface Facts {
  readonly now: Instant;
  readonly found: Pick<Case, 'troubleId' | 'stageSeen' | 'purpose'>;
  readonly planting: Planting;
  readonly garden: Garden;
  readonly weather: readonly HourlyWeather[];
  readonly treatments: readonly Treatment[];
  readonly sheets: readonly LabelSheet[];
  readonly view: View;
  readonly seenSigns?: readonly string[];
  readonly share?: number | null;
  readonly failed?: readonly string[];
  /** Clocks that keep people out of somewhere now. */
  readonly clocks?: readonly RunningClock[];
  /** Labels that were held against a sheet, its law among them. */
  readonly confirmations?: readonly Confirmation[];
}

/**
 * The signs seen when signs were last asked for. A count asks for none; a look that found none of them any more
 * leaves nothing of an earlier one.
 */
export const signsNow = (looks: readonly Pick<Look, 'answers'>[]): readonly string[] =>
  [...looks]
    .reverse()
    .find((l) => l.answers.length > 0)
    ?.answers.filter((a) => a.seen)
    .map((a) => a.signId) ?? [];

/** The longest clock that keeps people off a planting: its own, or one of the glasshouse or room that it stands in. */
export function keptOutOf(planting: Planting, clocks: readonly RunningClock[]): { until: Instant; by: string } | null {
  const same = (c: RunningClock) => c.enclosed && planting.site !== 'outdoors' && planting.place !== '' && c.place === planting.place;
  const out = clocks.flatMap((c) =>
    c.until !== null && (c.plantingId === planting.id || same(c)) ? [{ until: instant(Date.parse(c.until)), by: `${c.controlName} on ${c.plantingName}` }] : [],
  );
  return out.sort((a, b) => b.until - a.until)[0] ?? null;
}

/** What the worker needs to judge the ladder for a trouble on a planting. */
export const decidingTask = ({
  now,
  found,
  planting,
  garden,
  weather,
  treatments,
  sheets,
  view,
  seenSigns = [],
  share = null,
  failed = [],
  clocks = [],
  confirmations = [],
}: Facts): DecidingTask => ({
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
  keptOut: keptOutOf(planting, clocks),
  stageSeen: found.stageSeen,
  preventing: found.purpose !== 'seen',
  sheets: sheets.filter((s) => !s.specimen),
  allowedHere: confirmations.map((c) => `${c.sheetId} ${c.version}`),
  weather,
  records: pastOf(treatments),
  seenSigns,
  share,
  failed,
  school: view.school,
  whatIf: view.whatIf,
});

/** What was done to a planting, as the rules read it. */
export const pastOf = (treatments: readonly Treatment[]): PastTreatment[] =>
  treatments.map((t) => ({
    at: instant(Date.parse(t.finishedAt)),
    controlId: t.controlId,
    sheet: t.sheet,
    lineId: t.lineId,
    amount: t.amount,
    areaM2: t.areaM2,
  }));
