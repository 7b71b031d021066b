import { z } from 'zod';

const id = z.string().min(1).max(64);
const name = z.string().trim().min(1).max(60);

/** What such a measure can hold or weigh, and how far its marks can be apart: in ml, of a scale in g. */
export const MEASURE_BOUNDS = {
  /** To a gallon pitcher: what is filled to the brim and has no marks. */
  spoon: { holds: [0.1, 5000], step: [0, 0] },
  jug: { holds: [1, 20_000], step: [0.01, 1000] },
  scale: { holds: [1, 100_000], step: [0.001, 100] },
} as const;

const bound = ([min, max]: readonly [number, number]) => z.number().min(min).max(max);

/** A measure that the grower owns. Volumes in ml, masses in g. */
export const measureSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('spoon'), id, name, capacityMl: bound(MEASURE_BOUNDS.spoon.holds) }),
  /** Anything with marks: a jug, a syringe, a cylinder. The lowest mark is one step. */
  z.strictObject({ kind: z.literal('jug'), id, name, capacityMl: bound(MEASURE_BOUNDS.jug.holds), stepMl: bound(MEASURE_BOUNDS.jug.step) }),
  z.strictObject({ kind: z.literal('scale'), id, name, resolutionG: bound(MEASURE_BOUNDS.scale.step), capacityG: bound(MEASURE_BOUNDS.scale.holds) }),
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
