import { z } from 'zod';
import { REGION_IDS } from '../range';
import { TYPICALITY } from '../vocabulary';

/** Small letters and hyphens. An id never changes once released: records refer to it. */
export const id = z.string({ error: 'a word in small letters, such as bean-aphid' }).regex(/^[a-z][a-z0-9-]*$/, 'small letters, figures and hyphens only');
export const ids = z.array(id);

/** What an id may lead to; the published schemas list what there is, so that an editor completes it. */
export const TARGETS = ['signs', 'controls', 'means', 'troubles', 'helpers', 'suspects', 'sheets', 'host keys'] as const;
export type Target = (typeof TARGETS)[number];
export const ref = (refers: Target) => id.meta({ refers });
/** `leek`, `family:Fabaceae`, `group:house` or `any`. */
export const hostKey = z.string().meta({ refers: 'host keys' satisfies Target });
export const refs = (refers: Target) => z.array(ref(refers));
export const sentence = z.string({ error: 'a sentence' }).min(3, 'at least 3 letters').max(400, 'at most 400 letters');

const MARKS = ['practice', 'memory', 'published'] as const;
const MARK_RULE = 'a fact says where it comes from: practice, memory, or published with its source';
const SOURCE_RULE = 'what is published names its source';
const source = z.string().min(5, 'title, section or table').describe('Title, section or table of what is published.');
const named = (x: { source?: string | undefined }, published: boolean) => published === (x.source !== undefined);

const oneMark = { oneOf: MARKS.map((m) => ({ required: m === 'published' ? [m, 'source'] : [m] })) };

/** Whatever says something in a sentence: the key of the sentence is where it comes from. @example marked({}) // { practice: 'Ants guard them.' } */
export const marked = <T extends z.ZodRawShape>(shape: T, text: z.ZodString = sentence) =>
  z
    .strictObject({
      ...shape,
      practice: text.optional().describe('The sentence, if it is common practice in the trade.'),
      memory: text.optional().describe('The sentence, if it is from memory.'),
      published: text.optional().describe('The sentence, if a source at hand says so.'),
      source: source.optional(),
    })
    .refine((x) => MARKS.filter((m) => x[m as keyof typeof x] !== undefined).length === 1, MARK_RULE)
    .refine((x) => named(x as { source?: string }, x['published' as keyof typeof x] !== undefined), SOURCE_RULE)
    .meta(oneMark);

/** One statement of fact. */
export const fact = marked({});

/** Whatever says something in figures or lists: `mark` is where it comes from. */
export const withMark = <T extends z.ZodRawShape>(shape: T, missing?: string) =>
  z
    .strictObject(
      { ...shape, mark: z.enum(MARKS, { error: MARK_RULE }), source: source.optional() },
      missing ? { error: (i) => (i.input === undefined ? missing : undefined) } : undefined,
    )
    .refine((x) => named(x as { source?: string }, (x as { mark?: string }).mark === 'published'), SOURCE_RULE);

/** Months of a cool climate of the northern hemisphere. */
const MONTHS = "months as 5-8, over the year's end as 11-3, one month as 6, or all";
export const months = z.union([z.literal('all'), z.number().int().min(1).max(12), z.string().regex(/^([1-9]|1[0-2])-([1-9]|1[0-2])$/, MONTHS)], {
  error: MONTHS,
});

export const schools = z.strictObject({ topic: sentence, positions: z.array(sentence).min(2, 'at least two positions'), ours: sentence, why: sentence });

const region = z.enum(REGION_IDS);

/** Where an entry lives: everywhere that its plants grow, or the regions where it is at home and where it was brought to. */
export const range = withMark(
  {
    everywhere: z.literal(true).optional().describe('Wherever its plants grow.'),
    native: z.array(region).min(1).optional().describe('Regions where it is at home.'),
    spread: z.array(region).min(1).optional().describe('Regions it was brought to, or has reached.'),
  },
  'an entry says where it lives: range: { everywhere: true, mark: memory }, or native and spread regions',
).refine(
  (r) => (r.everywhere === true) !== (r.native !== undefined || r.spread !== undefined),
  'everywhere: true, or the regions where it is native or spread',
);

/** What names, places and shows a suspect, be it trouble or friend. */
export const suspect = {
  id,
  name: z.string().min(3).max(60),
  also: z.array(z.string().min(2).max(50)).optional().describe('Everyday and regional names, for the search.'),
  sizeMm: z.number().positive().max(200).optional().describe('Length of the creature to look for, mm.'),
  hosts: z
    .record(hostKey, z.number({ error: 'a figure' }).positive('more than 0').max(3, 'at most 3'))
    .describe('How common it is, 1 being usual, by host id, family:NAME, group:NAME or any.'),
  signs: z
    .strictObject(
      Object.fromEntries(TYPICALITY.map((t) => [t, refs('signs').min(1).optional()])) as Record<(typeof TYPICALITY)[number], z.ZodOptional<typeof ids>>,
    )
    .describe('Sign ids by how typical they are.'),
  range,
  facts: z.array(fact).min(1, 'at least one fact'),
};
