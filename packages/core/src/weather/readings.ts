import { instant } from '../measure';
import type { HourlyWeather } from './hourly';
import { sunTimes, type Place } from './sun';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/** When rain fell, as far as the one who emptied the gauge knows. */
export const RAIN_FELL = ['night', 'morning', 'afternoon', 'evening', 'on-and-off'] as const;
export type RainFell = (typeof RAIN_FELL)[number];

/** What was read off a maximum-minimum thermometer and a rain gauge, once a day. */
export interface Reading {
  /** The local day on which it was read: there is one a day. */
  readonly id: string;
  readonly revision: number;
  /** When it was read and set back. */
  readonly at: string;
  readonly leastC: number;
  readonly mostC: number;
  /** Null where there is no gauge: then nothing is known of rain. */
  readonly rainMm: number | null;
  /** Null where nobody knows: it may have fallen on and off. */
  readonly rainFell: RainFell | null;
}

/** A thermometer that was not set back for longer says too little of any one day. */
const LONGEST_MS = 3 * DAY;

/** From when a reading tells: since the one before it, or a day where there is none. */
export function tellsFrom(reading: Reading, before: Reading | undefined): number {
  const at = Date.parse(reading.at);
  const last = before ? Date.parse(before.at) : -Infinity;
  return at - last <= LONGEST_MS ? last : at - DAY;
}

/** The coldest comes at sunrise and the warmest two hours after noon by the sun (de Wit 1978). */
const WARMEST_AFTER_NOON_MS = 2 * HOUR;
/** Where the sun does not rise or set, by the clock of the sun: at six, and at two. */
const POLAR = { coldest: 6, warmest: 14 } as const;

interface Anchor {
  readonly at: number;
  readonly kind: 'least' | 'most';
}

/** The moments of a day's coldest and warmest. @param middle about the middle of the day by the sun, ms */
function anchorsOf(middle: number, place: Place): readonly Anchor[] {
  const sun = sunTimes(instant(middle), place);
  const midnight = middle - DAY / 2;
  return [
    { at: sun ? sun.rise : midnight + POLAR.coldest * HOUR, kind: 'least' },
    { at: sun ? (sun.rise + sun.set) / 2 + WARMEST_AFTER_NOON_MS : midnight + POLAR.warmest * HOUR, kind: 'most' },
  ];
}

interface Point {
  readonly at: number;
  readonly c: number;
}

/** The turning points within a reading's time: where it holds no morning or no afternoon, the edge that is nearest to one. */
function pointsOf(reading: Reading, from: number, place: Place): Point[] {
  const to = Date.parse(reading.at);
  const noon = Math.floor(from / DAY) * DAY + DAY / 2 - (place.longitude / 360) * DAY;
  const anchors = Array.from({ length: Math.ceil((to - from) / DAY) + 3 }, (_, i) => anchorsOf(noon + (i - 1) * DAY, place)).flat();
  const value = { least: reading.leastC, most: reading.mostC };
  return (['least', 'most'] as const).flatMap((kind) => {
    const own = anchors.filter((a) => a.kind === kind);
    const inside = own.filter((a) => a.at >= from && a.at <= to);
    if (inside.length > 0) return inside.map((a) => ({ at: a.at, c: value[kind] }));
    const away = (edge: number) => Math.min(...own.map((a) => Math.abs(a.at - edge)));
    return [{ at: away(from) <= away(to) ? from : to, c: value[kind] }];
  });
}

/** Between two points on half a cosine; before the first and after the last on its own value. */
function along(points: readonly Point[], at: number): number {
  const i = points.findIndex((p) => p.at >= at);
  const b = points[i];
  const a = points[i - 1];
  if (!b) return points.at(-1)?.c ?? Number.NaN;
  if (!a) return b.c;
  return a.c + ((b.c - a.c) * (1 - Math.cos((Math.PI * (at - a.at)) / (b.at - a.at)))) / 2;
}

/** Saturation vapour pressure over water, hPa (Alduchov & Eskridge 1996: Magnus form). */
const saturation = (c: number): number => 6.1094 * Math.exp((17.625 * c) / (c + 243.04));
/** While rain falls the air is as damp as this at least (from memory). */
const RAIN_PCT = 95;
/** Nobody read the wind or the sky: they stand at their worse, so that nothing is taken for calm or shade. */
const NOT_READ = { windMs: 90, cloud: 0 } as const;

/**
 * Hours between the readings of some days: warmth by a sine through the least and the most, the air as damp as it is with
 * the dew point at the least (common practice), rain spread over the part of the day in which it fell.
 * Only whole hours that readings cover are told; all are `reckoned`.
 * @param readings in any order @source de Wit, Goudriaan & van Laar 1978, Simulation of assimilation, respiration and transpiration of crops
 */
export function hoursOfReadings(readings: readonly Reading[], place: Place): HourlyWeather[] {
  const sorted = [...readings].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const told = sorted.map((reading, i) => {
    const from = tellsFrom(reading, sorted[i - 1]);
    return { reading, from, to: Date.parse(reading.at), points: pointsOf(reading, from, place) };
  });
  const out: HourlyWeather[] = [];
  told.forEach(({ reading, from, to }, i) => {
    // one run of readings is one curve
    const near = [told[i - 1], told[i], told[i + 1]].filter((t) => t !== undefined && (t === told[i] || joined(told, t, i)));
    const points = near.flatMap((t) => t?.points ?? []).sort((a, b) => a.at - b.at);
    // nobody reads on the hour: the hour between two readings is the later one's, so that none is missing
    const first = (from === told[i - 1]?.to ? Math.floor(from / HOUR) : Math.ceil(from / HOUR)) * HOUR;
    const hours = Array.from({ length: Math.max(0, Math.floor((to - first) / HOUR)) }, (_, n) => first + n * HOUR);
    const wet = hours.filter((t) => falls(reading.rainFell, t, place));
    const share = reading.rainMm === null ? 0 : reading.rainMm / (wet.length || hours.length || 1);
    const raining = new Set(wet.length > 0 ? wet : hours);
    for (const t of hours) {
      // the middle of the hour stands for it
      const c = Math.min(reading.mostC, Math.max(reading.leastC, along(points, t + HOUR / 2)));
      const rainMm = raining.has(t) ? share : 0;
      const damp = (100 * saturation(reading.leastC)) / saturation(c);
      out.push({
        at: new Date(t).toISOString(),
        temperatureC: Math.round(c * 10) / 10,
        humidityPct: Math.round(Math.max(rainMm > 0 ? RAIN_PCT : 0, Math.min(100, damp))),
        rainMm: Math.round(rainMm * 1000) / 1000,
        ...NOT_READ,
        unread: reading.rainMm === null ? ['rain', 'wind', 'cloud'] : ['wind', 'cloud'],
        certainty: 'reckoned',
      });
    }
  });
  return out;
}

/** Whether a reading's neighbour leads on to it without a gap. */
const joined = (
  told: readonly { readonly from: number; readonly to: number }[],
  neighbour: { readonly from: number; readonly to: number },
  i: number,
): boolean => neighbour.to === told[i]?.from || neighbour.from === told[i]?.to;

/** By the clock of the sun. */
const PARTS: Readonly<Record<Exclude<RainFell, 'on-and-off'>, readonly [from: number, to: number]>> = {
  night: [0, 6],
  morning: [6, 12],
  afternoon: [12, 18],
  evening: [18, 24],
};

function falls(fell: RainFell | null, t: number, place: Place): boolean {
  if (fell === null || fell === 'on-and-off') return true;
  const hour = ((((t + HOUR / 2) / HOUR + place.longitude / 15) % 24) + 24) % 24;
  const [from, to] = PARTS[fell];
  return hour >= from && hour < to;
}
