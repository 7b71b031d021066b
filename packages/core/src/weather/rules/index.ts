import type { Site } from '../../catalogue/sites';
import { trim } from '../../measure';
import type { HourNeeds } from '../../catalogue';
import { dryingHours, FROST_AHEAD_H, HEAT_AHEAD_H, type Conditions } from '../conditions';

/** Where the plants stand and whether they flower: decides which rules apply. */
export interface Setting {
  readonly site: Site;
  readonly inFlower: boolean;
}

export interface HourReason {
  readonly code: string;
  readonly sentence: string;
}

/** Told apart from its sentence: the test runs for every quarter hour of ten days, the sentence a few times. */
interface HourRule {
  readonly code: string;
  /** The needs it is about: where a control has none of them, it never speaks. */
  readonly about: keyof HourNeeds | readonly (keyof HourNeeds)[];
  readonly closes: (c: Conditions, needs: HourNeeds, setting: Setting) => boolean;
  readonly say: (c: Conditions, needs: HourNeeds, setting: Setting) => string;
}

const rule = (code: string, about: HourRule['about'], closes: HourRule['closes'], say: HourRule['say']): HourRule => ({ code, about, closes, say });

/** Less cloud than this lets the ground cool, and sun lower than this (degrees) does not warm it: air lies in layers. From memory. */
const CLEAR = 0.3;
/** Hours that dust takes to settle before bees may be about (from memory). */
const SETTLE_H = 2;
const LOW_SUN = 5;

const hoursWords = (h: number) => `${h < 0.5 ? 'under 1' : trim(h, 0)} h`;

/** How far ahead the weather must be known. */
const neededHours = (n: HourNeeds) => Math.max(n.rainFreeHours ?? 0, n.mildAhead ? HEAT_AHEAD_H : 0, n.noFrostAhead ? FROST_AHEAD_H : 0);

/** Every hour rule, most serious first: the first that speaks is shown. Adding one is adding an entry. */
export const HOUR_RULES: readonly HourRule[] = [
  rule(
    'bees',
    'bees',
    (c, n, s) => n.bees !== undefined && c.beesFlying && s.site !== 'indoors' && (n.bees === 'always' || s.inFlower),
    (_c, _n, s) => (s.inFlower ? 'Bees are on the flowers' : 'Bees are flying'),
  ),
  rule(
    'not-dry',
    'bees',
    (c, n, s) =>
      n.bees !== undefined &&
      s.site !== 'indoors' &&
      (n.bees === 'always' || s.inFlower) &&
      c.beesInHours > 0 &&
      c.beesInHours < (n.dry ? SETTLE_H : dryingHours(c)),
    (c, n) =>
      n.dry
        ? `Bees fly in ${hoursWords(c.beesInHours)}: dust has to settle and be rinsed off flowers first`
        : `Bees fly in ${hoursWords(c.beesInHours)}, and it dries in ${dryingHours(c)} h`,
  ),
  rule(
    'flowers-at-dawn',
    'bees',
    (c, n, s) => n.bees !== undefined && n.dry === true && s.inFlower && s.site !== 'indoors' && c.sunRising,
    () => 'Dust that lies on flowers meets the bees of the day: only as the sun goes down',
  ),
  rule(
    'heat',
    'maxTempC',
    (c, n) => n.maxTempC !== undefined && c.temperature >= n.maxTempC,
    (c, n) => `Too hot: ${trim(c.temperature, 0)} °C, limit ${n.maxTempC} °C`,
  ),
  rule(
    'heat-ahead',
    'mildAhead',
    (c, n, s) => n.mildAhead === true && n.maxTempC !== undefined && s.site !== 'indoors' && c.warmestAhead >= n.maxTempC,
    (c, n) => `Hot within a day: ${trim(c.warmestAhead, 0)} °C, limit ${n.maxTempC} °C`,
  ),
  rule(
    'frost-ahead',
    'noFrostAhead',
    (c, n, s) => n.noFrostAhead === true && s.site !== 'indoors' && c.coldestAhead <= 0,
    (c) => `Frost within two days: ${trim(c.coldestAhead, 0)} °C`,
  ),
  rule(
    'sun',
    'maxSunWm2',
    (c, n) => n.maxSunWm2 !== undefined && c.irradiance > n.maxSunWm2,
    () => 'Sun too strong: it scorches or spoils it',
  ),
  rule(
    'wind',
    'maxWindMs',
    (c, n, s) => n.maxWindMs !== undefined && s.site === 'outdoors' && c.wind > n.maxWindMs,
    (c) => `Too windy: ${trim(c.wind * 3.6, 0)} km/h drifts`,
  ),
  rule(
    'still',
    'minWindMs',
    (c, n, s) => n.minWindMs !== undefined && s.site === 'outdoors' && c.wind < n.minWindMs && c.cloud < CLEAR && c.sunAltitude < LOW_SUN,
    () => 'Still and clear near the ground: fine drops and dust hang and drift far',
  ),
  rule(
    'dry-air',
    'maxDeltaT',
    (c, n, s) => n.maxDeltaT !== undefined && s.site === 'outdoors' && c.deltaT > n.maxDeltaT,
    () => 'Air too dry: drops shrink and drift',
  ),
  rule(
    'rain',
    'rainFreeHours',
    (c, n, s) => n.rainFreeHours !== undefined && s.site === 'outdoors' && (c.rainInHours === 0 || c.rainMm > 0),
    () => 'Rain: it would run off',
  ),
  rule(
    'rain-to-come',
    'rainFreeHours',
    (c, n, s) => n.rainFreeHours !== undefined && s.site === 'outdoors' && c.rainInHours > 0 && c.rainInHours < n.rainFreeHours,
    (c, n) => `Rain in ${hoursWords(c.rainInHours)}, it needs ${n.rainFreeHours} h dry`,
  ),
  rule(
    'too-far',
    ['maxTempC', 'minTempC', 'maxSunWm2', 'maxWindMs', 'rainFreeHours', 'leaf', 'bees'],
    (c, _n, s) => s.site !== 'indoors' && c.knownHours <= 0,
    () => 'Further ahead than a forecast tells the hours: look again nearer the day',
  ),
  rule(
    'not-known',
    'rainFreeHours',
    (c, n, s) => s.site === 'outdoors' && c.knownHours > 0 && c.knownHours < neededHours(n),
    (c, n) => `The weather is known for ${trim(Math.floor(c.knownHours), 0)} h more, it needs ${neededHours(n)} h: look again later`,
  ),
  rule(
    'cold',
    'minTempC',
    (c, n, s) => n.minTempC !== undefined && s.site !== 'indoors' && c.leastTemperature < n.minTempC,
    (c, n) => `Too cold: ${trim(c.leastTemperature, 0)} °C, from ${n.minTempC} °C`,
  ),
  rule(
    'wet-leaves',
    'leaf',
    (c, n, s) => n.leaf === 'dry' && s.site === 'outdoors' && c.leafWet,
    () => 'Leaves are wet',
  ),
  rule(
    'dry-leaves',
    'leaf',
    (c, n) => n.leaf === 'damp' && !c.leafWet,
    () => 'Leaves are dry: it needs dew',
  ),
  rule(
    'not-dusk',
    'duskOnly',
    (c, n) => n.duskOnly === true && (c.sunAltitude > 4 || c.sunAltitude < -6 || c.sunRising),
    () => 'Only as the sun goes down',
  ),
  rule(
    'dark',
    'daylight',
    (c, n, s) => n.daylight === true && s.site !== 'indoors' && c.sunAltitude < -6,
    () => 'Too dark to measure, and to see what you cover',
  ),
];

/** The rules that can speak for these needs, in the same order. */
export const hourRulesFor = (needs: HourNeeds): readonly HourRule[] => HOUR_RULES.filter((r) => [r.about].flat().some((k) => needs[k] !== undefined));
