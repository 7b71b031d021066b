import { z } from 'zod';
import { factSchema, provenanceSchema } from '../catalogue/schema';
import { METHODS } from '../catalogue/methods';
import { FORMULATION_CODES } from './formulation-codes';
import { rateSchema } from './rate';

const id = z
  .string({ error: 'Use a word in small letters, such as beans.' })
  .regex(/^[a-z][a-z0-9-]*$/, 'Small letters, figures and hyphens only.')
  .max(64);
const number = (what: string) => z.number({ error: `${what} must be a figure, such as 7.` });
export const LINE_STAGES = ['seedling', 'growing', 'flowering', 'fruiting', 'dormant'] as const;

/** One line of the rate table: crops × pests. */
export const labelLineSchema = z.strictObject({
  id,
  crops: z.array(id).min(1, 'Name at least one crop.'),
  pests: z.array(id).min(1, 'Name at least one pest.'),
  rate: rateSchema,
  /**
   * Water (or mix) in ml for a square metre, or for one of what the rate goes by; 0 for what goes on dry; null where
   * the label names none.
   */
  waterMlPerM2: number('The water').min(0, 'The water can not be less than 0.').max(20_000, 'Over 20 l a unit is not a garden rate.').nullable(),
  /** The upper end, where the label gives a range of water. */
  waterMostMlPerM2: number('The water').positive('It must be more than 0.').max(20_000, 'Over 20 l a unit is not a garden rate.').optional(),
  coverage: z.enum(['wetted', 'run-off', 'scattered', 'drenched']),
  /** How it is put on, where the coverage alone does not tell. */
  method: z.enum(METHODS).optional(),
  /** Days from treatment to picking; null on what is not eaten. */
  phiDays: number('The picking wait').int('Whole days only.').min(0, 'At least 0 days.').max(365, 'At most 365 days.').nullable(),
  intervalDays: number('The days between').int('Whole days only.').min(0, 'At least 0 days.').max(365, 'At most 365 days.'),
  maxPerSeason: number('The most a year').int('Whole numbers only.').min(1, 'At least 1.').max(99, 'At most 99.').nullable(),
  /** Most times running before another mode of action comes between; two where the label does not say. */
  mostRunning: number('The most in a row').int('Whole numbers only.').min(1, 'At least 1.').max(20, 'At most 20.').optional(),
  /** Most product in a year on a square metre, in the rate's unit. */
  mostPerM2Year: number('The most a year').positive('It must be more than 0.').max(1e5).optional(),
  /** Water that the label wants over it once it is out, mm (litres on a square metre): on turf and what works in the soil. */
  waterInMm: number('The water over it').positive('It must be more than 0.').max(50, 'At most 50 mm.').optional(),
  /** 'only': it guards the open flower and is no use at another time. 'never': not on open flowers. */
  inBloom: z.enum(['only', 'never']).optional(),
  /** Stages of the plant at which the line holds; any when not given. */
  stages: z.array(z.enum(LINE_STAGES)).min(1).optional(),
  /** The rate in the label's own words, for quoting. */
  asPrinted: z.string().min(3).max(120).optional(),
  prov: provenanceSchema,
});
export type LabelLine = z.infer<typeof labelLineSchema>;

export const MATERIAL_GROUPS = ['oil', 'sulfur', 'copper', 'soap', 'captan', 'broad-insecticide'] as const;
export const PROTECTION_ITEMS = ['gloves', 'goggles', 'sleeves', 'mask', 'respirator', 'boots'] as const;
/** Plants, by crop word, and states of a plant that a material harms. */
export const TENDER = ['seedling', 'tender-growth', 'thirsty'] as const;

export const labelSheetSchema = z.strictObject({
  id,
  version: z.number().int().min(1),
  name: z.string({ error: 'Give it a name.' }).min(3, 'At least 3 letters.').max(60, 'At most 60 letters.'),
  /** A specimen is ours, under a generic name: the grower's own label is the law. */
  specimen: z.boolean(),
  /** The specimen a grower's own sheet was made from. */
  basedOn: id.optional(),
  /** Registration number on the grower's own pack. */
  registration: z.string().max(40, 'At most 40 letters.').optional(),
  /** The control it serves. */
  control: id,
  class: z.enum(['biological', 'low-toxicity', 'conventional']),
  actives: z
    .array(
      z.strictObject({
        name: z.string().min(2, 'Name the active ingredient.').max(80),
        percent: number('The strength').positive('The strength must be more than 0.').max(100, 'Nothing is stronger than 100 %.'),
        moa: z.string().min(1, 'Give the group, or "none assigned".').max(40),
        /** Of a copper compound: what the pack prints as metallic copper equivalent, %. */
        metallic: number('The metallic copper').positive('The metallic copper must be more than 0.').max(100, 'Nothing is more than 100 % copper.').optional(),
      }),
    )
    .min(1, 'Name at least one active ingredient.'),
  formulation: z.enum(FORMULATION_CODES),
  state: z.enum(['liquid', 'dry']),
  /** Level bulk density of a dry product, for measuring by spoon; spread is ± share. */
  levelDensity: z.strictObject({ gPerMl: number('The density').positive().max(5), spread: z.number().min(0).max(0.5), prov: provenanceSchema }).optional(),
  /** What a ml of a liquid weighs, g: for rates by its active ingredient. */
  gPerMl: number('The density').positive().max(3).optional(),
  signalWord: z.enum(['none', 'caution', 'warning', 'danger']),
  restricted: z.boolean(),
  organicListed: z.boolean(),
  outdoors: z.boolean(),
  /** Under cover: glass or plastic. */
  indoors: z.boolean(),
  /** In rooms that are lived in, too; a label with a line for house plants says so by that. */
  rooms: z.boolean().optional(),
  lines: z.array(labelLineSchema).min(1, 'Give at least one line of crops, pests and rate.').max(60),
  forbidden: z.array(z.strictObject({ crop: id, why: z.string().min(3) })),
  /** Plants and states of plants it harms. */
  harms: z
    .array(
      z.strictObject({
        what: z.union([z.enum(TENDER), id]),
        why: z.string().min(3),
        /** Some kinds of it only: the grower says whether theirs is one of them. */
        kinds: z.string().min(3).max(120).optional(),
        prov: provenanceSchema,
      }),
    )
    .optional(),
  reEntry: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('until-dry') }),
    z.strictObject({ kind: z.literal('hours'), hours: number('The keep-out time').positive('More than 0 hours.').max(240, 'At most 240 hours.') }),
  ]),
  /** none; while wet; or toxic (also as residue, so never on flowers). */
  bees: z.enum(['none', 'wet', 'toxic']),
  fish: z.boolean(),
  /** Metres that the label wants between what is treated and water. */
  waterBufferM: number('The distance to water').positive('It must be more than 0.').max(200, 'At most 200 m.').optional(),
  /** The label says to keep children and pets off until it is dry. */
  keepOff: z.boolean().optional(),
  protection: z.array(z.enum(PROTECTION_ITEMS)).min(1, 'Even the mildest wants gloves.'),
  maxTempC: number('The highest temperature').min(0).max(50).optional(),
  minTempC: number('The lowest temperature').min(-10).max(40).optional(),
  rainfastHours: number('The hours without rain').min(0, 'At least 0 hours.').max(72, 'At most 72 hours.'),
  /** Days for which the label says that it goes on working, and the rain after which it wants to be put on again. */
  lastsDays: number('How long it lasts').int('Whole days only.').min(0, 'At least 0 days.').max(365, 'At most 365 days.').optional(),
  washedOffMm: number('The rain').positive('It must be more than 0.').max(200, 'At most 200 mm.').optional(),
  /** What kinds of material it counts as, for gaps between treatments. */
  groups: z.array(z.enum(MATERIAL_GROUPS)),
  gaps: z.array(
    z.strictObject({
      group: z.enum(['oil', 'sulfur', 'copper', 'captan', 'broad-insecticide']),
      days: number('The days apart').int().min(1).max(90),
      prov: provenanceSchema,
    }),
  ),
  /** Materials it is never put into one tank with. */
  notMixedWith: z.array(z.enum([...MATERIAL_GROUPS, 'anything'])).optional(),
  mixLifeHours: number('The life of the mix').positive('More than 0 hours.').max(240, 'At most 240 hours.'),
  /** How long the unopened pack keeps. */
  shelfLifeMonths: number('The shelf life').int().min(1).max(240).optional(),
  /** How it goes into the water. */
  into: z.enum(['shake-in', 'slurry-first', 'foams-last', 'soap-then-oil', 'not-mixed']),
  cautions: z.array(factSchema),
  /** The label's own words: what to do first, what it warns of, and what it tells a doctor. */
  firstAid: z.string().min(3).max(2000, 'At most 2000 letters.').optional(),
  hazards: z.string().min(3).max(2000, 'At most 2000 letters.').optional(),
  physician: z.string().min(3).max(1000, 'At most 1000 letters.').optional(),
  /** Where it may not be used, or not by everybody, as far as known. */
  regionNote: factSchema.optional(),
  disposal: z.string().min(3, 'Say how to get rid of it.').max(400),
});
export type LabelSheet = z.infer<typeof labelSheetSchema>;
