import { lastingOf, methodOf, type LabelLine, type LabelSheet } from '../label';
import { instant, type Instant } from '../measure';
import { irradiance, sunAltitude, type HourlyWeather, type Place } from '../weather';

/** A share of what was put on, with what it may be at the least and at the most, 0 … 1. */
export interface Portion {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

/** How much of a round still works, and what took the rest. */
export interface Protection extends Portion {
  /** What rain, the sun, new growth and its days have left, each by itself. */
  readonly rain: Portion;
  readonly sun: Portion;
  readonly growth: Portion;
  readonly days: Portion;
  /** Rain since it went on, mm, as far as it is known. */
  readonly mm: number;
  /** Hours since it went on that nobody told of. */
  readonly unknownHours: number;
}

export interface ProtectionFacts {
  readonly sheet: LabelSheet;
  readonly line: LabelLine;
  readonly finishedAt: Instant;
  readonly now: Instant;
  readonly place: Place;
  readonly outdoors: boolean;
  /** Whether the plant puts out new leaves. */
  readonly growing: boolean;
  /** Hours that somebody told of since it went on, oldest first. */
  readonly hours: readonly HourlyWeather[];
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const WHOLE: Portion = { least: 1, likely: 1, most: 1 };
const ON_LEAVES: ReadonlySet<string> = new Set(['fine-spray', 'run-off', 'bark', 'dust-film']);

/** Rain takes it by so much more or less than its figure says (from memory). */
const RAIN_SPREAD = 0.3;
/** Before it has held a drop takes twice as much (from memory). */
const EARLY = 2;
/** New leaves are bare: in growth half of what there is has come since 7 to 10 days (common practice). */
const GROWS_HALF_DAYS = [7, 8.5, 10] as const;

const clamp = (x: number): number => Math.min(1, Math.max(0, x));
const times = (a: Portion, b: Portion): Portion => ({ least: a.least * b.least, likely: a.likely * b.likely, most: a.most * b.most });
const halved = (units: number, halves: readonly [number, number, number]): Portion => ({
  least: 0.5 ** (units / halves[0]),
  likely: 0.5 ** (units / halves[1]),
  most: 0.5 ** (units / halves[2]),
});

/**
 * The protection left of one round: washed off, spoilt by sun, outgrown, and no longer than its days; the losses multiply.
 * It never rises without a new round, and what nobody told of lowers its least.
 * @returns null for what leaves nothing to protect with (soap, oil, what goes into the soil), and where nobody knows its days
 * @source washed off: halved by its own figure of rain and gone by twice that since it dried, common practice for protectants;
 *   outgrown: common practice; spoilt by sun: from memory
 */
export function protectionLeft({ sheet, line, finishedAt, now, place, outdoors, growing, hours }: ProtectionFacts): Protection | null {
  const { days: lasts, rainMm, sunHalfDays: halves } = lastingOf(sheet);
  if (lasts === null || lasts === 0 || line.coverage === 'drenched' || !ON_LEAVES.has(methodOf(sheet, line)) || now < finishedAt) return null;
  const gone = (now - finishedAt) / DAY;
  const since = spans(hours, finishedAt, now);
  const told = since.reduce((n, s) => n + s.part, 0);
  const unknownHours = Math.max(0, gone * 24 - told);
  const unread = outdoors && (unknownHours >= 1 || since.some((s) => s.hour.unread?.includes('rain')));

  const held = finishedAt + sheet.rainfastHours * HOUR;
  const mm = since.reduce((n, s) => n + s.hour.rainMm * s.part, 0);
  // an hour that began before it had held counts as before
  const early = since.reduce((n, s) => n + (Date.parse(s.hour.at) < held ? s.hour.rainMm * s.part : 0), 0);
  const washes = outdoors && rainMm !== null;
  const washed = (spread: number) => (washes ? clamp(1 - ((mm + early * (EARLY - 1)) * spread) / (2 * rainMm)) : 1);
  const rain: Portion = { least: washes && unread ? 0 : washed(1 + RAIN_SPREAD), likely: washed(1), most: washed(1 - RAIN_SPREAD) };

  const sunny = outdoors && halves ? sunDays(since, place) : null;
  const spoilt = (sunDays: number, half: number) => 0.5 ** (sunDays / half);
  const sun: Portion =
    halves && sunny
      ? { least: spoilt(sunny.most + unknownHours / 24, halves[0]), likely: spoilt(sunny.likely, halves[1]), most: spoilt(sunny.least, halves[2]) }
      : WHOLE;

  const inside = rainMm === null;
  const growth = growing && !inside ? halved(gone, GROWS_HALF_DAYS) : WHOLE;
  const days = gone <= lasts ? WHOLE : { least: 0, likely: 0, most: 0 };
  return { ...times(times(rain, sun), times(growth, days)), rain, sun, growth, days, mm, unknownHours };
}

interface Spell {
  readonly hour: HourlyWeather;
  /** How much of the hour lies between, 0 … 1. */
  readonly part: number;
}

const spans = (hours: readonly HourlyWeather[], from: number, to: number): Spell[] =>
  hours.flatMap((hour) => {
    const start = Date.parse(hour.at);
    const part = (Math.min(start + HOUR, to) - Math.max(start, from)) / HOUR;
    return part > 0 ? [{ hour, part }] : [];
  });

/** Sun as days of a clear sky; where nobody saw the sky, from a third of it to all of it. */
function sunDays(since: readonly Spell[], place: Place): Portion {
  let [least, likely, most] = [0, 0, 0];
  const clearDay = new Map<string, number>();
  for (const { hour, part } of since) {
    const at = Date.parse(hour.at);
    const day = hour.at.slice(0, 10);
    const whole = clearDay.get(day) ?? clearDayAt(at, place);
    clearDay.set(day, whole);
    if (whole === 0) continue;
    const altitude = sunAltitude(instant(at + HOUR / 2), place);
    const clear = (irradiance(altitude, 0) * part) / whole;
    const seen = !hour.unread?.includes('cloud');
    const share = seen ? (irradiance(altitude, hour.cloud) * part) / whole : clear;
    most += share;
    likely += seen ? share : clear * HALF_CLOUDY;
    least += seen ? share : clear * CLOUDY;
  }
  return { least, likely, most };
}
/** What gets through on a grey day, and on a middling one (from memory, after Kasten & Czeplak 1980). */
const CLOUDY = 0.33;
const HALF_CLOUDY = 0.66;

/** The sum of a whole clear day's sun about an instant. */
const clearDayAt = (at: number, place: Place): number => {
  const start = Math.floor(at / DAY) * DAY;
  return Array.from({ length: 24 }, (_, i) => irradiance(sunAltitude(instant(start + (i + 0.5) * HOUR), place), 0)).reduce((a, b) => a + b, 0);
};

const WORDS: readonly { readonly from: number; readonly say: string }[] = [
  { from: 0.9, say: 'nearly all' },
  { from: 0.7, say: 'about three quarters' },
  { from: 0.42, say: 'about half' },
  { from: 0.29, say: 'about a third' },
  { from: 0.2, say: 'about a quarter' },
  { from: 0.1, say: 'little' },
  { from: 0, say: 'next to nothing' },
];
/** @example shareInWords(0.5) // 'about half' */
export const shareInWords = (share: number): string => WORDS.find((w) => share >= w.from)?.say ?? 'next to nothing';

/** Below a half it is wearing off, below a quarter it is gone: then the next round is due, as its label allows. */
export const wear = (p: Portion): 'holds' | 'wearing-off' | 'gone' => (p.likely >= 0.5 ? 'holds' : p.likely >= 0.25 ? 'wearing-off' : 'gone');

/**
 * It in words, with its range and what took the most.
 * @param rain the rain since, in the grower's units @param watered whether water from above is in it
 * @example 'About half of it is left, between a fifth and all: 12 mm of rain, new leaves.'
 */
export function sayProtection(p: Protection, rain: string, watered = false): string {
  const took = [
    { share: p.rain.likely, say: `${rain} of rain${watered ? ' and watering' : ''}` },
    { share: p.sun.likely, say: 'the sun' },
    { share: p.growth.likely, say: 'new leaves that it is not on' },
    { share: p.days.likely, say: 'its days are over' },
  ]
    .filter((l) => l.share < 0.9)
    .sort((a, b) => a.share - b.share)
    .map((l) => l.say);
  const left = shareInWords(p.likely);
  const range = p.most - p.least < 0.1 ? '' : `, between ${shareInWords(p.least).replace('about ', '')} and ${shareInWords(p.most).replace('about ', '')}`;
  const unknown = p.unknownHours >= 1 ? ` ${Math.round(p.unknownHours)} hours since then are not known.` : '';
  return `${left[0]?.toUpperCase()}${left.slice(1)} of it is left${range}${took.length > 0 ? `: ${took.join(', ')}` : ''}.${unknown}`;
}
