import { Router } from 'express';
import type { RunningClock, Today, Treatment } from '@sleetbrook/core/api';
import { instant } from '@sleetbrook/core/measure';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { batchStore } from '../batches/store';
import { shedStore } from '../shed/store';
import { treatmentStore } from '../treatments/store';
import { gardenStore, UNSET_GARDEN } from '../garden/store';
import { plantingStore } from '../plantings/store';
import { remindersFor } from './reminders';
import { weatherSource } from '../weather/source';
import { patchDue, rainDue, rinseDue, roundDue } from './rounds';

const DAY_MS = 86_400_000;
/** Treatments of so many days are held against the rain since. */
const RAIN_LOOK_DAYS = 35;

const running = (t: Treatment, until: string | null, enclosed: boolean): RunningClock => ({
  enclosed,
  treatmentId: t.id,
  plantingId: t.plantingId,
  plantingName: t.plantingName,
  place: t.place,
  controlName: t.controlName,
  caseId: t.caseId,
  from: t.finishedAt,
  until,
});

/** The longest clock of each planting: it is the one that counts. */
function latest(list: readonly RunningClock[]): RunningClock[] {
  const byPlanting = new Map<string, RunningClock>();
  for (const c of list) {
    const other = byPlanting.get(c.plantingId);
    // no end at all is the longest
    if (!other || (other.until !== null && (c.until === null || other.until < c.until))) byPlanting.set(c.plantingId, c);
  }
  return [...byPlanting.values()].sort((a, b) => (a.until ?? '9').localeCompare(b.until ?? '9'));
}

export function todayRoutes(context: Context): Router {
  const { db, clock } = context;
  const weather = weatherSource(context);
  const treatments = treatmentStore(db);
  const cases = caseStore(db);
  const batches = batchStore(db);
  const shed = shedStore(db);
  const plantings = plantingStore(db);
  const gardens = gardenStore(db);
  return Router().get('/today', (_req, res) => {
    const now = clock.now().toISOString();
    const inside = (t: Treatment) => plantings.find(t.plantingId)?.site !== 'outdoors';
    const openCases = cases.list('open', 200);
    const facts = { garden: gardens.stored() ?? UNSET_GARDEN, now: instant(clock.now().getTime()), planting: (id: string) => plantings.find(id) };
    const rounds = openCases.flatMap((c) => (c.laps.at(-1)?.treatmentId ? (roundDue(c, treatments.ofCase(c.id), facts) ?? []) : []));
    const recent = treatments.since(new Date(clock.now().getTime() - 2 * DAY_MS).toISOString()).flatMap((t) => {
      const before = treatments.ofPlanting(t.plantingId, new Date(clock.now().getTime() - 400 * DAY_MS).toISOString());
      return [rinseDue(t, facts), patchDue(t, before, facts)].filter((r) => r !== null);
    });
    const rained = treatments.since(new Date(clock.now().getTime() - RAIN_LOOK_DAYS * DAY_MS).toISOString()).flatMap((t) => {
      const lap = t.caseId === null ? undefined : openCases.find((c) => c.id === t.caseId)?.laps.find((l) => l.treatmentId === t.id);
      // a case that is closed, or was counted since, has seen what came of it
      const looked = t.caseId !== null && (!lap || lap.afterLookId !== null);
      const told = () => weather.told(new Date(t.finishedAt), (clock.now().getTime() - Date.parse(t.finishedAt)) / 3_600_000 + 1, facts.garden);
      const all = treatments.ofPlanting(t.plantingId, new Date(clock.now().getTime() - 400 * DAY_MS).toISOString());
      return rainDue(t, all, looked, told, facts) ?? [];
    });
    const today: Today = {
      keepOut: latest(treatments.keepOutAt(now).map((t) => running(t, t.keepOutUntil as string, inside(t)))),
      notToEat: latest([
        ...treatments.pickUnknownSince(new Date(clock.now().getTime() - 365 * 86_400_000).toISOString()).map((t) => running(t, null, inside(t))),
        ...treatments.notToEatAt(now).map((t) => running(t, t.pickFrom, inside(t))),
      ]),
      openCases,
      reminders: [...remindersFor(batches.open(), shed.mixes(), clock.now()), ...rounds, ...recent, ...rained].sort((a, b) => a.at.localeCompare(b.at)),
    };
    res.json(today);
  });
}
