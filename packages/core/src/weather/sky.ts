import { instant } from '../measure';
import type { HourlyWeather } from './hourly';
import { irradiance, sunAltitude, sunTimes, type Place } from './sun';

const HOUR = 3_600_000;

/** Wind as a gardener sees it: Beaufort 0 to 5 (WMO, Manual on Codes, land signs). */
export const WINDS = ['smoke-straight', 'smoke-drifts', 'leaves-rustle', 'twigs-move', 'branches-move', 'small-trees-sway'] as const;
export type Wind = (typeof WINDS)[number];
export const LEAVES = ['dry', 'dew', 'wet'] as const;
export const SKIES = ['clear', 'half', 'overcast'] as const;
/** What is not known to stay away counts as coming. */
export const CHANCES = ['no', 'perhaps', 'yes'] as const;
export type Chance = (typeof CHANCES)[number];
/** The warmest of tomorrow, as a forecast on the radio or a grower's nose has it. */
export const WARMTHS = ['under-25', 'under-30', 'hotter'] as const;

/**
 * A look at the sky where no station and no file says what it is like: now, and the night to come, and the two days
 * after it for what needs longer.
 */
export interface SkyLook {
  readonly id: string;
  readonly at: string;
  readonly temperatureC: number;
  readonly wind: Wind;
  readonly leaf: (typeof LEAVES)[number];
  readonly sky: (typeof SKIES)[number];
  readonly rainTonight: Chance;
  /** Null when it was not said: what needs more than the night stays closed. */
  readonly twoDays: { readonly rain: Chance; readonly frost: Chance; readonly warmest: (typeof WARMTHS)[number] } | null;
}

/**
 * Metres a second for each. The upper bound of each class, since a gust drifts; smoke that drifts counts as less than
 * what clears a still evening, since it may be (WMO: 0.3 to 1.5 m/s).
 */
const WIND_MS: Readonly<Record<Wind, number>> = {
  'smoke-straight': 0.2,
  'smoke-drifts': 0.8,
  'leaves-rustle': 3.3,
  'twigs-move': 5.4,
  'branches-move': 7.9,
  'small-trees-sway': 10.7,
};
const CLOUD = { clear: 0.1, half: 0.5, overcast: 1 } as const;
/** Upper bounds; "hotter" may be anything. */
const WARMEST_C = { 'under-25': 25, 'under-30': 30, hotter: 40 } as const;

/** Rain that may come is taken for rain that comes, mm in each hour. */
const RAIN_MM = 0.5;
/** A clear night cools by up to so much and an overcast one by half of it; nobody said how warm a day gets, so it may by so much (from memory). */
const NIGHT_COOLS_C = 8;
const DAY_WARMS_C = 10;
/** What is left of dew and of rain on leaves, on the long side (from memory). */
const WET_HOURS = 3;
const DEW_PCT = 95;
/** Nobody sees how damp the air is: damp enough to dry slowly, and on a hot day dry enough to shrink drops (from memory). */
const MILD_PCT = 85;
const HOT_PCT = 20;
const HOT_C = 25;
/** How long one look holds: to the next morning's look, twelve hours at least; with the two days after it, for fifty. */
const NIGHT_HOURS = 12;
const TWO_DAYS_HOURS = 50;
const AFTER_SUNRISE_HOURS = 3;

/** Until when a look at the sky says what it is like, in milliseconds since 1970. */
export function skyHolds(look: SkyLook, place: Place): number {
  const at = Date.parse(look.at);
  if (look.twoDays) return at + TWO_DAYS_HOURS * HOUR;
  const least = at + NIGHT_HOURS * HOUR;
  // whoever looks in the evening is told about the next morning too
  const rise = [0, 24, 48].map((h) => sunTimes(instant(at + h * HOUR), place)?.rise ?? 0).find((r) => r > at);
  return rise === undefined ? least : Math.max(least, Math.min(rise + AFTER_SUNRISE_HOURS * HOUR, at + 24 * HOUR));
}

/**
 * The hours that a look at the sky stands for, from two hours before it (for leaves that are still wet). Wherever it
 * leaves a choice, the hours are the worse for spraying: rain that may come comes, a clear night brings dew, a day may
 * get hot, a night may freeze unless somebody said that it will not.
 */
export function hoursOfSky(look: SkyLook, place: Place): HourlyWeather[] {
  const at = Date.parse(look.at);
  const start = Math.floor(at / HOUR) * HOUR;
  const end = skyHolds(look, place);
  const out: HourlyWeather[] = [];
  for (let t = start - 2 * HOUR; t < end; t += HOUR) {
    const altitude = sunAltitude(instant(t), place);
    const tonight = t < start + NIGHT_HOURS * HOUR;
    const chance = tonight ? look.rainTonight : (look.twoDays?.rain ?? look.rainTonight);
    const stillWet = look.leaf !== 'dry' && t < start + WET_HOURS * HOUR;
    const dew = altitude < 0 && look.sky !== 'overcast';
    const temperatureC = Math.round(warmth(look, place, t) * 10) / 10;
    out.push({
      at: new Date(t).toISOString(),
      temperatureC,
      // nobody said that it gets any warmer than it is
      leastC: Math.min(temperatureC, look.temperatureC),
      humidityPct: stillWet || dew ? DEW_PCT : temperatureC >= HOT_C ? HOT_PCT : MILD_PCT,
      windMs: WIND_MS[look.wind],
      // what fell before still stands on the leaves; what may fall does
      rainMm: t > start && chance !== 'no' ? RAIN_MM : look.leaf === 'wet' && t <= start ? 0.1 : 0,
      cloud: CLOUD[look.sky],
      certainty: t <= at ? 'known' : 'guess',
    });
  }
  return out;
}

/** Degrees at a moment: as read now, cooling in the dark, warming with the sun as far as nobody ruled it out. */
function warmth(look: SkyLook, place: Place, t: number): number {
  const at = Date.parse(look.at);
  if (t <= at) return look.temperatureC;
  const altitude = sunAltitude(instant(t), place);
  const sameDay = t - at < NIGHT_HOURS * HOUR && altitude > sunAltitude(instant(at), place);
  if (altitude > 0) {
    const high = look.twoDays ? WARMEST_C[look.twoDays.warmest] : look.temperatureC + DAY_WARMS_C;
    const sun = Math.min(1, irradiance(altitude, 0) / 500);
    // the rest of this day goes on from what was read
    return sameDay || t - at > NIGHT_HOURS * HOUR ? Math.max(look.temperatureC, look.temperatureC + (high - look.temperatureC) * sun) : look.temperatureC;
  }
  const cools = look.sky === 'overcast' ? NIGHT_COOLS_C / 2 : NIGHT_COOLS_C;
  const low = look.temperatureC - cools;
  if (!look.twoDays) return low;
  return look.twoDays.frost === 'no' ? Math.max(1, low) : Math.min(-1, low);
}
