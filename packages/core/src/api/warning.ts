import { z } from 'zod';
import { CERTAINTIES } from '../weather/certainty';
import { idSchema, instantSchema, revisionSchema } from './common';
import { MILESTONES } from './milestone';

/** How something is foretold: by what name, what it needs to be told, whose it is. */
const modelSchema = z.object({ id: z.string(), name: z.string(), needs: z.string(), source: z.string() });

/** Weather has let a trouble in, or is about to. */
export const warningSchema = z.object({
  /** The same matter has the same key while it lasts. */
  key: z.string(),
  plantingId: idSchema,
  troubleId: z.string(),
  model: modelSchema,
  /** `coming` may still be guarded against; `came` is over; `due` counts warmth to a day. */
  is: z.enum(['coming', 'came', 'due']),
  at: instantSchema,
  sure: z.enum(CERTAINTIES),
  saw: z.string(),
  act: z.string(),
  /** After this it is too late for it; null where there is no such moment. */
  by: instantSchema.nullable(),
  /** Until when what was put on guards against it; null where nothing does. */
  guardedUntil: instantSchema.nullable(),
  guardedBy: z.string().nullable(),
  /** Put off until then, or for good where there is no end. */
  hushed: z.object({ until: instantSchema.nullable() }).nullable(),
});
export type Warning = z.infer<typeof warningSchema>;

/** What would be told if somebody said something: a milestone that was not said, weather that nobody read. */
export const blindSpotSchema = z.object({
  plantingId: idSchema,
  troubleId: z.string(),
  model: modelSchema,
  /** The milestone that it counts from. */
  asks: z.enum(MILESTONES).nullable(),
  why: z.string(),
});
export type BlindSpot = z.infer<typeof blindSpotSchema>;

export const warningsSchema = z.object({
  /** When they were worked out. */
  asOf: instantSchema,
  /** Until when there is weather to go by, in one run from now; null where there is none. */
  seesUntil: instantSchema.nullable(),
  warnings: z.array(warningSchema),
  blind: z.array(blindSpotSchema),
});
export type Warnings = z.infer<typeof warningsSchema>;

/** Somebody does not want to be told of one thing on one planting, for a while or for good. */
export const hushSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  plantingId: idSchema,
  modelId: z.string().min(1).max(64),
  /** Null: for good. */
  until: instantSchema.nullable(),
  /** Whether it still counts. */
  on: z.boolean(),
});
export type Hush = z.infer<typeof hushSchema>;
