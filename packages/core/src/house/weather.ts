import { skyLookSchema, UNSET_GARDEN, type HourSource, type Weather, type WeatherDayView } from '../api';
import { instant } from '../measure';
import { addDays, dayOf, dayStart } from '../schedule';
import { daySummaries } from '../warn';
import { certaintyOf, hoursOfReadings, hoursOfSky, skyHolds, type HourlyWeather, type Place, type SkyLook } from '../weather';
import { z } from 'zod';
import type { HouseContext } from './keeping';
import { parse } from './refusal';
import { notAhead, notLongAgo } from './times';

const HOUR = 3_600_000;
/** No look at the sky holds for longer, and each tells of the two hours before it. */
const SKY_HOURS = 50;
const SKY_BEFORE = 2;
/** No reading tells of more days, and the next ones bend its curve. */
const READING_DAYS = 7;

const querySchema = z.object({
  from: z.iso.datetime().optional(),
  hours: z.coerce.number().int().min(1, 'At least 1 hour.').max(960, 'At most 960 hours.').default(72),
});

const daysSchema = z.object({ back: z.coerce.number().int().min(0, 'At least 0 days.').max(800, 'At most 800 days.').default(30) });
/** Nobody foretells further. */
const DAYS_AHEAD = 10;

export type SaidHour = Weather['hours'][number];

/** An hour that a record keeps, and where it is from. */
export type KeptWeather = HourlyWeather & { readonly source: HourSource };

/**
 * Weather by the hour: loaded hours first, then what was seen in the sky. The stand-in is for the demonstration alone:
 * elsewhere an hour that nobody says anything of is not known, and is not served.
 */
export function weatherDesk({ keep, now: clock }: HouseContext) {
  const said = (first: number, hours: number, place: Place): (SaidHour | undefined)[] => {
    const end = first + hours * HOUR;
    const by = new Map<string, SaidHour>();
    const now = clock().getTime();
    for (const h of keep.weather.madeUp(new Date(first), hours, place))
      by.set(h.at, { ...h, certainty: certaintyOf(Date.parse(h.at), now), source: 'demonstration' });
    const looks = keep.weather.skies(new Date(first - SKY_HOURS * HOUR), new Date(end + SKY_BEFORE * HOUR)).flatMap((look) => hoursOfSky(look, place));
    const file = keep.weather.loaded(new Date(first), new Date(end));
    const around = READING_DAYS * 24 * HOUR;
    const read = hoursOfReadings(keep.readings.between(new Date(first - around), new Date(end + around)), place);
    const take = (list: readonly (HourlyWeather & { readonly source?: HourSource })[], source: HourSource) =>
      list.forEach((h) => by.set(h.at, { ...h, source: h.source ?? source }));
    const ahead = (h: HourlyWeather) => h.certainty === 'guess' || h.certainty === 'forecast';
    // what was foretold gives way to what was read, and that to what was seen or measured in its hour; a later look is
    // better than an earlier one, and a file better than a look
    take(looks.filter(ahead), 'seen');
    take(file.filter(ahead), 'file');
    take(read, 'reading');
    take(
      looks.filter((h) => !ahead(h)),
      'seen',
    );
    take(
      file.filter((h) => !ahead(h)),
      'file',
    );
    return Array.from({ length: hours }, (_, i) => by.get(new Date(first + i * HOUR).toISOString()));
  };

  const range = (from: Date, hours: number, place: Place): Weather => {
    const first = Math.floor(from.getTime() / HOUR) * HOUR;
    const all = said(first, hours, place);
    const run = runRound(all, Math.floor((clock().getTime() - first) / HOUR));
    const last = run.at(-1);
    const now = Math.floor(clock().getTime() / HOUR) * HOUR;
    const here = run.find((h) => Date.parse(h.at) === now);
    const seen = here?.source === 'seen' ? keep.weather.skies(new Date(now - SKY_HOURS * HOUR), clock()).at(-1) : undefined;
    return {
      source: here?.source ?? 'none',
      holdsUntil: last ? new Date(seen ? Math.max(skyHolds(seen, place), Date.parse(last.at)) : Date.parse(last.at) + HOUR).toISOString() : null,
      seenAt: seen?.at ?? null,
      hours: run,
    };
  };
  return {
    range,
    /** A range by its address, of the garden as it is set up. */
    read: (query: unknown): Weather => {
      const { from, hours } = parse(querySchema, query);
      return range(from ? new Date(from) : clock(), hours, keep.garden.stored() ?? UNSET_GARDEN);
    },
    /** Day by day, so many back and all that is foretold. */
    days: (query: unknown): WeatherDayView[] => {
      const { back } = parse(daysSchema, query);
      const place = keep.garden.stored() ?? UNSET_GARDEN;
      const first = Math.floor(dayStart(addDays(dayOf(instant(clock().getTime()), place.zone), -back), place.zone) / HOUR) * HOUR;
      const hours = said(first, (back + DAYS_AHEAD) * 24, place);
      return daySummaries(
        hours.filter((h): h is SaidHour => h !== undefined),
        place.zone,
      );
    },
    saveSky: (id: string, body: unknown): SkyLook => {
      const look = parse(skyLookSchema, { ...(body as object), id });
      notAhead('at', look.at, clock(), 'The sky can not be looked at in the future.');
      notLongAgo('at', look.at, clock());
      keep.weather.saveSky(look);
      return look;
    },
    /** Every hour that somebody told of, with gaps where nobody did; oldest first. */
    told: (from: Date, hours: number, place: Place): SaidHour[] =>
      said(Math.floor(from.getTime() / HOUR) * HOUR, hours, place).filter((h): h is SaidHour => h !== undefined),
    /** What may stand in a record: a measured or a seen hour, or the demonstration's; null where nobody says what it was like. */
    forRecord: (when: Date, place: Place): KeptWeather | null => {
      const hour = said(Math.floor(when.getTime() / HOUR) * HOUR, 1, place)[0];
      // a thermometer and a gauge know nothing of the wind
      return hour === undefined || hour.unread?.includes('wind') ? null : hour;
    },
  };
}

/** The hours without a gap that hold the one at hand; where that one is not known, the last ones before it. */
function runRound(all: readonly (SaidHour | undefined)[], here: number): SaidHour[] {
  let end = Math.min(Math.max(here, 0), all.length - 1);
  while (end >= 0 && all[end] === undefined) end--;
  let start = end;
  while (start > 0 && all[start - 1] !== undefined) start--;
  while (end >= 0 && end + 1 < all.length && all[end + 1] !== undefined) end++;
  return end < 0 ? [] : all.slice(start, end + 1).filter((h): h is SaidHour => h !== undefined);
}
