import { z } from 'zod';
import { factSchema, provenanceSchema } from '../catalogue/schema';

const id = z
  .string()
  .regex(/^[a-z][a-z0-9-]*$/)
  .max(64);
const positive = z.number().positive();

/** What the label allows, min to max. `unit` is per litre of mix, or per square metre treated. */
export const rateSchema = z
  .strictObject({ form: z.enum(['per-litre', 'per-m2']), unit: z.enum(['ml', 'g']), min: positive, max: positive })
  .refine((r) => r.min <= r.max, { message: 'the lower rate is above the upper one', path: ['min'] });
export type Rate = z.infer<typeof rateSchema>;

/** One line of the rate table: crops × pests. */
export const labelLineSchema = z.strictObject({
  id,
  crops: z.array(id).min(1),
  pests: z.array(id).min(1),
  rate: rateSchema,
  /** Water (or mix) to cover a square metre; 0 for what goes on dry. */
  waterMlPerM2: z.number().min(0).max(5000),
  coverage: z.enum(['wetted', 'run-off', 'scattered', 'drenched']),
  /** Days from treatment to picking; null on what is not eaten. */
  phiDays: z.number().int().min(0).max(365).nullable(),
  intervalDays: z.number().int().min(0).max(365),
  maxPerSeason: z.number().int().min(1).max(99).nullable(),
  prov: provenanceSchema,
});
export type LabelLine = z.infer<typeof labelLineSchema>;

export const labelSheetSchema = z.strictObject({
  id,
  version: z.number().int().min(1),
  name: z.string().min(3).max(60),
  /** A specimen is ours, under a generic name: the grower's own label is the law. */
  specimen: z.boolean(),
  class: z.enum(['biological', 'low-toxicity', 'conventional']),
  actives: z.array(z.strictObject({ name: z.string().min(2), percent: z.number().positive().max(100), moa: z.string().min(1) })).min(1),
  formulation: z.enum(['SL', 'EC', 'EW', 'SC', 'WP', 'WG', 'GB', 'D']),
  state: z.enum(['liquid', 'dry']),
  /** Level bulk density of a dry product, for measuring by spoon; spread is ± share. */
  levelDensity: z.strictObject({ gPerMl: positive.max(5), spread: z.number().min(0).max(0.5), prov: provenanceSchema }).optional(),
  signalWord: z.enum(['none', 'caution', 'warning', 'danger']),
  restricted: z.boolean(),
  organicListed: z.boolean(),
  outdoors: z.boolean(),
  indoors: z.boolean(),
  lines: z.array(labelLineSchema).min(1),
  forbidden: z.array(z.strictObject({ crop: id, why: z.string().min(3) })),
  reEntry: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('until-dry') }),
    z.strictObject({ kind: z.literal('hours'), hours: positive.max(240) }),
  ]),
  /** none; while wet; or toxic (also as residue, so never on flowers). */
  bees: z.enum(['none', 'wet', 'toxic']),
  fish: z.boolean(),
  protection: z.array(z.enum(['gloves', 'goggles', 'sleeves', 'mask', 'respirator', 'boots'])).min(1),
  maxTempC: z.number().optional(),
  rainfastHours: z.number().min(0).max(72),
  /** What kinds of material it counts as, for gaps between treatments. */
  groups: z.array(z.enum(['oil', 'sulfur', 'copper', 'soap', 'captan', 'broad-insecticide'])),
  gaps: z.array(
    z.strictObject({
      group: z.enum(['oil', 'sulfur', 'copper', 'captan', 'broad-insecticide']),
      days: z.number().int().min(1).max(90),
      prov: provenanceSchema,
    }),
  ),
  mixLifeHours: positive.max(240),
  /** How it goes into the water. */
  into: z.enum(['shake-in', 'slurry-first', 'foams-last', 'soap-then-oil', 'not-mixed']),
  cautions: z.array(factSchema),
  disposal: z.string().min(3),
});
export type LabelSheet = z.infer<typeof labelSheetSchema>;
