import { instant } from '../../measure';
import type { Certainty } from '../certainty';
import type { HourlyWeather } from '../hourly';
import { sunAltitude, type Place } from '../sun';
import { meanC, surenessOf, wetSpells } from '../wetness';

const HOUR = 3_600_000;

/**
 * Hours of wet leaves that a first infection by ascospores takes, by the degree, 1 to 26 °C.
 * @source Mills 1944 as revised by MacHardy & Gadoury 1989, Phytopathology 79: 304-310; below 8 °C Stensvand, Gadoury & Seem 1997
 */
const WET_HOURS = [41, 35, 30, 28, 21, 18, 15, 13, 12, 11, 9, 8, 8, 7, 7, 6, 6, 6, 6, 6, 6, 6, 6, 6, 8, 11] as const;

/** The same to the nearest degree; null where the table says nothing. */
export const scabWetHours = (c: number): number | null => WET_HOURS[Math.round(c) - 1] ?? null;

/** A spell of rain that lets scab in, or comes near it. */
export interface ScabSpell {
  readonly from: number;
  /** The end of the hour in which it was wet for long enough; null while it was not. */
  readonly infectedAt: number | null;
  readonly wetHours: number;
  /** At its mean warmth; null where the table ends. */
  readonly needs: number | null;
  readonly meanC: number;
  readonly sure: Certainty;
}

/** Wet spells that are less than a day apart are added (from memory). */
const JOINS_HOURS = 23;

/**
 * Spells of rain on an apple, each held against the hours that it takes. Spores fly in rain and by day: what starts in
 * the dark counts from sunrise, and dew alone sets none free.
 */
export function scabSpells(hours: readonly HourlyWeather[], place: Place): ScabSpell[] {
  return wetSpells(hours, { joins: JOINS_HOURS }).flatMap((spell): ScabSpell[] => {
    const rain = spell.wet.findIndex((h) => h.rainMm > 0);
    if (rain < 0) return [];
    const day = spell.wet.findIndex((h, i) => i >= rain && sunAltitude(instant(Date.parse(h.at) + HOUR / 2), place) > 0);
    if (day < 0) return [];
    const wet = spell.wet.slice(day);
    let infectedAt: number | null = null;
    for (let n = 1; n <= wet.length && infectedAt === null; n++) {
      const needs = scabWetHours(meanC(wet.slice(0, n)));
      const last = wet[n - 1];
      if (needs !== null && n >= needs && last) infectedAt = Date.parse(last.at) + HOUR;
    }
    const counted = infectedAt === null ? wet : wet.filter((h) => Date.parse(h.at) < infectedAt);
    const mean = meanC(counted);
    return [{ from: spell.from, infectedAt, wetHours: wet.length, needs: scabWetHours(mean), meanC: mean, sure: surenessOf(counted) }];
  });
}

/** °C-days above 0 after green tip, by which ascospores are about gone (from memory). */
export const SCAB_SPORES_GONE_DD = 415;

/** Days from an infection to spots: 9 at 17 to 24 °C, 17 at 9 °C (Mills 1944), in a line between; colder takes at least 17. */
export const scabSpotsAfter = (c: number): number => (c >= 17 ? 9 : Math.min(17, Math.round(26 - c)));
