import { z } from 'zod';
import { drawingSchema } from '../catalogue/schema';
import { countSchema } from './look';
import { idSchema, instantSchema, revisionSchema } from './common';

/** How many of those looked at carry one trouble. */
export const tallySchema = z.strictObject({
  troubleId: z.string().min(1).max(64),
  affected: z.number().int().min(0).max(10_000),
  looked: z.number().int().min(0).max(10_000),
});
export type Tally = z.infer<typeof tallySchema>;

export const STOP_STATES = ['to-do', 'clear', 'found', 'passed'] as const;

/** One planting on the way. */
export const stopSchema = z
  .strictObject({
    plantingId: idSchema,
    state: z.enum(STOP_STATES),
    at: instantSchema.nullable(),
    tallies: z.array(tallySchema).max(20, 'At most 20 tallies.'),
    note: z.string().trim().max(500, 'At most 500 letters.'),
  })
  .refine((s) => s.tallies.every((t) => t.affected <= t.looked), { message: 'More affected than looked at.', path: ['tallies'] })
  .refine((s) => new Set(s.tallies.map((t) => t.troubleId)).size === s.tallies.length, { message: 'A trouble is counted twice here.', path: ['tallies'] });
export type Stop = z.infer<typeof stopSchema>;

/** One round of the garden, in walking order. It may be broken off and taken up again. */
export const walkSchema = z
  .strictObject({
    id: idSchema,
    revision: revisionSchema,
    startedAt: instantSchema,
    finishedAt: instantSchema.nullable(),
    stops: z.array(stopSchema).max(200, 'At most 200 plantings.'),
  })
  .refine((w) => new Set(w.stops.map((s) => s.plantingId)).size === w.stops.length, { message: 'A planting stands twice.', path: ['stops'] });
export type Walk = z.infer<typeof walkSchema>;

/** One thing to look for now on a planting, with all that the screen shows: it needs no catalogue. */
export const watchSchema = z.object({
  troubleId: z.string(),
  name: z.string(),
  unit: z.string(),
  signId: z.string(),
  signName: z.string(),
  question: z.string(),
  drawing: drawingSchema.nullable(),
  part: z.string(),
  why: z.enum(['found-before', 'season']),
  /** Share at which acting is worth it here. */
  threshold: z.number(),
  /** The last count of it here. */
  before: countSchema.extend({ at: instantSchema }).nullable(),
});
export type WatchItem = z.infer<typeof watchSchema>;

export const walkPlanSchema = z.array(z.object({ plantingId: idSchema, watch: z.array(watchSchema) }));
export type WalkPlan = z.infer<typeof walkPlanSchema>;
