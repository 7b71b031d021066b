import { celsius, instant, metresPerSecond, wattsPerSquareMetre, type Instant } from '../measure';
import { conditionsOver, SLOT_MS, type Conditions } from './conditions';
import type { HourlyWeather } from './hourly';
import type { Setting } from './rules';
import { sunAltitude, type Place } from './sun';

/** A room where plants live (from memory). Nobody's window sill is colder than this by much, or damper. */
const ROOM_C = 20;
const ROOM_PCT = 50;
const ROOM_DELTA_T = 6;
const ROOM_DAYS = 10;
/** In full sun a tunnel is 5 to 15 °C warmer than outside (common practice): the most of it, since what it spoils is spoilt by heat. */
const TUNNEL_C = 15;
const FULL_SUN_WM2 = 700;

/**
 * Conditions every quarter of an hour where the plants stand: outdoors as the hours say, in a tunnel warmer with the
 * sun, and in a room with no sun, wind, rain or bees, whatever the hours say and where there are none.
 */
export function conditionsAt(site: Setting['site'], hours: readonly HourlyWeather[], place: Place, now: Instant): Conditions[] {
  if (site === 'indoors') return room(place, now);
  const outside = conditionsOver(hours, place, now);
  return site === 'outdoors' ? outside : outside.map(inTunnel(outside));
}

const warmer = (c: Conditions) => TUNNEL_C * Math.min(1, c.irradiance / FULL_SUN_WM2);

const inTunnel = (slots: readonly Conditions[]) => {
  const most = slots.reduce((m, c) => Math.max(m, warmer(c)), 0);
  return (c: Conditions): Conditions => ({
    ...c,
    temperature: celsius(c.temperature + warmer(c)),
    warmestAhead: celsius(c.warmestAhead + most),
  });
};

function room(place: Place, now: Instant): Conditions[] {
  const first = Math.ceil(now / SLOT_MS) * SLOT_MS;
  let altitudeNext = sunAltitude(instant(first), place);
  return Array.from({ length: (ROOM_DAYS * 86_400_000) / SLOT_MS }, (_, i) => {
    const at = instant(first + i * SLOT_MS);
    const altitude = altitudeNext;
    altitudeNext = sunAltitude(instant(at + SLOT_MS), place);
    return {
      at,
      temperature: celsius(ROOM_C),
      leastTemperature: celsius(ROOM_C),
      humidityPct: ROOM_PCT,
      wind: metresPerSecond(0),
      rainMm: 0,
      cloud: 1,
      sunAltitude: altitude,
      sunRising: altitudeNext > altitude,
      irradiance: wattsPerSquareMetre(0),
      beesFlying: false,
      leafWet: false,
      rainInHours: Infinity,
      certainty: 'known',
      knownHours: Infinity,
      warmestAhead: celsius(ROOM_C),
      coldestAhead: celsius(ROOM_C),
      beesInHours: Infinity,
      deltaT: celsius(ROOM_DELTA_T),
    };
  });
}
