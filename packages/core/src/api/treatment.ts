import { z } from 'zod';
import { labelSheetSchema } from '../label/schema';
import { findControlCard, findTroubleCard } from '../catalogue/cards';
import { CERTAINTIES } from '../weather/certainty';
import { idSchema, instantSchema } from './common';

/** Something that went otherwise than planned while mixing, and what was done about it. */
const slipSchema = z.strictObject({ at: instantSchema, text: z.string().trim().min(1).max(300) });

/** One fill of the sprayer as it went. */
const loadSchema = z.strictObject({
  number: z.number().int().min(1).max(999),
  product: z.number().min(0).max(1e6),
  waterMl: z.number().min(0).max(2_000_000),
  madeAt: instantSchema.nullable(),
  outAt: instantSchema.nullable(),
  waste: z.boolean(),
});

/**
 * What the client sends when something was done. The server adds the clocks, the weather and what it broke. What was
 * done is always taken; only what can not have been is refused.
 */
export const treatmentRequestSchema = z.strictObject({
  id: idSchema,
  caseId: idSchema.nullable(),
  plantingId: idSchema,
  controlId: z.string().refine((c) => findControlCard(c) !== undefined, { message: 'This control is not known.' }),
  /** Without a case: what it was against; null for upkeep. */
  troubleId: z
    .string()
    .refine((t) => findTroubleCard(t) !== undefined, { message: 'This trouble is not known.' })
    .nullable()
    .default(null),
  /** Against what was seen, against what may come, or upkeep. */
  purpose: z.enum(['seen', 'prevent', 'upkeep']).default('seen'),
  /** The mix it came out of, where one mix served several plantings. */
  mixId: idSchema.nullable().default(null),
  /** Made at home: its name, and the strength of what is counted as product. */
  made: z
    .strictObject({ name: z.string().trim().min(3, 'Say what it is.').max(60, 'At most 60 letters.'), percent: z.number().positive().max(100).nullable() })
    .nullable()
    .default(null),
  /** The grower's own label sheet that it was mixed from; null for the specimen or for work by hand. */
  sheetId: z.string().max(64).nullable().default(null),
  /** Round the trunk, or of the plant, where the label's rate goes by it. */
  trunkCm: z.number().positive('It must be more than 0.').max(2000).nullable().default(null),
  heightM: z.number().positive('The height must be more than 0.').max(60).nullable().default(null),
  /** Plants, metres of row or litres of potting mix, where the label's rate goes by them. */
  count: z.number().min(0.01, 'It must be more than 0.').max(1e5).nullable().default(null),
  /** When product first met water. */
  madeAt: instantSchema.nullable().default(null),
  finishedAt: instantSchema,
  areaM2: z.number().min(1e-4, 'The area must be at least a square centimetre.').max(10_000, 'At most 10,000 m².'),
  /** Product used on these plants, in the rate's unit (ml or g); null for work by hand. */
  amount: z.number().min(1e-4, 'The amount must be more than 0.').max(1e6, 'No garden takes so much.').nullable(),
  /** Mix put on these plants. */
  waterMl: z.number().min(0).max(2_000_000).nullable(),
  /** Mix left unsprayed. */
  leftMl: z.number().min(0).max(2_000_000).nullable().default(null),
  /** Load by load, of the whole mix. */
  loads: z.array(loadSchema).max(200).default([]),
  slips: z.array(slipSchema).max(20).default([]),
  by: z.string().trim().min(1, 'Say who did it.').max(60, 'At most 60 letters.'),
  why: z.string().trim().max(300, 'At most 300 letters.'),
  /** The record that this one puts right, and why: the old one stays readable. */
  corrects: z
    .strictObject({ id: idSchema, reason: z.string().trim().min(1, 'Say why.').max(300, 'At most 300 letters.') })
    .nullable()
    .default(null),
});
export type TreatmentRequest = z.infer<typeof treatmentRequestSchema>;
/** As the client makes it: what is not given has its usual value. */
export type TreatmentDraft = z.input<typeof treatmentRequestSchema>;

/** A record struck out: it stays readable, and counts for nothing. */
export const strikeSchema = z.strictObject({ at: instantSchema, reason: z.string().trim().min(1, 'Say why.').max(300, 'At most 300 letters.') });
export type Strike = z.infer<typeof strikeSchema>;

const workingSchema = z.object({
  title: z.string(),
  result: z.string(),
  formula: z.string(),
  inputs: z.array(z.object({ name: z.string(), value: z.string() })),
  source: z.object({ mark: z.enum(['CP', 'PUB', 'MEM']), source: z.string().optional() }),
});

/** A record of a treatment, with the label sheet as it was. Never changed, only struck out. Fields: 7 CFR 110.3. */
export const treatmentSchema = treatmentRequestSchema.extend({
  plantingName: z.string(),
  crop: z.string(),
  place: z.string(),
  controlName: z.string(),
  sheet: labelSheetSchema.nullable(),
  lineId: z.string().nullable(),
  /** The air then, and who says so; null where nobody measured it. Older records do not say who. */
  weather: z
    .object({
      temperatureC: z.number(),
      humidityPct: z.number(),
      windMs: z.number(),
      cloud: z.number(),
      source: z.enum(['station', 'file', 'reading', 'seen', 'demonstration']).optional(),
      certainty: z.enum(CERTAINTIES).optional(),
    })
    .nullable(),
  keepOutUntil: instantSchema.nullable(),
  pickFrom: instantSchema.nullable(),
  /** No safe picking date can be named. */
  pickUnknown: z.boolean().default(false),
  /** What it broke, a sentence each. */
  broke: z.array(z.string()).default([]),
  struck: strikeSchema.nullable().default(null),
  working: z.array(workingSchema),
  recordedAt: instantSchema,
});
export type Treatment = z.infer<typeof treatmentSchema>;
