import type { Tokens } from '../../../ui/tokens';

/** A drawing is data: paths in a field of 160 by 120, so that it can be counted, tested and drawn at any size. */
export interface Shape {
  readonly d: string;
  readonly fill?: string;
  readonly stroke?: string;
  /** Line width. */
  readonly w?: number;
  readonly opacity?: number;
  readonly dash?: string;
  readonly at?: Place;
}

/** Where a glyph drawn round the origin goes: x, y, turn in degrees, scale. */
export type Place = readonly [x: number, y: number, turn: number, scale: number];

/** What a motif is drawn with. */
export interface Pen {
  readonly t: Tokens;
  readonly tone: string;
  readonly n: number | undefined;
  readonly spots: (count: number, seed?: number) => readonly Spot[];
  /** Where one creature sits well on this base. */
  readonly middle: Place;
}
export interface Spot {
  readonly x: number;
  readonly y: number;
  /** 0 … 1, for size and turn. */
  readonly r: number;
}

export const circle = (x: number, y: number, r: number): string => ellipse(x, y, r, r);
export const ellipse = (x: number, y: number, rx: number, ry: number): string =>
  `M${x - rx} ${y}a${rx} ${ry} 0 1 0 ${2 * rx} 0a${rx} ${ry} 0 1 0 ${-2 * rx} 0Z`;
export const line = (d: string, stroke: string, w = 2): Shape => ({ d, stroke, w });
export const solid = (d: string, fill: string, stroke?: string, w = 2): Shape => (stroke ? { d, fill, stroke, w } : { d, fill });

/** Shapes of a glyph set down at a place. */
export const put = (shapes: readonly Shape[], at: Place): Shape[] => shapes.map((s) => ({ ...s, at }));

/** Repeatable numbers in 0 … 1. */
export function random(seed: number): () => number {
  let s = (seed * 9301 + 49297) % 233280;
  return () => {
    s = (s * 9301 + 49297) % 233280;
    return s / 233280;
  };
}

/** Repeatable points that fill the unit square evenly, without clumps (the R2 sequence). */
export const even = (i: number, seed: number): readonly [number, number] => [(0.5 + (i + seed) * 0.7548776662) % 1, (0.5 + (i + seed) * 0.569840291) % 1];
