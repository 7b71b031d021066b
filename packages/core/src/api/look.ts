import { z } from 'zod';
import { PARTS } from '../catalogue/schema';
import { idSchema, instantSchema } from './common';

/** How many units carried the trouble of those looked at. */
export const countSchema = z
  .strictObject({
    affected: z.number({ error: 'Type a whole number.' }).int('Type a whole number.').min(0, 'From 0 up.'),
    looked: z.number({ error: 'Type a whole number.' }).int('Type a whole number.').min(1, 'Look at one at least.').max(10_000, 'At most 10,000.'),
  })
  .refine((c) => c.affected <= c.looked, { message: 'More affected than looked at.', path: ['affected'] });
export type Count = z.infer<typeof countSchema>;

/** One look at one planting: what was seen, what was not, and a count if one was made. Never changed afterwards. */
export const lookSchema = z.strictObject({
  id: idSchema,
  plantingId: idSchema,
  caseId: idSchema.nullable(),
  at: instantSchema,
  answers: z
    .array(
      z.strictObject({
        // the server knows all signs; the app would have to load the whole catalogue to check this
        signId: z.string().regex(/^[a-z][a-z0-9-]{1,60}$/),
        seen: z.boolean(),
        part: z.enum(PARTS).optional(),
        asked: z.boolean().optional(),
        chosen: z.boolean().optional(),
      }),
    )
    .max(80, 'At most 80 signs.'),
  count: countSchema.nullable(),
  note: z.string().trim().max(500, 'At most 500 letters.'),
});
export type Look = z.infer<typeof lookSchema>;
