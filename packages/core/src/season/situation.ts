import type { Trouble } from '../catalogue';
import { findHost } from '../catalogue/hosts';
import type { Situation } from '../decide';
import type { Instant } from '../measure';
import { situationFacts } from '../situation';
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

/**
 * The situation of a case, as the rules of the ladder judge it.
 * @throws RangeError for a plant that is not in the catalogue
 */
export function situationOf(facts: CourseFacts, season: SeasonFacts, conditions: readonly Conditions[]): (trouble: Trouble) => Situation {
  const host = findHost(facts.planting.hostId);
  if (!host) throw new RangeError(`no such plant: ${facts.planting.hostId}`);
  const { case: found, planting, treatments, seenSigns, share } = facts;
  const { now, garden, sheets, confirmations, keepOut: clocks } = season;
  const known = situationFacts({ found, planting, treatments, seenSigns, share }, { now, garden, sheets, confirmations, clocks });
  return (trouble) => ({ ...known, host, trouble, conditions });
}
