import { z } from 'zod';

const id = z.string().min(1).max(64);
const name = z.string().trim().min(1).max(60);

/** A measure that the grower owns. Volumes in ml, masses in g. */
export const measureSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('spoon'), id, name, capacityMl: z.number().min(0.1).max(600) }),
  /** Anything with marks: a jug, a syringe, a cylinder. The lowest mark is one step. */
  z.strictObject({ kind: z.literal('jug'), id, name, capacityMl: z.number().min(1).max(20000), stepMl: z.number().min(0.1).max(1000) }),
  z.strictObject({ kind: z.literal('scale'), id, name, resolutionG: z.number().min(0.001).max(100), capacityG: z.number().min(1).max(100000) }),
]);

export type Measure = z.infer<typeof measureSchema>;

/** The spoons and jugs most kitchens hold, by measuring system; what set-up offers first. */
export const STARTER_KITS: Readonly<Record<'metric' | 'us' | 'imperial' | 'australian', readonly Measure[]>> = {
  metric: [
    { kind: 'spoon', id: 'tbsp', name: 'tablespoon', capacityMl: 15 },
    { kind: 'spoon', id: 'tsp', name: 'teaspoon', capacityMl: 5 },
    { kind: 'spoon', id: 'half-tsp', name: 'half teaspoon', capacityMl: 2.5 },
    { kind: 'spoon', id: 'quarter-tsp', name: 'quarter teaspoon', capacityMl: 1.25 },
  ],
  us: [
    { kind: 'spoon', id: 'tbsp', name: 'US tablespoon', capacityMl: 14.78676478125 },
    { kind: 'spoon', id: 'tsp', name: 'US teaspoon', capacityMl: 4.92892159375 },
    { kind: 'spoon', id: 'half-tsp', name: 'US half teaspoon', capacityMl: 2.464460796875 },
    { kind: 'spoon', id: 'quarter-tsp', name: 'US quarter teaspoon', capacityMl: 1.2322303984375 },
  ],
  imperial: [
    { kind: 'spoon', id: 'tbsp', name: 'tablespoon', capacityMl: 15 },
    { kind: 'spoon', id: 'tsp', name: 'teaspoon', capacityMl: 5 },
    { kind: 'spoon', id: 'half-tsp', name: 'half teaspoon', capacityMl: 2.5 },
  ],
  australian: [
    { kind: 'spoon', id: 'tbsp', name: 'Australian tablespoon', capacityMl: 20 },
    { kind: 'spoon', id: 'tsp', name: 'teaspoon', capacityMl: 5 },
    { kind: 'spoon', id: 'half-tsp', name: 'half teaspoon', capacityMl: 2.5 },
    { kind: 'spoon', id: 'quarter-tsp', name: 'quarter teaspoon', capacityMl: 1.25 },
  ],
};
