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
 * the dark counts from sunrise, and dew alone sets none free. Once it has been wet for long enough, rain after a dry hour
 * begins another.
 */
export function scabSpells(hours: readonly HourlyWeather[], place: Place): ScabSpell[] {
  return wetSpells(hours, { joins: JOINS_HOURS }).flatMap((spell) => {
    const out: ScabSpell[] = [];
    for (let rest = spell.wet; rest.length > 0;) {
      const found = firstOf(rest, place);
      if (!found) break;
      out.push(found.spell);
      rest = found.rest;
    }
    return out;
  });
}

/** The first spell of some wet hours that are added up, and the hours after it; null where no rain begins one by day. */
function firstOf(hours: readonly HourlyWeather[], place: Place): { readonly spell: ScabSpell; readonly rest: readonly HourlyWeather[] } | null {
  const rain = hours.findIndex((h) => h.rainMm > 0);
  const day = rain < 0 ? -1 : hours.findIndex((h, i) => i >= rain && sunAltitude(instant(Date.parse(h.at) + HOUR / 2), place) > 0);
  const from = hours[rain];
  if (day < 0 || !from) return null;
  const wet = hours.slice(day);
  let n = 1;
  const lets = () => {
    const needs = scabWetHours(meanC(wet.slice(0, n)));
    return needs !== null && n >= needs;
  };
  while (n <= wet.length && !lets()) n++;
  const infected = n <= wet.length;
  // it goes on for as long as leaves stay wet
  let end = Math.min(n, wet.length);
  while (infected && end < wet.length && startOf(wet[end]) - startOf(wet[end - 1]) === HOUR) end++;
  const counted = wet.slice(0, Math.min(n, wet.length));
  const mean = meanC(counted);
  return {
    spell: {
      from: Date.parse(from.at),
      infectedAt: infected ? startOf(counted.at(-1)) + HOUR : null,
      wetHours: end,
      needs: scabWetHours(mean),
      meanC: mean,
      sure: surenessOf(counted),
    },
    rest: infected ? wet.slice(end) : [],
  };
}

const startOf = (h: HourlyWeather | undefined): number => Date.parse(h?.at ?? '');

/** °C-days above 0 after green tip, by which ascospores are about gone (from memory). */
export const SCAB_SPORES_GONE_DD = 415;

/** Days from an infection to spots: 9 at 17 to 24 °C, 17 at 9 °C (Mills 1944), in a line between; colder takes at least 17. */
export const scabSpotsAfter = (c: number): number => (c >= 17 ? 9 : Math.min(17, Math.round(26 - c)));
