import { z } from 'zod';
import { METHODS } from './methods';

/** Ids are kebab-case and never change once released: records refer to them. */
const id = z.string().regex(/^[a-z][a-z0-9-]*$/);
/** ISO 3166-1, two capitals. */
const country = z.string().regex(/^[A-Z]{2}$/);
const sentence = z.string().min(3).max(400);

export const provenanceSchema = z
  .strictObject({ mark: z.enum(['CP', 'PUB', 'MEM']), source: z.string().min(5).optional() })
  .refine((p) => p.mark !== 'PUB' || p.source !== undefined, { message: 'a PUB fact names its source' });

/** One statement of fact with where it comes from. */
export const factSchema = z.strictObject({ text: sentence, prov: provenanceSchema });

export const PARTS = ['tip', 'leaf-top', 'leaf-under', 'stem', 'stem-base', 'bud', 'flower', 'fruit', 'root', 'soil', 'trunk', 'whole'] as const;
export type PartId = (typeof PARTS)[number];

export const HOST_GROUPS = ['vegetable', 'fruit', 'ornamental', 'shrub', 'house'] as const;
export type HostGroup = (typeof HOST_GROUPS)[number];

export const hostSchema = z.strictObject({
  id,
  name: sentence,
  family: z.string().min(3),
  group: z.enum(HOST_GROUPS),
  edible: z.boolean(),
  /** Words that labels use for it, widest last. */
  crops: z.array(id).min(1),
  parts: z.array(z.enum(PARTS)).min(1),
  /** Flowers that bees visit. */
  beePlant: z.boolean(),
  /** New flowers open while fruit hangs, so that "in fruit" does not say that no flower is open. */
  flowersOn: z.boolean(),
  /** Tips grow upright and chafe under a cover laid straight on them. */
  uprightTips: z.boolean(),
  /** Stands for every plant of its family (or for any plant at all) that has no entry of its own. */
  stands: z.enum(['family', 'any']).optional(),
});
export type Host = z.infer<typeof hostSchema>;

export const TYPICALITY = ['always', 'often', 'sometimes', 'rarely', 'never'] as const;
export type Typicality = (typeof TYPICALITY)[number];

/** What it takes to look, cheapest first. */
export const LOOKS = ['glance', 'turn', 'loupe', 'night', 'cut', 'dig'] as const;
export type LookKind = (typeof LOOKS)[number];

const BASES = ['leaf', 'under', 'blade', 'tip', 'stem', 'base', 'bud', 'flower', 'fruit', 'pod', 'root', 'bulb', 'soil', 'bark', 'plant', 'pot'] as const;
const TONES = ['ink', 'moss', 'ochre', 'rowan', 'rust', 'bark', 'soot', 'halo', 'drift', 'brook', 'water'] as const;

/** What to draw: a shape, what is on it, in which tone and how many. The app knows how. */
export const drawingSchema = z.strictObject({
  on: z.enum(BASES),
  motif: id,
  tone: z.enum(TONES).optional(),
  n: z.number().int().min(1).max(100).optional(),
});
export type Drawing = z.infer<typeof drawingSchema>;

export const signSchema = z.strictObject({
  id,
  /** On the tile. */
  name: z.string().min(3).max(40),
  /** As the next look. */
  question: z.string().min(3).max(80).endsWith('?'),
  /** The button that says it is there. */
  yes: z.string().min(3).max(30),
  parts: z.array(z.enum(PARTS)).min(1),
  look: z.enum(LOOKS),
  /** None for what can not be drawn. */
  drawing: drawingSchema.nullable(),
});
export type Sign = z.infer<typeof signSchema>;

const suspectBase = {
  id,
  name: z.string().min(3).max(60),
  /** Everyday names, for the search. */
  also: z.array(z.string().min(2).max(50)),
  /** Host ids, `family:NAME`, `group:NAME` or `any`; how common it is there, 1 being usual. The most particular one counts. */
  hosts: z.record(z.string(), z.number().positive().max(3)),
  /** How typical each sign is. What is not listed is taken as unusual, not impossible. */
  signs: z.record(id, z.enum(TYPICALITY)),
  facts: z.array(factSchema).min(1),
  /** Length of the creature to look for, in millimetres, for the life-size mark; null for what is no creature. */
  sizeMm: z.number().positive().max(200).nullable(),
};

export const KINDS = ['insect', 'mite', 'mollusc', 'animal', 'worm', 'fungus', 'bacterium', 'virus', 'disorder'] as const;
export type TroubleKind = (typeof KINDS)[number];

/**
 * What a stage of life is open to, and how a control reaches it. Fine enough to be true: winter eggs are open to oil
 * and not to soap, `contact` is what poisons on touch, `enemies` hunt on the plant and `nematodes` in the soil, a
 * `protectant` must be there before the spore, `kickback` stops a young infection and an `eradicant` one that shows.
 */
export const MEANS = [
  'hand',
  'water',
  'soap',
  'oil',
  'contact',
  'stomach',
  'systemic',
  'enemies',
  'egg-parasites',
  'nematodes',
  'bait',
  'cover',
  'protectant',
  'kickback',
  'eradicant',
  'clearing',
  'none',
] as const;
export type Means = (typeof MEANS)[number];

/**
 * What a control does against a trouble: `cures` takes away what is there; `holds` keeps what is there from what is
 * still sound (all there is against most diseases); `prevents` keeps it from coming and does nothing once it is there;
 * `next-year` helps the next planting; `aids` helps other means along and is never enough alone.
 */
export const DOES = ['cures', 'holds', 'prevents', 'next-year', 'aids'] as const;
export type Does = (typeof DOES)[number];

/** What can be seen of a plant in its year, in the order in which it comes. */
export const PHASES = [
  'before-planting',
  'sowing',
  'planting-out',
  'growing',
  'bare',
  'bud-swell',
  'green-tip',
  'coloured-bud',
  'in-flower',
  'petal-fall',
  'fruit-growing',
  'fruit-colouring',
  'picking',
  'after-picking',
  'leaf-fall',
] as const;
export type Phase = (typeof PHASES)[number];

/** When a means keeps something away, in what can be seen; the text goes on from "Its time:". */
export const whenSchema = z.strictObject({ phases: z.array(z.enum(PHASES)).min(1), text: z.string().min(5).max(140), prov: provenanceSchema });
export type When = z.infer<typeof whenSchema>;

const months = z.array(z.number().int().min(1).max(12)).min(1);

export const lifeStageSchema = z.strictObject({
  stage: z.string().min(2).max(40),
  months,
  where: z.string().min(3).max(90),
  open: z.array(z.enum(MEANS)).min(1),
});
export type LifeStage = z.infer<typeof lifeStageSchema>;

/** Where growers' schools differ: the positions, what Sleetbrook does, and why. */
export const schoolsSchema = z.strictObject({ topic: sentence, positions: z.array(sentence).min(2), ours: sentence, why: sentence });
export type Schools = z.infer<typeof schoolsSchema>;

/** Kinds of helpers that are set free, by what harms them. */
export const RELEASED = ['mites', 'wasps', 'ladybirds', 'nematodes'] as const;
export type Released = (typeof RELEASED)[number];

export const CARRIERS = ['wind', 'splash', 'tool', 'soil', 'seed', 'insect', 'flight', 'crawling', 'plants', 'none'] as const;

export const troubleSchema = z.strictObject({
  ...suspectBase,
  kind: z.enum(KINDS),
  /** Words that labels use for it, widest last. */
  labelAs: z.array(id).min(1),
  /** Months in which it is usual, counted for a cool climate of the northern hemisphere. */
  months,
  favours: z.array(z.enum(['wet', 'dry', 'warm', 'cool'])),
  /** Signs that show first. */
  first: z.array(id).min(1),
  /** What is counted, for scouting: "tips", "leaves". */
  unit: z.string().min(3),
  life: z.array(lifeStageSchema).min(1),
  /** Which stage a treatment can reach, and when. */
  vulnerable: factSchema,
  tolerate: factSchema,
  /** Share of units affected at which acting is worth it. */
  threshold: z.strictObject({ share: z.number().min(0).max(1), prov: provenanceSchema }),
  /** Days until the next look. */
  lookAgainDays: z.number().int().min(1).max(30),
  spread: z.strictObject({ by: z.array(z.enum(CARRIERS)).min(1), fact: factSchema, carries: z.array(id) }),
  /** What it is never, in a sentence. */
  never: factSchema,
  /** Helper ids that eat it. */
  enemies: z.array(id),
  /** Troubles, friends or look-alikes it is taken for, and what tells them apart. */
  apart: z.record(id, sentence),
  /** Troubles that bring it: their name comes before this one's. */
  follows: z.array(id),
  /** Curled leaves hide it, so contact sprays miss. */
  hidesInCurl: z.boolean(),
  /** Somewhere it must be reported before anything is done about it; null where no such duty is known. */
  report: z.strictObject({ in: z.array(country).min(1), prov: provenanceSchema }).nullable(),
  /** Why nobody treats it at home; null for what may be. */
  notAtHome: factSchema.nullable(),
  /** It lives inside wood, sap, roots or soil, where nothing that is sprayed on arrives. */
  inside: z.boolean(),
  /** A water mould: fungicides of the true fungi do nothing to it. */
  waterMould: z.boolean(),
  schools: z.array(schoolsSchema),
  controls: z
    .array(
      z.strictObject({
        control: id,
        /** Share of the pest or new infection it is expected to stop, done well, when the stage is right. */
        effect: z.number().min(0).max(1),
        why: sentence,
        prov: provenanceSchema,
        /** What it does against this one, where that is not what the control does in general. */
        does: z.enum(DOES).optional(),
        /** Its time against this one, where that is not the control's own. */
        when: whenSchema.optional(),
        /** Least warmth of the soil against this one, °C. */
        soilC: z.number().min(0).max(30).optional(),
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
  /** `maxTempC` holds for a day ahead, too: it goes on harming in the heat of tomorrow. */
  mildAhead: z.boolean().optional(),
  /** Goes on dry: nothing has to dry before the bees fly. */
  dry: z.boolean().optional(),
  /** No frost within two days. */
  noFrostAhead: z.boolean().optional(),
  /** Drier air than this shrinks drops until they drift: dry minus wet bulb, °C. */
  maxDeltaT: z.number().optional(),
});
export type HourNeeds = z.infer<typeof hourNeedsSchema>;

const howLineSchema = z.strictObject({
  text: sentence,
  at: z.enum(['before', 'on', 'after', 'list']),
  /** Holds for these ways of putting it on only. */
  by: z.array(z.enum(METHODS)).min(1).optional(),
  /** Holds where bees fly and wind blows: not in a room. */
  open: z.literal(true).optional(),
  state: z.enum(['liquid', 'dry']).optional(),
  /** Holds where it is mixed with water first. */
  mixed: z.literal(true).optional(),
});

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
  /**
   * Step by step. A line may say where on the way it belongs (before anything is opened, while it goes on, after; or in
   * lists only, where the cards say it themselves) and for which way of putting it on it holds.
   */
  how: z.array(z.union([sentence, howLineSchema])).min(1),
  works: factSchema,
  /** What nobody should expect of it. */
  doesNot: factSchema,
  /** What shows, afterwards, whether it worked. */
  after: factSchema,
  /** How it reaches what it is meant for; empty for care, which has no stage to catch. */
  means: z.array(z.enum(MEANS)),
  /** What it does in general; a trouble's own line may say otherwise. */
  does: z.enum(DOES),
  /** Its time where it keeps something away; any time when not given. */
  when: whenSchema.optional(),
  /** The plant is gone afterwards: only where nothing lesser would do. */
  destroys: z.boolean().optional(),
  /** Only where the plants stand in pots. */
  inPots: z.boolean().optional(),
  /** Only under glass or plastic, or in a room. */
  underCoverOnly: z.boolean().optional(),
  /** What it can do nothing against, whatever the label word. */
  notFor: z.array(z.enum(['bacterium', 'virus', 'water-mould', 'inside'])).optional(),
  /** Kinds of trouble, by label word, that it is used on without their entries naming it. */
  alsoFor: z.array(z.strictObject({ pests: z.array(id).min(1), effect: z.number().min(0).max(1), why: sentence, prov: provenanceSchema })).optional(),
  /** Made at home from plants, soap or ash: a pesticide in law in some places. */
  homeMade: z.boolean().optional(),
  /** Lets living helpers go, which what kills helpers undoes; and of which kind. */
  releases: z.enum(RELEASED).optional(),
  /** Least warmth of the soil, °C, where that counts; a trouble's own line may say otherwise. */
  soilC: z.number().min(0).max(30).optional(),
  /** Shuts insects out, the useful ones too. */
  covers: z.boolean().optional(),
  /** Where growers' schools differ about it. */
  schools: z.array(schoolsSchema).optional(),
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
