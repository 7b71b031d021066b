import { trim } from '../../measure';
import type { HourNeeds } from '../../catalogue';
import type { Conditions } from '../conditions';

/** Where the plants stand and whether they flower: decides which rules apply. */
export interface Setting {
  readonly site: 'outdoors' | 'tunnel' | 'indoors';
  readonly inFlower: boolean;
}

export interface HourReason {
  readonly code: string;
  readonly sentence: string;
}

type HourRule = (c: Conditions, needs: HourNeeds, setting: Setting) => HourReason | null;

const because = (code: string, sentence: string): HourReason => ({ code, sentence });

const beesOnFlowers: HourRule = (c, n, s) => {
  if (!n.bees || !c.beesFlying || s.site === 'indoors') return null;
  if (n.bees === 'in-flower' && !s.inFlower) return null;
  return because('bees', s.inFlower ? 'Bees are on the flowers' : 'Bees are flying');
};
const tooMuchSun: HourRule = (c, n) =>
  n.maxSunWm2 !== undefined && c.irradiance > n.maxSunWm2 ? because('sun', 'Sun too strong: it scorches or spoils it') : null;
const tooHot: HourRule = (c, n) =>
  n.maxTempC !== undefined && c.temperature >= n.maxTempC ? because('heat', `Too hot: ${trim(c.temperature, 0)} °C, limit ${n.maxTempC} °C`) : null;
const tooCold: HourRule = (c, n, s) =>
  n.minTempC !== undefined && s.site !== 'indoors' && c.temperature < n.minTempC
    ? because('cold', `Too cold: ${trim(c.temperature, 0)} °C, from ${n.minTempC} °C`)
    : null;
const tooWindy: HourRule = (c, n, s) =>
  n.maxWindMs !== undefined && s.site === 'outdoors' && c.wind > n.maxWindMs ? because('wind', `Too windy: ${trim(c.wind * 3.6, 0)} km/h drifts`) : null;
const raining: HourRule = (c, n, s) =>
  n.rainFreeHours !== undefined && s.site === 'outdoors' && c.rainInHours === 0 ? because('rain', 'Rain: it would run off') : null;
const rainToCome: HourRule = (c, n, s) =>
  n.rainFreeHours !== undefined && s.site === 'outdoors' && c.rainInHours > 0 && c.rainInHours < n.rainFreeHours
    ? because(
        'rain-to-come',
        `Rain in ${trim(Math.max(c.rainInHours, 0.25), 0) === '0' ? 'under 1' : trim(c.rainInHours, 0)} h, it needs ${n.rainFreeHours} h dry`,
      )
    : null;
const leavesWet: HourRule = (c, n, s) => (n.leaf === 'dry' && s.site === 'outdoors' && c.leafWet ? because('wet-leaves', 'Leaves are wet') : null);
const leavesDry: HourRule = (c, n) => (n.leaf === 'damp' && !c.leafWet ? because('dry-leaves', 'Leaves are dry: it needs dew') : null);
const notDusk: HourRule = (c, n) => (n.duskOnly && (c.sunAltitude > 4 || c.sunAltitude < -6) ? because('not-dusk', 'Only as the sun goes down') : null);
const tooDark: HourRule = (c, n, s) => (n.daylight && s.site !== 'indoors' && c.sunAltitude < -6 ? because('dark', 'Too dark to see what you cover') : null);

/** Every hour rule, most serious first: the first that speaks is shown. Adding one is adding a line. */
export const HOUR_RULES: readonly HourRule[] = [
  beesOnFlowers,
  tooHot,
  tooMuchSun,
  tooWindy,
  raining,
  rainToCome,
  tooCold,
  leavesWet,
  leavesDry,
  notDusk,
  tooDark,
];
