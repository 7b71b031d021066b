import { countsSince, SNAPSHOT_CLEARED, SNAPSHOT_DAYS, SNAPSHOT_KIND, stillCounts, warningDesk, type Snapshot } from '@sleetbrook/core/house';
import { UNSET_GARDEN } from '@sleetbrook/core/api';
import type { Context } from '../context';
import { caseStore } from '../cases/store';
import { lookStore } from '../looks/store';
import { photoStore } from '../photos/store';
import { plantingStore } from '../plantings/store';
import { ownSheetStore } from '../sheets/own-store';
import { treatmentStore } from '../treatments/store';
import { walkStore } from '../walks/store';
import { keepingOf } from './keeping';

const DAY = 86_400_000;
/** No garden has so many at once. */
const MOST_OPEN = 1000;

const unique = <T extends { readonly id: string }>(list: readonly T[]): T[] => [...new Map(list.map((x) => [x.id, x])).values()];

/** What a device takes along: see the type. @param mark what the house is at */
export function snapshotOf(context: Context, mark: string, version: string): Snapshot {
  const { db, clock, demo } = context;
  const keep = keepingOf(context);
  const treatments = treatmentStore(db);
  const sheets = ownSheetStore(db);
  const looks = lookStore(db);
  const now = clock.now();
  const ago = (days: number) => new Date(now.getTime() - days * DAY);
  const since = ago(SNAPSHOT_DAYS.records).toISOString();
  const list = caseStore(db).list;
  const open = list('open', { after: null, limit: MOST_OPEN });
  const cases = [...open, ...list('cleared', { after: null, limit: SNAPSHOT_CLEARED })];
  const from = ago(SNAPSHOT_DAYS.weatherBack);
  const to = ago(-SNAPSHOT_DAYS.weatherAhead);
  return {
    kind: SNAPSHOT_KIND,
    mark,
    clock: { now: now.toISOString(), fixed: clock.fixed },
    demo,
    version,
    garden: keep.garden.stored() ?? null,
    plantings: plantingStore(db).every(),
    looks: unique([...looks.since(since), ...cases.flatMap((c) => looks.ofCase(c.id))]),
    cases,
    treatments: unique([
      ...treatments.since(since),
      // the ledger of the ground is the same out of the house's reach
      ...treatments.copperSince(countsSince(now)).filter((t) => stillCounts(t, now)),
      ...treatments.keepOutAt(now.toISOString()),
      ...treatments.notToEatAt(now.toISOString()),
      ...open.flatMap((c) => treatments.ofCase(c.id)),
      // struck ones stay to be read
      ...treatments.newest({ after: null, limit: 50 }),
    ]),
    walks: walkStore(db).since(since),
    shed: keep.shed.list(),
    batches: keep.batches.list(),
    sprayers: keep.sprayers.list(),
    sheets: sheets.every(),
    removedSheets: sheets.removed(),
    confirmations: keep.confirmations.list(),
    photos: photoStore(db).since(since),
    milestones: keep.milestones.list(),
    hushes: keep.hushes.list(),
    skies: keep.weather.skies(from, to),
    readings: keep.readings.between(from, to),
    hours: keep.weather.loaded(from, to),
    madeUp: keep.weather.madeUp(from, (SNAPSHOT_DAYS.weatherBack + SNAPSHOT_DAYS.weatherAhead) * 24, keep.garden.stored() ?? UNSET_GARDEN),
    warnings: warningDesk({ keep, now: () => now })(),
  };
}
