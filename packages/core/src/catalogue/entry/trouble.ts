import { z } from 'zod';
import { lawPlace } from './law';
import { CARRIERS, CLIMATES, FAVOURS, KINDS, MEANS } from '../vocabulary';
import { fact, hostKey, ids, marked, months, range, ref, refs, schools, sentence, suspect, withMark } from './base';
import { line } from './use';

/** Where it must be reported before anything is done about it. */
const report = withMark({
  in: z.array(lawPlace).min(1, 'at least one country, or a state or province as US-CA'),
  asOf: z
    .string()
    .regex(/^20\d\d-(0[1-9]|1[0-2])$/, 'year and month, as 2026-11')
    .describe('When that was known: year and month.'),
  meanwhile: z
    .array(
      z.strictObject({
        in: z.array(lawPlace).min(1).optional().describe('Where this is asked of people; anywhere if left out.'),
        say: sentence,
        kill: z.array(ref('controls')).min(1).optional().describe('What may be done to it at once, beside the report.'),
      }),
    )
    .min(1)
    .optional()
    .describe('What is done until the office has answered: the first that fits the place holds.'),
});

/** One of the kinds that go by the group's name, where its life, its plants or the duty to report differ. */
const species = marked({
  name: z.string().min(3).max(60),
  hosts: z.array(hostKey).min(1),
  range: range.optional().describe("Where it lives, where that is not the group's range."),
  report: report.optional(),
});

/** How warm it must have been for how long until a stage is there. */
const warmth = withMark({
  lowerC: z.number().min(-5).max(20).describe('Below it nothing grows, °C.'),
  upperC: z.number().min(20).max(45).optional(),
  degreeDays: z.number().positive().max(3000).describe('Degree-days, °C, from the start to this stage.'),
  from: z.string().min(5).max(80).describe('What the days are counted from, in what can be seen.'),
});

/** A trouble as a file writes it. */
export const troubleEntry = z
  .strictObject({
    ...suspect,
    kind: z.enum(KINDS),
    labelAs: ids.min(1).describe('Words that labels use for it, widest last; its own id comes first by itself.'),
    first: refs('signs').min(1).describe('Signs that show first, for the walk.'),
    season: months.describe('Months in which it is usual in a cool climate of the north: 5-8, 11-3, "6" or all.'),
    favours: z.array(z.enum(FAVOURS)).optional(),
    climates: z.array(z.enum(CLIMATES)).min(1).optional().describe('Climates it is known from, in the open; all when left out.'),
    unit: z.string().min(3).describe('What is counted: tips, leaves.'),
    life: z
      .array(
        z.strictObject({
          stage: z.string().min(2).max(40),
          months,
          where: z.string().min(3).max(90),
          open: z.array(z.enum(MEANS)).min(1).describe('What the stage is open to; none closes everything.'),
          with: z.array(z.string().min(2)).min(1).optional().describe('Stages that are there beside it while it is seen.'),
          warmth: warmth.optional(),
        }),
      )
      .min(1, 'at least one stage of life'),
    vulnerable: fact.describe('Which stage a treatment can reach, and when.'),
    tolerate: fact,
    threshold: withMark({ share: z.number().min(0).max(1) }).describe('Share of units at which acting is worth it; 0.02 and under is at the first sign.'),
    lookAgainDays: z.number().int().min(1).max(30),
    spread: marked({ by: z.array(z.enum(CARRIERS)).min(1), carries: refs('troubles').optional() }),
    never: fact.describe('What it is never, in a sentence.'),
    enemies: refs('helpers').optional().describe('Helpers that eat it.'),
    apart: z.record(ref('suspects'), sentence).optional().describe('What it is taken for, and what tells them apart.'),
    follows: refs('troubles').optional().describe('Troubles that bring it: their name comes before its own.'),
    hidesInCurl: z.boolean().optional(),
    stings: z.boolean().optional().describe('Its hairs or spines hurt whoever comes near: hands off until it is ruled out.'),
    report: report.optional().describe('Countries where it must be reported before anything is done about it.'),
    species: z.array(species).optional().describe('Kinds that go by this name, where life, plants or the duty to report differ.'),
    late: refs('signs').min(1).optional().describe('Signs that show only when it is far on.'),
    notAtHome: fact.optional().describe('Why nobody treats it at home.'),
    inside: z.boolean().optional().describe('It lives where nothing sprayed on arrives: wood, sap, roots, soil.'),
    waterMould: z.boolean().optional(),
    schools: z.array(schools).optional(),
    controls: z.array(line).min(1),
  })
  .meta({ title: 'A trouble', description: 'See docs/catalogue.md.' });
export type TroubleEntry = z.infer<typeof troubleEntry>;
