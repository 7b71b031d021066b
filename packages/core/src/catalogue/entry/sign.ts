import { z } from 'zod';
import { drawingSchema } from '../schema';
import { LOOKS, PARTS } from '../vocabulary';
import { hostKey, id } from './base';

/** A sign as a file writes it. */
export const signEntry = z
  .strictObject({
    id,
    name: z.string().min(3).max(40).describe('On the tile.'),
    question: z.string().min(3).max(80).endsWith('?', 'it ends with a question mark').describe('As the next look.'),
    yes: z.string().min(3).max(30).optional().describe('The button that says it is there.'),
    parts: z.array(z.enum(PARTS)).min(1),
    also: z.array(z.string().min(2).max(40)).min(1).optional().describe('Other words people look for it by.'),
    plain: z.literal(true).optional().describe('Anything may do it: by itself it names nothing, though one suspect alone may list it.'),
    covers: z
      .array(id)
      .min(2)
      .optional()
      .describe('Signs that are this one, seen more closely. Whoever shows one of them shows this: it need not be listed again.'),
    onlyOn: z.array(hostKey).min(1).optional().describe('Plants that it can be asked of: others have no tubers, needles or cobs.'),
    against: z.array(id).min(1).optional().describe('Signs that can not be there beside it.'),
    look: z.enum(LOOKS).describe('What it takes to see it.'),
    drawing: drawingSchema.optional().describe('Left out for what can not be drawn.'),
  })
  .meta({ title: 'A sign', description: 'See docs/catalogue.md.' });
export type SignEntry = z.infer<typeof signEntry>;
