import { z } from 'zod';
import { AROUND, HOME_MADE, POLICIES } from '../decide/circumstances';
import { measureSchema, STARTER_KITS } from '../measure/kit';
import { daySchema, idSchema, instantSchema, nameSchema, revisionSchema } from './common';

const validZone = (zone: string) => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
};

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Type a time such as 17:30.');

/** Hours in which somebody must be among the plants. */
export const planSchema = z
  .strictObject({
    days: z.array(z.number().int().min(1).max(7)).min(1, 'Choose at least one day.').max(7),
    from: clock,
    to: clock,
    what: z.string().trim().min(1, 'Say what for.').max(40, 'At most 40 letters.'),
  })
  .refine((p) => p.from < p.to, { message: 'The end is not after the start.', path: ['to'] });

/** Days on which nobody is there to do anything. */
export const awaySchema = z
  .strictObject({ from: daySchema, to: daySchema })
  .refine((a) => a.from <= a.to, { message: 'The last day is before the first.', path: ['to'] });

/** The garden as a whole and what its grower owns and prefers. One a database. */
export const gardenSchema = z.strictObject({
  revision: revisionSchema,
  name: nameSchema,
  /** Free text: never looked up. */
  town: z.string().trim().max(80, 'At most 80 letters.'),
  latitude: z.number({ error: 'Type the latitude in degrees, such as 55.2.' }).min(-90, 'Latitude is at least -90.').max(90, 'Latitude is at most 90.'),
  longitude: z.number({ error: 'Type the longitude in degrees, such as -1.9.' }).min(-180, 'Longitude is at least -180.').max(180, 'Longitude is at most 180.'),
  zone: z.string().refine(validZone, { message: 'This is not a time zone. Example: Europe/London.' }),
  /** ISO 3166-1, two capitals; empty while it was not asked. */
  country: z
    .string()
    .regex(/^([A-Z]{2})?$/, 'Choose a country from the list.')
    .default(''),
  /** ISO 3166-2 of a state or province, where law differs within the country; empty while it was not asked. */
  region: z
    .string()
    .regex(/^([A-Z]{2}-[A-Z0-9]{1,3})?$/, 'Choose a state or province from the list.')
    .default(''),
  units: z.enum(['metric', 'us', 'imperial', 'australian']),
  policy: z.enum(POLICIES),
  /** Who and what else is around. */
  around: z.array(z.enum(AROUND)),
  /** Whether home-made preparations may be used as pesticides here. */
  homeMade: z.enum(HOME_MADE),
  plans: z.array(planSchema).max(10, 'At most 10.'),
  away: z.array(awaySchema).max(20, 'At most 20: take past ones away.').default([]),
  /** The number to call in an emergency where the garden is. */
  emergencyNumber: z
    .string()
    .trim()
    .max(20, 'At most 20 characters.')
    .regex(/^[\d +()-]*$/, 'Figures, spaces, + and - only.'),
  /** The grower's own poison centre: asked for, never invented. */
  poisonCentre: z
    .string()
    .trim()
    .max(40, 'At most 40 characters.')
    .regex(/^[\d +()-]*$/, 'Figures, spaces, + and - only.'),
  measures: z.array(measureSchema).max(20, 'At most 20 measures.'),
  setUp: z.boolean(),
});
export type Garden = z.infer<typeof gardenSchema>;

/** What an empty database answers until the set-up is done. */
export const UNSET_GARDEN: Garden = {
  revision: 0,
  name: 'My garden',
  town: '',
  latitude: 51.5,
  longitude: 0,
  zone: 'Europe/London',
  units: 'metric',
  country: '',
  region: '',
  policy: 'any-labelled',
  around: [],
  homeMade: 'not-known',
  plans: [],
  away: [],
  emergencyNumber: '',
  poisonCentre: '',
  measures: [...STARTER_KITS.metric],
  setUp: false,
};

/** Water walked out over a plot, or a nozzle run into a jug; both with plain water. */
export const calibrationSchema = z.strictObject({
  id: idSchema,
  at: instantSchema,
  /** How it was sprayed. */
  style: z.enum(['wetted', 'run-off', 'drenched']),
  /** Null when only the nozzle was measured. */
  areaM2: z.number().min(1, 'At least 1 m².').max(1000, 'At most 1,000 m².').nullable(),
  ml: z.number().min(10, 'At least 10 ml.').max(200_000, 'At most 200 l.'),
  seconds: z.number().min(3, 'At least 3 seconds.').max(7200, 'At most 2 hours.').nullable(),
});
export type Calibration = z.infer<typeof calibrationSchema>;

export const sprayerSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  name: nameSchema,
  /** To the fill line. */
  capacityMl: z
    .number({ error: 'Type how much it holds, such as 5.' })
    .min(100, 'A sprayer holds at least 0.1 l.')
    .max(200_000, 'Over 200 l is not a garden sprayer.'),
  /** Kept for weed-killer: never used here. */
  forWeedkiller: z.boolean(),
  /** Oldest first. */
  calibrations: z.array(calibrationSchema).max(60, 'At most 60: take old ones away.').default([]),
});
export type Sprayer = z.infer<typeof sprayerSchema>;
