import { z } from 'zod';
import { findControlCard, findTroubleCard } from '../catalogue/cards';
import { daySchema, idSchema, instantSchema, revisionSchema } from './common';

const alsoSchema = z.strictObject({
  controlId: z.string().refine((c) => findControlCard(c) !== undefined, { message: 'This control is not known.' }),
  doneAt: instantSchema.nullable(),
});

/** One time round: decide, mix, time, do, look again. A case loops when it was not enough. */
export const lapSchema = z.strictObject({
  controlId: z
    .string()
    .refine((c) => findControlCard(c) !== undefined, { message: 'This control is not known.' })
    .nullable(),
  /** The grower's own label sheet; null for the specimen or for work by hand. */
  sheetId: z.string().max(64).nullable(),
  /** What goes along with it in the plan. */
  also: z.array(alsoSchema).max(6, 'At most six things in one plan.'),
  /** Why a higher rung than needed, in the grower's words. */
  whyHigher: z.string().trim().max(300, 'At most 300 letters.'),
  decidedAt: instantSchema.nullable(),
  mixedAt: instantSchema.nullable(),
  plannedFor: instantSchema.nullable(),
  treatmentId: idSchema.nullable(),
  lookAgainOn: daySchema.nullable(),
  afterLookId: idSchema.nullable(),
  effectPercent: z.number().max(100).nullable(),
});
export type Lap = z.infer<typeof lapSchema>;

/** How its course stands, as the grower wants it: running, paused or ended, and days that were set by hand. */
export const courseStateSchema = z.strictObject({
  state: z.enum(['on', 'paused', 'ended']),
  /** When that was said; null where nothing was. */
  saidAt: instantSchema.nullable(),
  /** Local days for coming rounds. */
  fixed: z.array(daySchema).max(30, 'At most 30 days.'),
});
export type CourseState = z.infer<typeof courseStateSchema>;
export const COURSE_ON: CourseState = { state: 'on', saidAt: null, fixed: [] };

/** One trouble on one planting, from first sign to cleared. */
export const caseSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  plantingId: idSchema,
  troubleId: z.string().refine((t) => findTroubleCard(t) !== undefined, { message: 'This trouble is not known.' }),
  /** How sure the naming was, 0..1. */
  confidence: z.number().min(0).max(1),
  /** The look that opened it; null where it is against what may come. */
  lookId: idSchema.nullable(),
  /** Against what was seen, against what may come, or upkeep. */
  purpose: z.enum(['seen', 'prevent', 'upkeep']).default('seen'),
  /** The stage of its life that was seen, in the words of the trouble's entry; null: what the month says. */
  stageSeen: z.string().max(40).nullable(),
  openedAt: instantSchema,
  status: z.enum(['open', 'cleared']),
  closedAt: instantSchema.nullable(),
  laps: z.array(lapSchema).min(1).max(60),
  course: courseStateSchema.default(COURSE_ON),
});
export type Case = z.infer<typeof caseSchema>;

export const freshLap = (): Lap => ({
  controlId: null,
  sheetId: null,
  also: [],
  whyHigher: '',
  decidedAt: null,
  mixedAt: null,
  plannedFor: null,
  treatmentId: null,
  lookAgainOn: null,
  afterLookId: null,
  effectPercent: null,
});
