import { z } from 'zod';
import { labelSheetSchema } from '../label/schema';
import { hourlyWeatherSchema } from '../weather/hourly';
import { caseSchema } from './case';
import { instantSchema } from './common';
import { gardenSchema } from './garden';
import { plantingSchema } from './planting';
import { treatmentSchema } from './treatment';
import { confirmationSchema, HOUR_SOURCES, runningClockSchema } from './views';
import { warningSchema } from './warning';

/** All that the season is laid out from: open cases with a course, what was done on their plants, and the weather. */
export const seasonViewSchema = z.object({
  now: instantSchema,
  garden: gardenSchema,
  courses: z.array(
    z.object({
      case: caseSchema,
      planting: plantingSchema,
      /** Of the planting, within the time that labels look back; oldest first. */
      treatments: z.array(treatmentSchema),
      seenSigns: z.array(z.string()),
      /** Counts that found none, one after another, up to the last. */
      cleanCounts: z.number().int(),
      /** Share affected at the last count; null where none was made. */
      share: z.number().nullable(),
    }),
  ),
  sheets: z.array(labelSheetSchema),
  /** Hours that somebody told of, with gaps where nobody did. */
  hours: z.array(hourlyWeatherSchema.extend({ source: z.enum(HOUR_SOURCES) })),
  warnings: z.array(warningSchema),
  /** What keeps people out of somewhere now, whosever case it was. */
  keepOut: z.array(runningClockSchema),
  /** Labels that were held against their sheet, with the law of the place. */
  confirmations: z.array(confirmationSchema),
  shed: z.array(z.object({ sheetId: z.string(), amount: z.number(), unit: z.enum(['ml', 'g']) })),
});
export type SeasonView = z.infer<typeof seasonViewSchema>;
