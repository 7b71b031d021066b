import { z } from 'zod';
import { CHANCES, LEAVES, SKIES, WARMTHS, WINDS, type SkyLook } from '../weather/sky';
import { idSchema, instantSchema } from './common';

/** A look at the sky, as it is sent and kept. */
export const skyLookSchema: z.ZodType<SkyLook> = z.strictObject({
  id: idSchema,
  at: instantSchema,
  temperatureC: z.number({ error: 'Type what the thermometer says.' }).min(-40, 'That is below any garden.').max(55, 'That is above any garden.'),
  wind: z.enum(WINDS),
  leaf: z.enum(LEAVES),
  sky: z.enum(SKIES),
  rainTonight: z.enum(CHANCES),
  twoDays: z.strictObject({ rain: z.enum(CHANCES), frost: z.enum(CHANCES), warmest: z.enum(WARMTHS) }).nullable(),
});
