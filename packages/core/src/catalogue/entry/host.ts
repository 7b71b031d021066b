import { z } from 'zod';
import { FORMS, HOST_GROUPS } from '../vocabulary';
import { SHAPES } from '../shapes';
import { id, ids, sentence } from './base';

/** A host plant as a file writes it. */
export const hostEntry = z
  .strictObject({
    id,
    name: z.string().min(3).max(60),
    also: z.array(z.string().min(2).max(50)).optional().describe('Everyday and regional names, for the search.'),
    apart: sentence.optional().describe('What tells it from another host that goes by one of its names.'),
    family: z.string({ error: 'a host names its family' }).min(3),
    group: z.enum(HOST_GROUPS),
    shape: z.enum(Object.keys(SHAPES) as [keyof typeof SHAPES, ...(keyof typeof SHAPES)[]]).describe('Which parts a grower can look at.'),
    form: z.enum(FORMS).describe('How it grows, for the drawings of its parts.'),
    crops: ids.optional().describe("Words that labels use for it, widest last; its id when left out, and its group's own come by themselves."),
    edible: z.boolean().optional().describe('Vegetables and fruit are eaten unless said otherwise.'),
    bees: z.boolean().optional().describe('Flowers that bees visit.'),
    flowersOn: z.boolean().optional().describe('New flowers open while fruit hangs.'),
    upright: z.boolean().optional().describe('Tips grow upright and chafe under a cover.'),
    stands: z.enum(['family', 'group', 'any']).optional().describe('Stands for every plant of its family or group that has no entry, or for any plant.'),
  })
  .meta({ title: 'A host plant', description: 'See docs/catalogue.md.' });
export type HostEntry = z.infer<typeof hostEntry>;
