import { z } from 'zod';
import { idSchema, instantSchema } from './common';

/** A photograph attached to a look: what the server keeps of it beside the picture itself. */
export const photoSchema = z.strictObject({
  id: idSchema,
  lookId: idSchema,
  takenAt: instantSchema,
  width: z.number().int().positive(),
  height: z.number().int().positive(),
  bytes: z.number().int().positive(),
});
export type Photo = z.infer<typeof photoSchema>;

/** As sent, before the server makes it smaller. A phone's camera makes 3 to 8 MB. */
export const MAX_PHOTO_BYTES = 10_000_000;
export const MAX_PHOTOS_PER_LOOK = 12;
/** Longest edge as kept, in pixels. */
export const PHOTO_EDGE = 1600;
