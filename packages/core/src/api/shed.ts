import { z } from 'zod';
import { daySchema, idSchema, instantSchema, nameSchema, revisionSchema } from './common';

/** Words for a warning label, in its order. */
export const HAZARDS = ['corrosive', 'swallowed', 'eyes', 'lungs', 'fish', 'bees'] as const;
export const HAZARD_WORDS: Readonly<Record<(typeof HAZARDS)[number], string>> = {
  corrosive: 'Corrosive: burns skin and eyes',
  swallowed: 'Poison if swallowed',
  eyes: 'Harms the eyes',
  lungs: 'Do not breathe the dust or spray',
  fish: 'Kills fish: keep out of drains and ponds',
  bees: 'Harms bees',
};

const amount = (what: string) => z.number({ error: `${what} must be a figure, such as 250.` });

/** Something that stands in the shed: a bought product, a stock solution, soap that was made, or mix left over. */
export const shedItemSchema = z
  .strictObject({
    id: idSchema,
    revision: revisionSchema,
    kind: z.enum(['product', 'stock', 'soap', 'mix']),
    name: nameSchema,
    /** The label sheet it goes by. */
    sheetId: z.string().max(64).nullable(),
    unit: z.enum(['ml', 'g']),
    /** What is left. */
    amount: amount('What is left').min(0, 'It can not be less than 0.').max(1e6, 'That is more than a shed holds.'),
    packSize: amount('The pack').positive('It must be more than 0.').max(1e6, 'That is more than a shed holds.').nullable(),
    /** In the grower's money, for the pack. */
    price: amount('The price').min(0, 'It can not be less than 0.').max(1e6).nullable(),
    /** Of a stock: grams in a litre, and of what. */
    strength: z
      .strictObject({ gPerL: amount('The strength').positive('It must be more than 0.').max(300, 'At most 300 g in a litre.'), of: z.enum(['copper', 'lime']) })
      .nullable(),
    hazards: z.array(z.enum(HAZARDS)).max(HAZARDS.length),
    /** Bought, made or mixed. */
    on: daySchema,
    /** Last day it is good. */
    goodUntil: daySchema.nullable(),
    /** Left-over mix: the moment its life ends. */
    useBy: instantSchema.nullable(),
    /** Plants that left-over mix was made for. */
    plantingId: idSchema.nullable(),
    where: z.string().trim().max(80, 'At most 80 letters.'),
    note: z.string().trim().max(300, 'At most 300 letters.'),
  })
  .refine((i) => i.kind !== 'stock' || i.strength !== null, { message: 'A stock needs its strength.', path: ['strength'] })
  .refine((i) => i.kind !== 'mix' || i.useBy !== null, { message: 'Left-over mix needs the end of its life.', path: ['useBy'] });
export type ShedItem = z.infer<typeof shedItemSchema>;

/** A warning label's code as rows of dark squares. */
export const codeSchema = z.object({ url: z.string(), size: z.number().int(), rows: z.array(z.string()) });
export type Code = z.infer<typeof codeSchema>;

/** One batch of potassium soap, from the first morning to thin and golden. */
export const batchSchema = z.strictObject({
  id: idSchema,
  revision: revisionSchema,
  name: nameSchema,
  startedAt: instantSchema,
  oils: z
    .array(z.strictObject({ oilId: z.string().min(1).max(40), g: z.number().positive('It must be more than 0.').max(20_000) }))
    .min(1, 'Choose an oil.')
    .max(6, 'At most six oils.'),
  lyeG: z.number().positive('It must be more than 0.').max(10_000),
  purity: z.number().min(80, 'At least 80 %.').max(100, 'At most 100 %.'),
  waterG: z.number().positive().max(20_000),
  yieldMl: z.number().positive().max(400_000),
  /** What was confirmed before the lye was opened. */
  confirmed: z.array(z.string().max(120)).max(20),
  /** Where it stands. */
  tempC: z.number({ error: 'Type the temperature.' }).min(5, 'Too cold: it does not go on below 5 °C.').max(45, 'Too hot for soap to stand.'),
  blendedAt: instantSchema.nullable(),
  thinnedAt: instantSchema.nullable(),
  stirs: z.array(instantSchema).max(100),
  readyAt: instantSchema.nullable(),
  note: z.string().trim().max(300, 'At most 300 letters.'),
});
export type Batch = z.infer<typeof batchSchema>;

const line = z.string().max(600);
/** What is printed: made by the app from a plan, laid out by the server. */
export const cardSchema = z.strictObject({
  title: line.min(1),
  sub: line,
  figures: z.array(z.strictObject({ name: line, value: line })).max(60),
  steps: z.array(z.strictObject({ title: line, lines: z.array(line).max(20), gate: z.array(line).max(20), caution: line.nullable() })).max(80),
  cautions: z.array(line).max(30),
  working: z
    .array(
      z.strictObject({
        title: line,
        result: line,
        inputs: z.array(z.strictObject({ name: line, value: line })).max(30),
        formula: line,
        source: z.strictObject({ mark: z.enum(['CP', 'PUB', 'MEM']), source: line.optional() }),
      }),
    )
    .max(30),
});
