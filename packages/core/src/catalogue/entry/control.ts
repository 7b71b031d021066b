import { z } from 'zod';
import { DOES, IN_VAIN, MEANS, RELEASED } from '../vocabulary';
import { fact, id, ids, marked, ref, schools, sentence, withMark } from './base';
import { howLine } from './how-line';
import { when } from './use';

/** What an hour must be like for a control to work and to harm nobody. Units in the names. */
const hourNeeds = z.strictObject({
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
export type HourNeeds = z.infer<typeof hourNeeds>;

const courseEntry = withMark({
  rounds: z
    .strictObject({ least: z.number().int().min(1), most: z.number().int().min(1) })
    .describe('Rounds until it is judged, and the most that make sense.'),
  every: z.strictObject({ min: z.number().int().min(1), max: z.number().int().min(1) }).describe('Days from one round to the next.'),
  judgeDays: z.number().int().min(1).describe('Days from the last round until it shows.'),
  words: sentence,
  slow: z.boolean().optional().describe('It acts over weeks: little to see at first is no failure.'),
  guards: z.boolean().optional().describe('It guards what is clean rather than cures.'),
  ends: z.enum(['judged', 'clean', 'over']).optional().describe('What ends it: its rounds, two counts that find none, or that what it guards against is over.'),
});

/** A control as a file writes it. */
export const controlEntry = z
  .strictObject({
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
    sheet: ref('sheets').optional(),
    needs: hourNeeds,
    /**
     * Step by step. A line may say where on the way it belongs (before anything is opened, while it goes on, after; or in
     * lists only, where the cards say it themselves) and for which way of putting it on it holds.
     */
    how: z.array(z.union([sentence, howLine])).min(1),
    works: fact,
    /** What nobody should expect of it. */
    doesNot: fact,
    /** What shows, afterwards, whether it worked. */
    after: fact,
    /** How it reaches what it is meant for; empty for care, which has no stage to catch. */
    means: z.array(z.enum(MEANS)),
    /** What it does in general; a trouble's own line may say otherwise. */
    does: z.enum(DOES),
    /** Its time where it keeps something away; any time when not given. */
    when: when.optional(),
    /** The plant is gone afterwards: only where nothing lesser would do. */
    destroys: z.boolean().optional(),
    /** Only where the plants stand in pots. */
    inPots: z.boolean().optional(),
    /** Only under glass or plastic, or in a room. */
    underCoverOnly: z.boolean().optional(),
    /** What it can do nothing against, whatever the label word. */
    notFor: z.array(z.enum(IN_VAIN)).optional(),
    /** Kinds of trouble, by label word, that it is used on without their entries naming it. */
    alsoFor: z.array(marked({ pests: ids.min(1), effect: z.number().min(0).max(1) })).optional(),
    /** Made at home from plants, soap or ash: a pesticide in law in some places. */
    homeMade: z.boolean().optional(),
    /** Lets living helpers go, which what kills helpers undoes; and of which kind. */
    releases: z.enum(RELEASED).optional(),
    /** Least warmth of the soil, °C, where that counts; a trouble's own line may say otherwise. */
    soilC: z.number().min(0).max(30).optional(),
    /** Shuts insects out, the useful ones too. */
    covers: z.boolean().optional(),
    /** Where growers' schools differ about it. */
    schools: z.array(schools).optional(),
    cautions: z.array(fact),
    course: courseEntry.optional().describe('How often, how far apart and when it is judged; left out for what is done once.'),
    /** Stages of the planting at which it makes no sense, with the reason. */
    notAt: z.array(z.strictObject({ stage: z.string(), why: sentence })).optional(),
    /** Not where plants stand closer than they are wide. */
    notWhenDense: sentence.optional(),
    /** Plants of these groups it does not suit, with the reason. */
    notOn: z.array(z.strictObject({ group: z.string(), why: sentence })).optional(),
    outdoorsOnly: z.boolean().optional(),
  })
  .meta({ title: 'A control', description: 'See docs/catalogue.md.' });
export type ControlEntry = z.infer<typeof controlEntry>;
