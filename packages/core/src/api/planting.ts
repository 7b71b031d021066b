import { SITES } from '../catalogue/sites';
import { z } from 'zod';
import { findHost } from '../catalogue/hosts';
import { KEPT_ABOUT } from '../decide/circumstances';
import { TOLERANCES } from '../scout/enough';
import { daySchema, idSchema, nameSchema, revisionSchema } from './common';

export const STAGES = ['seedling', 'growing', 'flowering', 'fruiting', 'dormant'] as const;
export type Stage = (typeof STAGES)[number];

/** One kind of plant in one place. */
export const plantingSchema = z
  .strictObject({
    id: idSchema,
    revision: revisionSchema,
    name: nameSchema,
    hostId: z.string().refine((h) => findHost(h) !== undefined, { message: 'Choose a plant from the list.' }),
    /** Bed, pot, wall: the grower's own word. */
    place: z.string().trim().max(80, 'At most 80 letters.'),
    site: z.enum(SITES),
    stage: z.enum(STAGES),
    edible: z.boolean(),
    /** Plants closer than they are wide. */
    dense: z.boolean(),
    /** How much damage the grower bears here before acting is worth it. */
    tolerance: z.enum(TOLERANCES),
    areaM2: z
      .number({ error: 'Type the area in figures.' })
      .positive('The area must be more than 0.')
      .max(10_000, 'Over 10,000 m² is work for a licensed applicator.'),
    /** Of the tallest plant. */
    heightM: z.number({ error: 'Type the height in metres.' }).positive('The height must be more than 0.').max(60, 'No tree is as tall.').nullable(),
    /** Round the trunk, for drenches and trunk sprays. */
    trunkCm: z.number({ error: 'Type what the tape says, in cm.' }).positive('It must be more than 0.').max(2000, 'No trunk is as thick.').nullable(),
    /** What is so on the day: thirsty, covered, beside a pond. */
    about: z.array(z.enum(KEPT_ABOUT)),
    /** The day on which somebody looked and no flower was open: it holds for that day. */
    noFlowerOn: daySchema.nullable().default(null),
    /** The day on which its stage was said; null where that was never kept. */
    stageOn: daySchema.nullable().default(null),
    /** First and last day of the coming picking. */
    pickFrom: daySchema.nullable(),
    pickUntil: daySchema.nullable(),
  })
  .refine((p) => !p.pickFrom || !p.pickUntil || p.pickFrom <= p.pickUntil, { message: 'The last picking day is before the first.', path: ['pickUntil'] })
  .refine((p) => p.pickFrom !== null || p.pickUntil === null, { message: 'Give the first picking day too.', path: ['pickFrom'] });
export type Planting = z.infer<typeof plantingSchema>;
