import { z } from 'zod';
import { DOES, MOMENTS, PHASES, SITUATIONS } from '../vocabulary';
import { hostKey, id, marked, ref, refs, sentence } from './base';
import { howLine } from './how-line';

const timeText = z.string().min(5).max(140);
/** When a means keeps something away, in what can be seen; the text goes on from "Its time:". */
export const when = marked({ phases: z.array(z.enum(PHASES)).min(1, 'at least one phase') }, timeText);

const share = z.number().min(0, 'at least 0').max(1, 'at most 1, which is all of it');
/** Share stopped: one figure, or one while there are few and one from the threshold on. */
const effect = z.union([share, z.strictObject({ few: share, many: share })], { error: 'a share from 0 to 1, or few and many' });

/** How it is carried out against this one, where that differs from what the control does in general. */
export const pairCourse = z
  .strictObject({
    rounds: z.strictObject({ least: z.number().int().min(1), most: z.number().int().min(1) }),
    every: z.strictObject({ min: z.number().int().min(1), max: z.number().int().min(1) }).describe('Days from one round to the next.'),
    at: z.array(z.enum(MOMENTS)).min(1).describe('Moments of the year that its rounds hang on, in their order.'),
    judgeDays: z.number().int().min(1).describe('Days from the last round until it shows.'),
    words: sentence,
    slow: z.boolean(),
    guards: z.boolean(),
    ends: z.enum(['judged', 'clean', 'over']),
  })
  .partial();

/** One control against a trouble: the share of the pest or of new infection that it stops, done well, at the right stage. */
export const use = marked({
  control: ref('controls'),
  effect: effect.describe('Share stopped, 0 to 1.'),
  does: z.enum(DOES).optional().describe('What it does against this one, where that is not what the control does in general.'),
  alsoPrevents: z.literal(true).optional().describe('It keeps it away as well.'),
  atOnce: z.literal(true).optional().describe('Done as soon as it is seen: no rule of the season holds it back.'),
  when: when.optional(),
  soilC: z.number().min(0).max(30).optional().describe('Least warmth of the soil against this one, °C.'),
  onlyOn: z.array(hostKey).min(1).optional().describe('Only on these of its plants; on all when left out.'),
  notOn: z.array(hostKey).min(1).optional().describe('Not on these of its plants.'),
  reaches: z.array(z.string().min(2)).min(1).optional().describe('Stages of this life strip that it reaches, where its means alone do not tell.'),
  where: z
    .record(z.union([z.enum(SITUATIONS), hostKey]), effect)
    .optional()
    .describe('The share where it differs: by plant, or under-glass, indoors, outdoors, turf, tall, bare, in-leaf, curled.'),
  course: pairCourse.optional(),
  how: z.array(howLine).min(1).optional().describe('Lines of its card for this trouble.'),
  first: z
    .union([z.literal(true), z.strictObject({ from: share.optional(), onlyOn: z.array(hostKey).min(1).optional() })])
    .optional()
    .describe('The trade does it before all else: from such a share on, on some of its plants.'),
});

/** A shared list of means, by its name, without some of them; what of it was held against this trouble is confirmed. */
export const listed = z.strictObject({
  list: ref('means'),
  except: refs('controls').min(1).optional(),
  confirmed: refs('controls').min(1).optional().describe('Lines that hold for this trouble as they stand. The others are said to hold in general only.'),
});

export const meansEntry = z.strictObject({ id, about: z.string().min(5), lines: z.array(use).min(1) });
export type MeansEntry = z.infer<typeof meansEntry>;
export type UseEntry = z.infer<typeof use>;

/** A line of the ladder: a control, or a shared list. */
export const line = z.union([listed, use], {
  error: 'a control with effect and its sentence (practice, memory or published), or a list: name',
});
