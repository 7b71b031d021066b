import { z } from 'zod';

/** Made by the client (UUID v7), so that a request can be sent again without harm. */
export const idSchema = z.uuid();
export const instantSchema = z.iso.datetime({ offset: false });
export const daySchema = z.iso.date();
export const nameSchema = z.string({ error: 'Give it a name.' }).trim().min(1, 'Give it a name.').max(80, 'At most 80 letters.');
/** Goes up by one with each change; a write names the revision it was made from. */
export const revisionSchema = z.number().int().min(0).max(1_000_000_000);

/** RFC 9457, with the field each error belongs to. */
export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string().optional(),
  errors: z.array(z.object({ field: z.string(), message: z.string(), line: z.number().int().optional() })).optional(),
});
export type Problem = z.infer<typeof problemSchema>;

/** A copy of the whole garden in one file. */
export const copySchema = z.object({ name: z.string(), bytes: z.number().int().min(0), madeAt: instantSchema });
export type Copy = z.infer<typeof copySchema>;

/** What a database holds, for a look before it takes the place of another. */
export const holdsSchema = z.object({
  /** Number of its last migration. */
  version: z.number().int(),
  plantings: z.number().int(),
  cases: z.number().int(),
  treatments: z.number().int(),
  /** End of the last treatment in it; null where there is none. */
  lastTreatment: instantSchema.nullable(),
});
export type Holds = z.infer<typeof holdsSchema>;
/** A copy, and the garden that it would take the place of. */
export const lookedSchema = z.object({ copy: holdsSchema, here: holdsSchema });
export type Looked = z.infer<typeof lookedSchema>;
/** Name of the copy of what was there before: putting that back undoes it. */
export const putBackSchema = z.object({ before: z.string().nullable() });
export type PutBack = z.infer<typeof putBackSchema>;
