import { z } from 'zod';
import { daySchema, idSchema, revisionSchema } from './common';

/** What a grower sees on a plant or in a trap once a year, and warmth is counted from. */
export const MILESTONES = ['emerged', 'bud-swell', 'green-tip', 'first-flower', 'petal-fall', 'first-moth'] as const;
export type MilestoneKind = (typeof MILESTONES)[number];

/** One of them on one planting: the last one said counts. */
export const milestoneSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  plantingId: idSchema,
  what: z.enum(MILESTONES),
  /** Null where it was taken back. */
  on: daySchema.nullable(),
});
export type Milestone = z.infer<typeof milestoneSchema>;
