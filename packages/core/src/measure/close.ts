/** Two figures are the same within this share: what is lost in conversions, never what a person can measure. */
export const SAME = 1e-6;

/**
 * Whether a figure is not above another, as printed figures are: a label's own figure is never above itself for
 * having been converted.
 * @example atMost(1.3020833333, 1.30208333) // true
 */
export const atMost = (a: number, b: number): boolean => a <= b + Math.abs(b) * SAME;

/** @example atLeast(7.8125, 7.81250001) // true */
export const atLeast = (a: number, b: number): boolean => a >= b - Math.abs(b) * SAME;

/** @example same(0.1 + 0.2, 0.3) // true */
export const same = (a: number, b: number): boolean => atMost(a, b) && atLeast(a, b);

/** Tablespoons of two countries differ by 1.4 %: a shortfall within this is the roundness of measures, not a weak mix. */
const ROUNDNESS = 0.02;

/**
 * Whether what was made is as strong as the label's least, as spoons can tell. For too little only: what a label
 * allows at most is never stretched.
 * @example strongEnough(7.81, 7.8125) // true
 */
export const strongEnough = (made: number, least: number): boolean => made >= least * (1 - ROUNDNESS);
