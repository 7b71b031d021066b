import { UNSET_GARDEN, type ClimateView, type SameWeeks, type WeatherDayView } from '../api';
import { middleWarmth, normalDay, ownDay, weeksOf } from '../climate';
import { instant } from '../measure';
import { addDays, dayOf, dayStart, type LocalDay } from '../schedule';
import { chancesOf, daySummaries } from '../warn';
import type { HourlyWeather } from '../weather';
import { z } from 'zod';
import type { HouseContext } from './keeping';
import { parse } from './refusal';
import { warningFacts } from './season';
import { weatherDesk } from './weather';

const HOUR = 3_600_000;
/** Nobody looks further, forwards or back. */
const AHEAD_DAYS = 10;
const MOST_YEARS = 10;
/** Days about the coming ones that tell what is usual on them. */
const AROUND_DAYS = 8;
/** With fewer years nothing is said of chances (from memory). */
const LEAST_YEARS = 3;
/** A year that lacks more of its coming hours is not laid under the forecast. */
const LEAST_SHARE = 0.9;

const querySchema = z.object({ back: z.coerce.number().int().min(1, 'At least 1 day.').max(120, 'At most 120 days.').default(30) });

/** The same day so many years before; the last of February for one that is not there. */
export function yearsBefore(day: LocalDay, years: number): LocalDay {
  const moved = `${String(Number(day.slice(0, 4)) - years).padStart(4, '0')}${day.slice(4)}`;
  return moved.endsWith('02-29') && new Date(`${moved}T00:00:00Z`).getUTCDate() !== 29 ? `${moved.slice(0, 8)}28` : moved;
}

/** What is usual where nobody foretells, by this garden's earlier years or by its latitude; and those years beside this one. */
export function climateDesk(context: HouseContext) {
  const weather = weatherDesk(context);
  return (query: unknown): ClimateView => {
    const { back } = parse(querySchema, query);
    const place = context.keep.garden.stored() ?? UNSET_GARDEN;
    const { zone } = place;
    const today = dayOf(instant(context.now().getTime()), zone);
    const hoursOf = (from: LocalDay, to: LocalDay) => weather.told(new Date(dayStart(from, zone)), (dayStart(to, zone) - dayStart(from, zone)) / HOUR, place);
    const between = (days: readonly WeatherDayView[], from: LocalDay, to: LocalDay) => days.filter((d) => d.day >= from && d.day < to);

    const year = Number(today.slice(0, 4));
    const earlier: SameWeeks[] = [];
    const near: WeatherDayView[] = [];
    const coming: HourlyWeather[][] = [];
    for (let y = 1; y <= MOST_YEARS; y++) {
      const then = yearsBefore(today, y);
      const end = addDays(then, AHEAD_DAYS);
      const hours = hoursOf(addDays(then, -Math.max(back, AROUND_DAYS)), addDays(end, AROUND_DAYS));
      if (hours.length === 0) continue;
      const days = daySummaries(hours, zone);
      near.push(...days);
      const weeks = weeksOf(year - y, between(days, addDays(then, -back), then), back);
      if (weeks) earlier.push(weeks);
      const [from, to] = [dayStart(then, zone), dayStart(end, zone)];
      const moved = dayStart(today, zone) - from;
      const own = hours.filter((h) => Date.parse(h.at) >= from && Date.parse(h.at) < to);
      if (own.length >= LEAST_SHARE * AHEAD_DAYS * 24) coming.push(own.map((h) => ({ ...h, at: new Date(Date.parse(h.at) + moved).toISOString() })));
    }

    const told = daySummaries(hoursOf(addDays(today, -back), addDays(today, AHEAD_DAYS)), zone);
    const whole = new Set(told.filter((d) => d.whole).map((d) => d.day));
    const blank = Array.from({ length: AHEAD_DAYS }, (_, n) => addDays(today, n)).filter((day) => !whole.has(day));
    const own = blank.map((day) => ownDay(near, day));
    const known = own.every((d) => d !== null);
    return {
      basis: known && near.length > 0 ? 'own' : 'normal',
      years: coming.length,
      ahead: blank.map((day, i) => {
        const usual = known ? own[i] : null;
        return usual ? { day, ...usual } : { day, ...normalDay(place, day), wetInTen: null };
      }),
      thisYear: weeksOf(year, between(told, addDays(today, -back), today), back),
      earlier,
      usualWarmth: middleWarmth(earlier),
      chances: coming.length >= LEAST_YEARS && blank.length > 0 ? chancesOf(warningFacts(context), coming) : [],
    };
  };
}
