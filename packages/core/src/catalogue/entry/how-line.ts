import { z } from 'zod';
import { METHODS } from '../methods';
import { sentence } from './base';

/** A line of a step card that says where on the way it belongs. */
export const howLine = z.strictObject({
  text: sentence,
  at: z.enum(['before', 'on', 'after', 'list']),
  /** Holds for these ways of putting it on only. */
  by: z.array(z.enum(METHODS)).min(1).optional(),
  /** Holds where bees fly and wind blows: not in a room. */
  open: z.literal(true).optional(),
  state: z.enum(['liquid', 'dry']).optional(),
  /** How often, in general: a trouble with a course of its own says its own. */
  again: z.literal(true).optional(),
  /** Holds where it is mixed with water first. */
  mixed: z.literal(true).optional(),
});

export type HowLineEntry = z.infer<typeof howLine>;
