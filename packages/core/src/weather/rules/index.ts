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

/** Told apart from its sentence: the test runs for every quarter hour of ten days, the sentence a few times. */
interface HourRule {
  readonly code: string;
  /** The need it is about: where a control has no such need, it never speaks. */
  readonly about: keyof HourNeeds;
  readonly closes: (c: Conditions, needs: HourNeeds, setting: Setting) => boolean;
  readonly say: (c: Conditions, needs: HourNeeds, setting: Setting) => string;
}

const rule = (code: string, about: keyof HourNeeds, closes: HourRule['closes'], say: HourRule['say']): HourRule => ({ code, about, closes, say });

/** Every hour rule, most serious first: the first that speaks is shown. Adding one is adding an entry. */
export const HOUR_RULES: readonly HourRule[] = [
  rule(
    'bees',
    'bees',
    (c, n, s) => n.bees !== undefined && c.beesFlying && s.site !== 'indoors' && (n.bees === 'always' || s.inFlower),
    (_c, _n, s) => (s.inFlower ? 'Bees are on the flowers' : 'Bees are flying'),
  ),
  rule(
    'heat',
    'maxTempC',
    (c, n) => n.maxTempC !== undefined && c.temperature >= n.maxTempC,
    (c, n) => `Too hot: ${trim(c.temperature, 0)} °C, limit ${n.maxTempC} °C`,
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
    'rain',
    'rainFreeHours',
    (c, n, s) => n.rainFreeHours !== undefined && s.site === 'outdoors' && c.rainInHours === 0,
    () => 'Rain: it would run off',
  ),
  rule(
    'rain-to-come',
    'rainFreeHours',
    (c, n, s) => n.rainFreeHours !== undefined && s.site === 'outdoors' && c.rainInHours > 0 && c.rainInHours < n.rainFreeHours,
    (c, n) => `Rain in ${c.rainInHours < 0.5 ? 'under 1' : trim(c.rainInHours, 0)} h, it needs ${n.rainFreeHours} h dry`,
  ),
  rule(
    'cold',
    'minTempC',
    (c, n, s) => n.minTempC !== undefined && s.site !== 'indoors' && c.temperature < n.minTempC,
    (c, n) => `Too cold: ${trim(c.temperature, 0)} °C, from ${n.minTempC} °C`,
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
    (c, n) => n.duskOnly === true && (c.sunAltitude > 4 || c.sunAltitude < -6),
    () => 'Only as the sun goes down',
  ),
  rule(
    'dark',
    'daylight',
    (c, n, s) => n.daylight === true && s.site !== 'indoors' && c.sunAltitude < -6,
    () => 'Too dark to see what you cover',
  ),
];

/** The rules that can speak for these needs, in the same order. */
export const hourRulesFor = (needs: HourNeeds): readonly HourRule[] => HOUR_RULES.filter((r) => needs[r.about] !== undefined);
