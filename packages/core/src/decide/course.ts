import { seasonalMonth } from '../diagnose/recent';
import { sayDay } from '../measure';
import { addDays, dayOf, dayStart } from '../schedule/local-day';
import { thresholdFor } from '../scout/count';
import { inSeasonAt } from '../scout/usual';
import { meanAhead, whereOf } from './where';
import type { Situation } from './types';

export interface Course {
  /** What is to be expected when nothing is done, in order. */
  readonly sentences: readonly string[];
  readonly lookAgainOn: string;
  readonly acting: string;
}

const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];
const WET_MM = 10;
const THREE_DAYS = 3 * 86_400_000;
/** Air so damp wets leaves as rain does; two days of eleven hours are a Smith period (Smith 1956, potato blight). */
const DAMP_PCT = 90;
const SMITH_HOURS = 22;
/** So few damp hours let nothing in (from memory). */
const DRY_HOURS = 6;

/** What rain, dew and damp air of three days do for what needs wet leaves. */
function spread(rainMm: number, dampHours: number): string {
  if (rainMm >= WET_MM) return 'Wet days ahead suit it: expect more.';
  if (dampHours >= SMITH_HOURS) return 'Damp air and dew ahead suit it, rain or none: expect more.';
  return dampHours <= DRY_HOURS ? 'Dry days ahead: it will hardly spread.' : 'Some damp hours ahead: it may go on slowly.';
}

/**
 * What comes of leaving it: where it stands in its life and what comes next, whether the weather ahead
 * suits it, who eats it, what may be left, from how many on acting is worth it, and when to look again.
 * @param share share affected at the last count, or null when none was made
 * @param helpers names of the helpers that eat it
 */
export function courseIfLeft(s: Situation, share: number | null, helpers: readonly string[]): Course {
  const { trouble, place, planting } = s;
  const month = Number(dayOf(s.now, place.zone).slice(5, 7));
  const at = (m: number, meanC: number | null = null) => {
    const around = { month: seasonalMonth(((m - 1) % 12) + 1, place.latitude), where: whereOf(s), meanC, site: planting.site };
    return trouble.life.filter((l) => inSeasonAt(l.months, around));
  };
  const here = at(month, meanAhead(s.conditions));
  const sentences = [trouble.tolerate.text];
  if (here.length > 0) sentences.push(`Now: ${here.map((l) => `${l.stage.toLowerCase()}, ${l.where}`).join('; ')}.`);
  for (let i = 1; i <= 6; i++) {
    const fresh = at(month + i).filter((l) => !here.includes(l));
    if (fresh.length === 0) continue;
    sentences.push(`Left alone, from ${MONTHS[(month + i - 1) % 12]}: ${fresh.map((l) => `${l.stage.toLowerCase()}, ${l.where}`).join('; ')}.`);
    break;
  }
  const ahead = s.conditions.filter((c) => c.at < s.now + THREE_DAYS);
  const rain = ahead.reduce((mm, c) => mm + c.rainMm / 4, 0);
  if (ahead.length > 0 && planting.site === 'outdoors') {
    if (trouble.favours.includes('wet')) sentences.push(spread(rain, ahead.filter((c) => c.leafWet || c.humidityPct >= DAMP_PCT).length / 4));
    else if (trouble.favours.includes('dry'))
      sentences.push(rain >= WET_MM ? 'Rain in the next days will set it back.' : 'Dry days ahead suit it: expect more.');
  }
  if (helpers.length > 0) sentences.push(`${helpers.slice(0, 3).join(', ')} ${helpers.length === 1 ? 'eats' : 'eat'} it, if not sprayed.`);
  const worth = Math.round(thresholdFor(trouble.threshold.share, planting.tolerance) * 100);
  const acting =
    share === null
      ? `Acting is worth it from about ${worth} in 100 ${trouble.unit} on. Count to know.`
      : `${Math.round(share * 100)} in 100 ${trouble.unit} affected; acting is worth it from about ${worth} on.`;
  const lookAgainOn = addDays(dayOf(s.now, place.zone), trouble.lookAgainDays);
  return { sentences: [...sentences, `Look again on ${sayDay(dayStart(lookAgainOn, place.zone), place.zone)}.`], lookAgainOn, acting };
}
