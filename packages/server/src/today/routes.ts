import { Router } from 'express';
import type { RunningClock, Today, Treatment } from '@sleetbrook/core/api';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { batchStore } from '../batches/store';
import { shedStore } from '../shed/store';
import { treatmentStore } from '../treatments/store';
import { remindersFor } from './reminders';

const running = (t: Treatment, until: string): RunningClock => ({
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
    if (!other || other.until < c.until) byPlanting.set(c.plantingId, c);
  }
  return [...byPlanting.values()].sort((a, b) => a.until.localeCompare(b.until));
}

export function todayRoutes({ db, clock }: Context): Router {
  const treatments = treatmentStore(db);
  const cases = caseStore(db);
  const batches = batchStore(db);
  const shed = shedStore(db);
  return Router().get('/today', (_req, res) => {
    const now = clock.now().toISOString();
    const today: Today = {
      keepOut: latest(treatments.keepOutAt(now).map((t) => running(t, t.keepOutUntil as string))),
      notToEat: latest(treatments.notToEatAt(now).map((t) => running(t, t.pickFrom as string))),
      openCases: cases.list('open', 200),
      reminders: remindersFor(batches.open(), shed.mixes(), clock.now()),
    };
    res.json(today);
  });
}
