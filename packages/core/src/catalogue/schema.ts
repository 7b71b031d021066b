import { z } from 'zod';

/** Ids are kebab-case and never change once released: records refer to them. */
const id = z.string().regex(/^[a-z][a-z0-9-]*$/);
const sentence = z.string().min(3).max(400);

export const provenanceSchema = z
  .strictObject({ mark: z.enum(['CP', 'PUB', 'MEM']), source: z.string().min(5).optional() })
  .refine((p) => p.mark !== 'PUB' || p.source !== undefined, { message: 'a PUB fact names its source' });

/** One statement of fact with where it comes from. */
export const factSchema = z.strictObject({ text: sentence, prov: provenanceSchema });

export const PARTS = ['tip', 'leaf-top', 'leaf-under', 'stem', 'flower', 'fruit', 'whole'] as const;
export type PartId = (typeof PARTS)[number];

export const hostSchema = z.strictObject({
  id,
  name: sentence,
  family: z.string().min(3),
  group: z.enum(['vegetable', 'fruit', 'ornamental', 'shrub', 'house']),
  edible: z.boolean(),
  /** Words that labels use for it, widest last. */
  crops: z.array(id).min(1),
  parts: z.array(z.enum(PARTS)).min(1),
  /** Flowers that bees visit. */
  beePlant: z.boolean(),
  /** Tips grow upright and chafe under a cover laid straight on them. */
  uprightTips: z.boolean(),
});
export type Host = z.infer<typeof hostSchema>;

export const TYPICALITY = ['always', 'often', 'sometimes', 'rarely', 'never'] as const;
export type Typicality = (typeof TYPICALITY)[number];

export const signSchema = z.strictObject({
  id,
  /** On the tile. */
  name: z.string().min(3).max(40),
  /** As the next look. */
  question: z.string().min(3).max(80).endsWith('?'),
  /** The button that says it is there. */
  yes: z.string().min(3).max(30),
  parts: z.array(z.enum(PARTS)).min(1),
  /** What it takes to look: 1 a glance, 2 turn a leaf, 3 a loupe or an evening visit. */
  cost: z.number().int().min(1).max(3),
  drawing: z.enum([
    'crowd',
    'ants',
    'shine',
    'curl',
    'soot',
    'webbing',
    'stipple',
    'edge-holes',
    'stripped',
    'ragged',
    'frass',
    'eggs',
    'caterpillar',
    'white-powder',
    'marbling',
    'pustules',
    'top-specks',
    'olive-spots',
    'scabs',
    'slime',
    'beetle-larva',
    'mummies',
    'hover-larva',
    'fade',
    'film',
    'dust',
    'lacewing-larva',
  ]),
});
export type Sign = z.infer<typeof signSchema>;

const suspectBase = {
  id,
  name: z.string().min(3).max(60),
  /** Host ids, or `family:NAME`; how common it is there, 1 being usual. */
  hosts: z.record(z.string(), z.number().positive().max(3)),
  /** How typical each sign is. What is not listed is taken as unusual, not impossible. */
  signs: z.record(id, z.enum(TYPICALITY)),
  facts: z.array(factSchema).min(1),
};

export const troubleSchema = z.strictObject({
  ...suspectBase,
  kind: z.enum(['insect', 'mite', 'mollusc', 'fungus']),
  /** Months in which it is usual, counted for the northern hemisphere. */
  months: z.array(z.number().int().min(1).max(12)).min(1),
  favours: z.array(z.enum(['wet', 'dry', 'warm', 'cool'])),
  /** What is counted, for scouting: "tips", "leaves". */
  unit: z.string().min(3),
  /** Which stage a treatment can reach, and when. */
  vulnerable: factSchema,
  tolerate: factSchema,
  /** Share of units affected at which acting is worth it. */
  threshold: z.strictObject({ share: z.number().min(0).max(1), prov: provenanceSchema }),
  /** Days until the next look. */
  lookAgainDays: z.number().int().min(1).max(30),
  /** Helper ids that eat it. */
  enemies: z.array(id),
  /** Friend or look-alike ids to tell apart. */
  lookAlikes: z.array(id),
  /** Curled leaves hide it, so contact sprays miss. */
  hidesInCurl: z.boolean(),
  controls: z
    .array(
      z.strictObject({
        control: id,
        /** Share of the pest or new infection it is expected to stop, done well, when the stage is right. */
        effect: z.number().min(0).max(1),
        why: sentence,
        prov: provenanceSchema,
      }),
    )
    .min(3),
});
export type Trouble = z.infer<typeof troubleSchema>;

/** A helper to protect, or a harmless thing that looks like trouble. */
export const friendSchema = z.strictObject({
  ...suspectBase,
  kind: z.enum(['helper', 'look-alike']),
  /** What to do: almost always, leave it. */
  advice: sentence,
});
export type Friend = z.infer<typeof friendSchema>;

/** What an hour must be like for a control to work and to harm nobody. Units in the names. */
export const hourNeedsSchema = z.strictObject({
  maxTempC: z.number().optional(),
  minTempC: z.number().optional(),
  /** Highest global irradiance on the leaves. */
  maxSunWm2: z.number().optional(),
  minWindMs: z.number().optional(),
  maxWindMs: z.number().optional(),
  /** Hours without rain from the treatment on. */
  rainFreeHours: z.number().min(0).optional(),
  /** Which state of the leaf it wants. */
  leaf: z.enum(['dry', 'damp', 'any']).optional(),
  /** Not while bees fly: 'in-flower' when the crop is in flower, 'always' when flowers anywhere near count. */
  bees: z.enum(['in-flower', 'always']).optional(),
  /** Needs light to see by. */
  daylight: z.boolean().optional(),
  /** Only as the sun goes down. */
  duskOnly: z.boolean().optional(),
});
export type HourNeeds = z.infer<typeof hourNeedsSchema>;

export const controlSchema = z.strictObject({
  id,
  name: z.string().min(3).max(40),
  /** What the button says that takes it. */
  act: z.string().min(3).max(40),
  /** 0 tolerate … 7 licensed work. */
  rung: z.number().int().min(0).max(7),
  /** Order within a rung: harm to people, bees, water life, helpers, and how long it stays; 0 none to 4 severe. */
  hazard: z.strictObject({
    people: z.number().int().min(0).max(4),
    bees: z.number().int().min(0).max(4),
    water: z.number().int().min(0).max(4),
    helpers: z.number().int().min(0).max(4),
    persistence: z.number().int().min(0).max(4),
  }),
  /** Suits a grower who uses certified-organic inputs only. */
  organic: z.boolean(),
  /** The specimen sheet it is mixed from; none for work by hand. */
  sheet: id.optional(),
  needs: hourNeedsSchema,
  how: z.array(sentence).min(1),
  works: factSchema,
  cautions: z.array(factSchema),
  /** Stages of the planting at which it makes no sense, with the reason. */
  notAt: z.array(z.strictObject({ stage: z.string(), why: sentence })).optional(),
  /** Not where plants stand closer than they are wide. */
  notWhenDense: sentence.optional(),
  /** Plants of these groups it does not suit, with the reason. */
  notOn: z.array(z.strictObject({ group: z.string(), why: sentence })).optional(),
  outdoorsOnly: z.boolean().optional(),
});
export type Control = z.infer<typeof controlSchema>;
