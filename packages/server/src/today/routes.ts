import { Router } from 'express';
import type { RunningClock, Today, Treatment } from '@sleetbrook/core/api';
import { caseStore } from '../cases/store';
import type { Context } from '../context';
import { batchStore } from '../batches/store';
import { shedStore } from '../shed/store';
import { treatmentStore } from '../treatments/store';
import { remindersFor } from './reminders';

const running = (t: Treatment, until: string | null): RunningClock => ({
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

export function todayRoutes({ db, clock }: Context): Router {
  const treatments = treatmentStore(db);
  const cases = caseStore(db);
  const batches = batchStore(db);
  const shed = shedStore(db);
  return Router().get('/today', (_req, res) => {
    const now = clock.now().toISOString();
    const today: Today = {
      keepOut: latest(treatments.keepOutAt(now).map((t) => running(t, t.keepOutUntil as string))),
      notToEat: latest([
        ...treatments.pickUnknownSince(new Date(clock.now().getTime() - 365 * 86_400_000).toISOString()).map((t) => running(t, null)),
        ...treatments.notToEatAt(now).map((t) => running(t, t.pickFrom)),
      ]),
      openCases: cases.list('open', 200),
      reminders: remindersFor(batches.open(), shed.mixes(), clock.now()),
    };
    res.json(today);
  });
}
