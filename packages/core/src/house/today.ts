import { UNSET_GARDEN, type RunningClock, type Today, type Treatment } from '../api';
import { instant } from '../measure';
import { countingRecords } from './counting';
import type { HouseContext } from './keeping';
import { remindersFor } from './reminders';
import { dryDue, patchDue, rainDue, rinseDue, roundDue } from './rounds';
import { weatherDesk } from './weather';

const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;
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

/** What keeps people out somewhere, the longest clock of each planting. */
export function keptOut({ keep, now }: HouseContext): RunningClock[] {
  const inside = (t: Treatment) => keep.plantings.find(t.plantingId)?.site !== 'outdoors';
  return latest(keep.treatments.keepOutAt(now().toISOString()).map((t) => running(t, t.keepOutUntil as string, inside(t))));
}

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

/** What runs and what waits today: the clocks of what was put on, open cases, and what is due. */
export function todayDesk(context: HouseContext) {
  const { keep, now } = context;
  const weather = weatherDesk(context);
  return (): Today => {
    const at = now().toISOString();
    const inside = (t: Treatment) => keep.plantings.find(t.plantingId)?.site !== 'outdoors';
    const openCases = keep.cases.list('open', { after: null, limit: 200 });
    const facts = { garden: keep.garden.stored() ?? UNSET_GARDEN, now: instant(now().getTime()), planting: (id: string) => keep.plantings.find(id) };
    const rounds = openCases.flatMap((c) => (c.laps.at(-1)?.treatmentId ? (roundDue(c, keep.treatments.ofCase(c.id), facts) ?? []) : []));
    const recent = keep.treatments.since(new Date(now().getTime() - 2 * DAY_MS).toISOString()).flatMap((t) => {
      const before = countingRecords(keep, t.plantingId, now());
      return [rinseDue(t, facts), patchDue(t, before, facts)].filter((r) => r !== null);
    });
    // read once for all that was put on, and only where somebody asks
    let read: ReturnType<typeof weather.told> | null = null;
    const hours = () => (read ??= weather.told(new Date(now().getTime() - RAIN_LOOK_DAYS * DAY_MS), RAIN_LOOK_DAYS * 24 + 1, facts.garden));
    const lately = keep.treatments.since(new Date(now().getTime() - RAIN_LOOK_DAYS * DAY_MS).toISOString());
    const rained = lately.flatMap((t) => {
      const lap = t.caseId === null ? undefined : openCases.find((c) => c.id === t.caseId)?.laps.find((l) => l.treatmentId === t.id);
      // a case that is closed, or was counted since, has seen what came of it
      const looked = t.caseId !== null && (!lap || lap.afterLookId !== null);
      const from = new Date(Math.floor(Date.parse(t.finishedAt) / HOUR_MS) * HOUR_MS).toISOString();
      const told = () => hours().filter((h) => h.at >= from);
      const all = () => countingRecords(keep, t.plantingId, now());
      return rainDue(t, lately, all, looked, told, facts) ?? [];
    });
    const drying = lately.flatMap((t) => dryDue(t, facts) ?? []);
    return {
      keepOut: keptOut(context),
      notToEat: latest([
        ...keep.treatments.pickUnknownSince(new Date(now().getTime() - 365 * 86_400_000).toISOString()).map((t) => running(t, null, inside(t))),
        ...keep.treatments.notToEatAt(at).map((t) => running(t, t.pickFrom, inside(t))),
      ]),
      openCases,
      reminders: [...remindersFor(keep.batches.open(), keep.shed.mixes(), now()), ...rounds, ...recent, ...rained, ...drying].sort((a, b) =>
        a.at.localeCompare(b.at),
      ),
    };
  };
}
