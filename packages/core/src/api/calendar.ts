import { z } from 'zod';
import { instantSchema } from './common';

/** Whether a calendar may read the garden's, and since when; its address is told once, when it is made. */
export const calendarSchema = z.object({ madeAt: instantSchema.nullable(), path: z.string().nullable() });
export type CalendarFeed = z.infer<typeof calendarSchema>;
