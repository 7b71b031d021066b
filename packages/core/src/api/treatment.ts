import { z } from 'zod';
import { labelSheetSchema } from '../label/schema';
import { findControlCard } from '../catalogue/cards';
import { idSchema, instantSchema } from './common';

/** What the client sends when something was done. The server adds the clocks and the weather. */
export const treatmentRequestSchema = z.strictObject({
  id: idSchema,
  caseId: idSchema.nullable(),
  plantingId: idSchema,
  controlId: z.string().refine((c) => findControlCard(c) !== undefined, { message: 'This control is not known.' }),
  /** The grower's own label sheet that it was mixed from; null for the specimen or for work by hand. */
  sheetId: z.string().max(64).nullable().default(null),
  /** Round the trunk, or of the plant, where the label's rate goes by it. */
  trunkCm: z.number().positive('It must be more than 0.').max(2000).nullable().default(null),
  heightM: z.number().positive('The height must be more than 0.').max(60).nullable().default(null),
  finishedAt: instantSchema,
  areaM2: z.number().positive('The area must be more than 0.').max(10_000),
  /** Product used, in the rate's unit (ml or g); null for work by hand. */
  amount: z.number().positive('The amount must be more than 0.').nullable(),
  waterMl: z.number().min(0).max(2_000_000).nullable(),
  by: z.string().trim().min(1, 'Say who did it.').max(60, 'At most 60 letters.'),
  why: z.string().trim().max(300, 'At most 300 letters.'),
});
export type TreatmentRequest = z.infer<typeof treatmentRequestSchema>;

const workingSchema = z.object({
  title: z.string(),
  result: z.string(),
  formula: z.string(),
  inputs: z.array(z.object({ name: z.string(), value: z.string() })),
  source: z.object({ mark: z.enum(['CP', 'PUB', 'MEM']), source: z.string().optional() }),
});

/** A record of a treatment, with the label sheet as it was. Never changed. Fields: 7 CFR 110.3. */
export const treatmentSchema = treatmentRequestSchema.extend({
  plantingName: z.string(),
  crop: z.string(),
  place: z.string(),
  controlName: z.string(),
  sheet: labelSheetSchema.nullable(),
  lineId: z.string().nullable(),
  weather: z.object({ temperatureC: z.number(), humidityPct: z.number(), windMs: z.number(), cloud: z.number() }),
  keepOutUntil: instantSchema.nullable(),
  pickFrom: instantSchema.nullable(),
  working: z.array(workingSchema),
  recordedAt: instantSchema,
});
export type Treatment = z.infer<typeof treatmentSchema>;
