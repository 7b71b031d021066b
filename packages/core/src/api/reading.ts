import { z } from 'zod';
import { RAIN_FELL } from '../weather/readings';
import { daySchema, instantSchema, revisionSchema } from './common';

const degrees = (what: string) =>
  z
    .number({ error: `Type the ${what} in figures.` })
    .min(-60, 'That is below any garden.')
    .max(60, 'That is above any garden.');

/** What was read off a maximum-minimum thermometer and a rain gauge, once a day. */
export const readingSchema = z
  .strictObject({
    /** The local day on which it was read: there is one a day. */
    id: daySchema,
    revision: revisionSchema,
    at: instantSchema,
    leastC: degrees('least'),
    mostC: degrees('most'),
    rainMm: z.number({ error: 'Type the rain in figures.' }).min(0, 'Rain can not be less than 0.').max(1000, 'That is more than falls in a day.').nullable(),
    rainFell: z.enum(RAIN_FELL).nullable(),
  })
  .refine((r) => r.leastC <= r.mostC, { message: 'The least is more than the most.', path: ['leastC'] });
