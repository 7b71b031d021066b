import { z } from 'zod';
import {
  batchSchema,
  caseSchema,
  confirmationSchema,
  gardenSchema,
  hushSchema,
  instantSchema,
  lookSchema,
  milestoneSchema,
  ownSheetSchema,
  photoSchema,
  plantingSchema,
  readingSchema,
  shedItemSchema,
  skyLookSchema,
  sprayerSchema,
  treatmentSchema,
  walkSchema,
} from '../api';
import { hourlyWeatherSchema } from '../weather/hourly';

export const GARDEN_FILE_FORMAT = 'sleetbrook-garden';
/** Raised when an older program could not read what is written now. */
export const GARDEN_FILE_VERSION = 2;
/** Kinds that files of version 1 do not have. */
export const SINCE_VERSION_2: ReadonlySet<string> = new Set(['milestones', 'hushes', 'readings']);

const gone = instantSchema.nullable();
const { certainty: _c, leastC: _l, unread: _u, ...hour } = hourlyWeatherSchema.shape;

/**
 * What a garden file holds, a file of JSON Lines a kind, in the order in which it can be taken in: what others name comes
 * first. Units are in the names of the fields; instants are UTC.
 */
export const GARDEN_FILE_KINDS = {
  garden: gardenSchema,
  plantings: z.strictObject({ planting: plantingSchema, removedAt: gone }),
  sprayers: sprayerSchema,
  'label-sheets': z.strictObject({ sheet: ownSheetSchema, savedAt: z.string().max(40) }),
  'removed-label-sheets': z.strictObject({ id: ownSheetSchema.shape.id, removedAt: z.string().max(40) }),
  confirmations: confirmationSchema,
  cases: caseSchema,
  looks: lookSchema,
  photographs: photoSchema.omit({ bytes: true }).extend({
    /** Of the picture as it was sent: the same one is taken once. */
    sentSha256: z.string().regex(/^[0-9a-f]{64}$/),
    removedAt: gone,
  }),
  walks: walkSchema,
  treatments: treatmentSchema,
  shed: shedItemSchema,
  soap: batchSchema,
  milestones: milestoneSchema,
  hushes: hushSchema,
  readings: readingSchema,
  skies: skyLookSchema,
  weather: z.strictObject({ ...hour, saidAt: gone, source: z.enum(['station', 'file']).default('file') }),
} as const;

export type GardenFileKind = keyof typeof GARDEN_FILE_KINDS;
export type GardenFileLine<K extends GardenFileKind> = z.infer<(typeof GARDEN_FILE_KINDS)[K]>;
export const KIND_NAMES = Object.keys(GARDEN_FILE_KINDS) as GardenFileKind[];

const counted = z.number().int().min(0);
const counts = Object.fromEntries(KIND_NAMES.map((k) => [k, SINCE_VERSION_2.has(k) ? counted.default(0) : counted])) as unknown as Record<
  GardenFileKind,
  z.ZodNumber
>;

/** `manifest.json`: says what the file is, and how many lines each kind has. */
export const manifestSchema = z.strictObject({
  format: z.literal(GARDEN_FILE_FORMAT),
  version: z.number().int().min(1),
  lines: z.strictObject(counts),
  /** What could not be read in the garden that it was made of, and so is not in it. */
  leftOut: z.array(z.strictObject({ kind: z.enum(KIND_NAMES as [GardenFileKind, ...GardenFileKind[]]), id: z.string(), why: z.string() })),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** The format as JSON Schema, from the very schemas that check a file: of the manifest, and of one line of each kind. */
export const gardenFileJsonSchema = () =>
  z.toJSONSchema(
    z
      .object({ 'manifest.json': manifestSchema, ...Object.fromEntries(KIND_NAMES.map((k) => [`${k}.jsonl`, GARDEN_FILE_KINDS[k]])) })
      .meta({ title: 'A garden of Sleetbrook', description: 'What stands in manifest.json, and in each line of the other files. See garden-file.md.' }),
    { io: 'output', unrepresentable: 'any' },
  );
