import { z } from 'zod';
import { CERTAINTIES } from '../weather/certainty';
import { hourlyWeatherSchema } from '../weather/hourly';
import { caseSchema } from './case';
import { daySchema, idSchema, instantSchema } from './common';
import { lookSchema } from './look';
import { photoSchema } from './photo';
import { treatmentSchema } from './treatment';

/** The clock that every screen goes by. Fixed in a demonstration; then it can be moved on. */
export const clockSchema = z.object({ now: instantSchema, fixed: z.boolean() });
export type Clock = z.infer<typeof clockSchema>;

/** Something in the database that can not be read; the rest of it is there. */
export const unreadableSchema = z.object({ kind: z.string(), id: z.string(), why: z.string() });
export type Unreadable = z.infer<typeof unreadableSchema>;

export const healthSchema = z.object({
  status: z.literal('ok'),
  version: z.string(),
  now: instantSchema,
  demo: z.boolean(),
  unreadable: z.array(unreadableSchema).default([]),
});

/**
 * Who says what an hour is like: a station or a loaded file, what was read off by hand, a look at the sky, or the
 * demonstration, which makes it up.
 */
export const HOUR_SOURCES = ['station', 'file', 'reading', 'seen', 'demonstration'] as const;
export type HourSource = (typeof HOUR_SOURCES)[number];

/**
 * Hours served by the weather route, one after the other with none missing: those that are not there are not known.
 * `source` is that of the hour at hand, `none` where nobody says anything of it; `holdsUntil` is the end of the last.
 */
export const weatherSchema = z.object({
  source: z.enum([...HOUR_SOURCES, 'none']),
  holdsUntil: instantSchema.nullable(),
  seenAt: instantSchema.nullable(),
  hours: z.array(hourlyWeatherSchema.extend({ source: z.enum(HOUR_SOURCES) })),
});
export type Weather = z.infer<typeof weatherSchema>;

/** Whether a station of the household's own is asked, and what it last said. Its address is nobody's but the house's. */
export const stationSchema = z.object({
  asked: z.boolean(),
  lastGoodAt: instantSchema.nullable(),
  /** What stands against it now; null where it answers. */
  fault: z.string().nullable(),
  /** Hours of its last answer that could not be. */
  dropped: z.number().int(),
});
export type StationState = z.infer<typeof stationSchema>;

/** One local day of weather, of what is known of it. */
export const weatherDaySchema = z.object({
  day: z.iso.date(),
  leastC: z.number(),
  mostC: z.number(),
  /** Null where nobody told of rain. */
  rainMm: z.number().nullable(),
  wetHours: z.number(),
  /** °C-days above 10. */
  warmth: z.number(),
  /** All but two of its hours are known. */
  whole: z.boolean(),
  /** As sure as its least sure hour. */
  sure: z.enum(CERTAINTIES),
});
export type WeatherDayView = z.infer<typeof weatherDaySchema>;

const usualSchema = z.object({ low: z.number(), likely: z.number(), high: z.number() });

/** Some weeks of one year in sums. */
export const sameWeeksSchema = z.object({
  year: z.number().int(),
  /** Whole days of them. */
  days: z.number().int(),
  /** Null where some had no gauge. */
  rainMm: z.number().nullable(),
  /** °C-days above 10, summed up day by day. */
  warmth: z.array(z.number()),
  frosts: z.number().int(),
});
export type SameWeeks = z.infer<typeof sameWeeksSchema>;

/** What is usual where nobody foretells, and the same weeks of earlier years. */
export const climateSchema = z.object({
  /** Whether it goes by this garden's own earlier years, or by what is usual at its latitude. */
  basis: z.enum(['own', 'normal']),
  /** Earlier years of this garden that are known at this time of the year. */
  years: z.number().int(),
  /** Of the coming days those that nobody foretells. */
  ahead: z.array(
    z.object({
      day: z.iso.date(),
      least: usualSchema,
      most: usualSchema,
      /** Of ten such days, how many were wet; null where nobody can say. */
      wetInTen: z.number().int().nullable(),
    }),
  ),
  thisYear: sameWeeksSchema.nullable(),
  /** The latest first. */
  earlier: z.array(sameWeeksSchema),
  /** By day, the middle one of the earlier years. */
  usualWarmth: z.array(z.number()),
  /** What earlier years' weather of the coming days would let in, where nobody foretells them. */
  chances: z.array(z.object({ plantingId: idSchema, troubleId: z.string(), model: z.string(), years: z.number().int() })),
});
export type ClimateView = z.infer<typeof climateSchema>;

/** A clock still running on a planting. */
export const runningClockSchema = z.object({
  treatmentId: idSchema,
  plantingId: idSchema,
  plantingName: z.string(),
  place: z.string(),
  /** Under glass or in a room: what is in the air is in all of it. */
  enclosed: z.boolean().default(false),
  controlName: z.string(),
  caseId: idSchema.nullable(),
  from: instantSchema,
  /** Null where no safe end can be named. */
  until: instantSchema.nullable(),
});
export type RunningClock = z.infer<typeof runningClockSchema>;

/** Something that waits for a hand: soap to stir, mix to use up, the next round, a dust to rinse off, a patch to look at, what rain took off, what has to dry. */
export const reminderSchema = z.object({
  kind: z.enum(['soap', 'mix', 'round', 'rinse', 'patch', 'rain', 'dry']),
  /** The batch, the shed item, the case or the planting. */
  id: idSchema,
  /** The case that it belongs to, of what is a planting’s. */
  caseId: idSchema.nullable().optional(),
  title: z.string(),
  text: z.string(),
  at: instantSchema,
});
export type Reminder = z.infer<typeof reminderSchema>;

export const todaySchema = z.object({
  keepOut: z.array(runningClockSchema),
  notToEat: z.array(runningClockSchema),
  openCases: z.array(caseSchema),
  reminders: z.array(reminderSchema),
});
export type Today = z.infer<typeof todaySchema>;

/** What is left of the last round that was put on in a case. */
export const leftSchema = z.object({
  treatmentId: idSchema,
  least: z.number(),
  likely: z.number(),
  most: z.number(),
  wear: z.enum(['holds', 'wearing-off', 'gone']),
  said: z.string(),
});
export type Left = z.infer<typeof leftSchema>;

/** How a round wore off until the next one, or until now. */
export const wornSchema = z.object({
  treatmentId: idSchema,
  /** What was left of it then, 0 … 1. */
  likely: z.number(),
  /** Days whose rain took a good part of it. */
  washed: z.array(z.object({ day: daySchema, said: z.string() })),
});
export type Worn = z.infer<typeof wornSchema>;

export const caseDetailSchema = z.object({
  case: caseSchema,
  looks: z.array(lookSchema),
  treatments: z.array(treatmentSchema),
  photos: z.array(photoSchema),
  /** Null where there is nothing that wears off, or nothing was put on. */
  left: leftSchema.nullable().default(null),
  /** Of each round that wears off, in the order they were done. */
  worn: z.array(wornSchema).default([]),
});
export type CaseDetail = z.infer<typeof caseDetailSchema>;

/** The grower has checked a specimen sheet's figures against the label in the hand. */
export const confirmationSchema = z.strictObject({ sheetId: z.string().min(1).max(64), version: z.number().int().min(1), confirmedAt: instantSchema });
export type Confirmation = z.infer<typeof confirmationSchema>;

export const treatmentPageSchema = z.object({ treatments: z.array(treatmentSchema), next: z.string().nullable() });
export type TreatmentPage = z.infer<typeof treatmentPageSchema>;
