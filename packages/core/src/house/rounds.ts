import type { Case, Garden, Planting, Reminder, Treatment } from '../api';
import { findControlCard } from '../catalogue/light';
import { courseOf, nextRound, ofRounds } from '../decide';
import { lineOf, methodOf } from '../label';
import { instant, sayDay, type Instant } from '../measure';
import { dayStart, dryUntil, rainedOff, sayRainedOff, timesLeft } from '../schedule';
import { sunTimes, wateredAt, type HourlyWeather } from '../weather';

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
 * The day from which a control may be put on again, by its course and its label; null when the label allows no more.
 * @param rounds of one control on one planting, oldest first
 */
function againFrom(rounds: readonly Treatment[], { garden, now }: Pick<Facts, 'garden' | 'now'>): string | null {
  const { zone } = garden;
  const last = rounds.at(-1);
  if (!last) return null;
  const done = rounds.map(finished);
  return nextRound({
    controlId: last.controlId,
    troubleId: last.troubleId,
    done,
    labelDays: lineOf(last)?.intervalDays ?? 0,
    timesLeft: timesLeft(lineOf(last)?.maxPerSeason, done, now, zone),
    zone,
    where: garden,
  });
}

/**
 * The next round of a course that is not through: soap on a second evening, neem week by week.
 * @param treatments of the case, oldest first
 */
export function roundDue(c: Case, treatments: readonly Treatment[], { garden, now, planting }: Facts): Reminder | null {
  const lap = c.laps.at(-1);
  const course = courseOf(lap?.controlId ?? '', c.troubleId);
  const last = treatments.find((t) => t.id === lap?.treatmentId);
  if (!lap?.controlId || !course || !last || lap.afterLookId) return null;
  const rounds = treatments.filter((t) => t.controlId === lap.controlId && t.struck === null);
  if (rounds.length >= course.rounds.least) return null;
  const on = againFrom(rounds, { garden, now });
  if (on === null) return null;
  const left = timesLeft(lineOf(last)?.maxPerSeason, rounds.map(finished), now, garden.zone);
  return {
    kind: 'round',
    id: c.id,
    title: planting(c.plantingId)?.name ?? last.plantingName,
    text: `${findControlCard(lap.controlId)?.name ?? last.controlName}: round ${rounds.length + 1} of ${ofRounds(course.rounds, rounds.length, left)}`,
    at: iso(dayStart(on, garden.zone)),
  };
}

/** Longer than anything here stays on leaves in rain. */
const RAIN_DAYS = 35;

/**
 * What rain took off, or kept from holding. The last of its kind on a planting counts, and a look since then has seen
 * what came of it.
 * @param lately treatments of the days that rain is looked at for
 * @param before all treatments of the planting @param told the hours that somebody told of since it went on
 */
export function rainDue(
  t: Treatment,
  lately: readonly Treatment[],
  before: () => readonly Treatment[],
  looked: boolean,
  told: () => readonly HourlyWeather[],
  facts: Facts,
): Reminder | null {
  const { garden, now, planting } = facts;
  const line = lineOf(t);
  if (!t.sheet || !line || t.struck || looked || planting(t.plantingId)?.site !== 'outdoors' || now - finished(t) > RAIN_DAYS * DAY) return null;
  const same = (x: Treatment) => x.plantingId === t.plantingId && x.controlId === t.controlId && x.struck === null;
  if (lately.some((x) => same(x) && finished(x) > finished(t))) return null;
  const rain = rainedOff({ sheet: t.sheet, line, finishedAt: finished(t), now, hours: told() });
  if (!rain) return null;
  const on = againFrom(before().filter(same), { garden, now });
  return {
    kind: 'rain',
    id: t.plantingId,
    caseId: t.caseId,
    title: t.plantingName,
    text: `${t.controlName}: ${sayRainedOff(rain, t.sheet, on === null ? null : sayDay(dayStart(on, garden.zone), garden.zone), garden.units)}`,
    at: iso(rain.at),
  };
}

/** A dust that harms bees is off the plants before they fly. */
export function rinseDue(t: Treatment, { garden, now, planting }: Facts): Reminder | null {
  const line = lineOf(t);
  if (!t.sheet || !line || t.struck || t.sheet.bees === 'none' || methodOf(t.sheet, line) !== 'dust-film') return null;
  if (planting(t.plantingId)?.site === 'indoors' || now - finished(t) > DAY) return null;
  const days = [0, 1].map((n) => sunTimes(instant(finished(t) + n * DAY), garden)?.rise).filter((r) => r !== undefined && r > finished(t));
  const rise = days[0];
  if (rise === undefined) return null;
  return { kind: 'rinse', id: t.plantingId, title: t.plantingName, text: `${t.controlName}: with flowers near, rinse it off before bees fly`, at: iso(rise) };
}

/** Who waters from above washes off what has not held yet: until then it goes on the ground. */
export function dryDue(t: Treatment, { now, planting }: Facts): Reminder | null {
  const line = lineOf(t);
  if (!t.sheet || !line || t.struck || wateredAt(planting(t.plantingId)?.about ?? []) === null) return null;
  const until = dryUntil({ sheet: t.sheet, line, finishedAt: finished(t) });
  if (until === null || until <= now) return null;
  return {
    kind: 'dry',
    id: t.plantingId,
    caseId: t.caseId,
    title: t.plantingName,
    text: `${t.controlName} has to hold first: until then no water from above, on the ground alone`,
    at: iso(until),
  };
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
