import { z } from 'zod';
import { DOES, PHASES } from '../schema';
import { id, marked, ref, refs } from './base';

const timeText = z.string().min(5).max(140);
/** When a means keeps something away, in what can be seen; the text goes on from "Its time:". */
export const when = marked({ phases: z.array(z.enum(PHASES)).min(1, 'at least one phase') }, timeText);

/** One control against a trouble: the share of the pest or of new infection that it stops, done well, at the right stage. */
export const use = marked({
  control: ref('controls'),
  effect: z.number().min(0, 'at least 0').max(1, 'at most 1, which is all of it').describe('Share stopped, 0 to 1.'),
  does: z.enum(DOES).optional().describe('What it does against this one, where that is not what the control does in general.'),
  when: when.optional(),
  soilC: z.number().min(0).max(30).optional().describe('Least warmth of the soil against this one, °C.'),
});

/** A shared list of means, by its name, without some of them. */
export const listed = z.strictObject({ list: ref('means'), except: refs('controls').min(1).optional() });

export const meansEntry = z.strictObject({ id, about: z.string().min(5), lines: z.array(use).min(1) });
export type MeansEntry = z.infer<typeof meansEntry>;
export type UseEntry = z.infer<typeof use>;

/** A line of the ladder: a control, or a shared list. */
export const line = z.union([listed, use], {
  error: 'a control with effect and its sentence (practice, memory or published), or a list: name',
});
