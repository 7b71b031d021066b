import type { RunningClock } from '../api';
import type { Trouble } from '../catalogue';
import { findHost } from '../catalogue/hosts';
import type { PastTreatment, Situation } from '../decide';
import { instant, type Instant } from '../measure';
import { dayOf } from '../schedule';
import { conditionsAt, type Conditions, type HourlyWeather } from '../weather';
import type { CourseFacts, SeasonFacts } from './types';

const HOUR = 3_600_000;
/** Hours back, so that it is known whether leaves are wet. */
const BACK_H = 3;

/** The hours without a gap from now on, with a few before them; none where nobody tells of this hour. */
export function hoursFromNow(hours: readonly HourlyWeather[], now: Instant): readonly HourlyWeather[] {
  const here = Math.floor(now / HOUR) * HOUR;
  const at = hours.findIndex((h) => Date.parse(h.at) === here);
  if (at < 0) return [];
  const inRow = (a: HourlyWeather | undefined, b: HourlyWeather | undefined) =>
    a !== undefined && b !== undefined && Date.parse(b.at) - Date.parse(a.at) === HOUR;
  let first = at;
  while (at - first < BACK_H && inRow(hours[first - 1], hours[first])) first--;
  let last = at;
  while (inRow(hours[last], hours[last + 1])) last++;
  return hours.slice(first, last + 1);
}

/** What was done to a planting, as the rules read it. */
const pastOf = (facts: CourseFacts): PastTreatment[] =>
  facts.treatments
    .filter((t) => t.struck === null)
    .map((t) => ({ at: instant(Date.parse(t.finishedAt)), controlId: t.controlId, sheet: t.sheet, lineId: t.lineId, amount: t.amount, areaM2: t.areaM2 }));

/** Conditions by where plants stand: the same for all plantings of a kind of place. */
export function conditionsBySite({ garden, hours, now }: SeasonFacts): (site: CourseFacts['planting']['site']) => readonly Conditions[] {
  const run = hoursFromNow(hours, now);
  const known = new Map<string, readonly Conditions[]>();
  return (site) => {
    let here = known.get(site);
    if (!here) known.set(site, (here = conditionsAt(site, run, garden, now)));
    return here;
  };
}

/** When nobody may go to a planting, for what was done to it or in the same closed place; the longest counts. */
function keptOutOf({ planting }: CourseFacts, { keepOut, now }: SeasonFacts): Situation['keptOut'] {
  const sameAir = (c: RunningClock) => c.enclosed && planting.site !== 'outdoors' && planting.place !== '' && c.place === planting.place;
  const out = keepOut.flatMap((c) => {
    const until = c.until === null ? NaN : Date.parse(c.until);
    return until > now && (c.plantingId === planting.id || sameAir(c)) ? [{ until: instant(until), by: `${c.controlName} on ${c.plantingName}` }] : [];
  });
  return out.sort((a, b) => b.until - a.until)[0] ?? null;
}

/** The situation of a case, as the rules of the ladder judge it. */
export function situationOf(facts: CourseFacts, season: SeasonFacts, conditions: readonly Conditions[]): (trouble: Trouble) => Situation {
  const { garden, now } = season;
  const { planting } = facts;
  const host = findHost(planting.hostId);
  if (!host) throw new RangeError(`no such plant: ${planting.hostId}`);
  return (trouble) => ({
    now,
    place: garden,
    host,
    trouble,
    planting: {
      ...planting,
      about: planting.noFlowerOn === dayOf(now, garden.zone) ? [...planting.about, 'no-flower-open'] : planting.about,
    },
    policy: garden.policy,
    around: garden.around,
    homeMade: garden.homeMade,
    plans: garden.plans,
    keptOut: keptOutOf(facts, season),
    stageSeen: facts.case.stageSeen,
    conditions,
    records: pastOf(facts),
    country: garden.country || null,
    region: garden.region || null,
    preventing: facts.case.purpose !== 'seen',
    seenSigns: facts.seenSigns,
    sheets: season.sheets.filter((s) => !s.specimen),
  });
}
