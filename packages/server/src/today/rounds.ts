import type { Case, Garden, Planting, Reminder, Treatment } from '@sleetbrook/core/api';
import { findControlCard } from '@sleetbrook/core/cards';
import { courseOf, nextRound, ofRounds } from '@sleetbrook/core/decide';
import { methodOf } from '@sleetbrook/core/label';
import { instant, type Instant } from '@sleetbrook/core/measure';
import { dayStart, inTwelveMonths } from '@sleetbrook/core/schedule';
import { sunTimes } from '@sleetbrook/core/weather';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

interface Facts {
  readonly garden: Garden;
  readonly now: Instant;
  readonly planting: (id: string) => Planting | undefined;
}

const finished = (t: Treatment): Instant => instant(Date.parse(t.finishedAt));
const iso = (at: number) => new Date(at).toISOString();

/**
 * The next round of a course that is not through: soap on a second evening, neem week by week.
 * @param treatments of the case, oldest first
 */
export function roundDue(c: Case, treatments: readonly Treatment[], { garden, planting }: Facts): Reminder | null {
  const lap = c.laps.at(-1);
  const course = courseOf(lap?.controlId ?? '');
  const last = treatments.find((t) => t.id === lap?.treatmentId);
  if (!lap?.controlId || !course || !last || lap.afterLookId) return null;
  const rounds = treatments.filter((t) => t.controlId === lap.controlId && t.struck === null);
  if (rounds.length >= course.rounds.least) return null;
  const line = last.sheet?.lines.find((l) => l.id === last.lineId);
  const used = inTwelveMonths(
    rounds.map((t) => ({ at: finished(t) })),
    finished(last),
    garden.zone,
  ).length;
  const on = nextRound({
    controlId: lap.controlId,
    done: rounds.map(finished),
    labelDays: line?.intervalDays ?? 0,
    timesLeft: line?.maxPerSeason == null ? null : Math.max(0, line.maxPerSeason - used),
    zone: garden.zone,
  });
  if (on === null) return null;
  return {
    kind: 'round',
    id: c.id,
    title: planting(c.plantingId)?.name ?? last.plantingName,
    text: `${findControlCard(lap.controlId)?.name ?? last.controlName}: round ${rounds.length + 1} of ${ofRounds(course.rounds)}`,
    at: iso(dayStart(on, garden.zone)),
  };
}

/** A dust that harms bees is off the plants before they fly. */
export function rinseDue(t: Treatment, { garden, now, planting }: Facts): Reminder | null {
  const line = t.sheet?.lines.find((l) => l.id === t.lineId) ?? t.sheet?.lines[0];
  if (!t.sheet || !line || t.struck || t.sheet.bees === 'none' || methodOf(t.sheet, line) !== 'dust-film') return null;
  if (planting(t.plantingId)?.site === 'indoors' || now - finished(t) > DAY) return null;
  const days = [0, 1].map((n) => sunTimes(instant(finished(t) + n * DAY), garden)?.rise).filter((r) => r !== undefined && r > finished(t));
  const rise = days[0];
  if (rise === undefined) return null;
  return { kind: 'rinse', id: t.plantingId, title: t.plantingName, text: `${t.controlName}: with flowers near, rinse it off before bees fly`, at: iso(rise) };
}

/** What is new on a plant shows within two days whether it bears it. */
export function patchDue(t: Treatment, before: readonly Treatment[], { now }: Facts): Reminder | null {
  const isNew = !before.some((x) => x.controlId === t.controlId && x.finishedAt < t.finishedAt && x.struck === null);
  if (!t.sheet || t.struck || !isNew || now - finished(t) > 2 * DAY) return null;
  return {
    kind: 'patch',
    id: t.plantingId,
    title: t.plantingName,
    text: `${t.controlName} was new here: look for scorched or limp leaves`,
    at: iso(finished(t) + DAY),
  };
}
