/**
 * How often a property is tried: in `npm test` a part of it, in `npm run test:long` all of it. Each run has another seed,
 * which is printed first and taken again from `SLEETBROOK_SEED`.
 */
const LONG = process.env['SLEETBROOK_LONG'] === '1';

/** The part of a long property that the short form tries. */
const SHORT_SHARE = 20;
const LEAST = 25;

/**
 * @param all runs of the long form
 * @param short runs of the short form; a twentieth of all, 25 at the least, when not given
 * @example { numRuns: runs(10_000) } // 500 in npm test
 */
export const runs = (all: number, short = Math.max(LEAST, Math.ceil(all / SHORT_SHARE))): number => (LONG ? all : Math.min(all, short));

/** The seed of this run, the same for all its files. */
export const SEED = Number(process.env['SLEETBROOK_SEED'] ?? Math.floor(Math.random() * 2 ** 31));

/** Numbers 1 to `all`; in the short form so many of them running, from a place that the seed says. */
export function numbered(all: number, short?: number): readonly number[] {
  const n = runs(all, short);
  const from = n === all ? 0 : SEED % (all - n + 1);
  return Array.from({ length: n }, (_, i) => from + i + 1);
}

/** All of a list; in the short form so many of it, evenly, from a place that the seed says. */
export function drawn<T>(all: readonly T[], short: number): readonly T[] {
  if (LONG || all.length <= short) return all;
  const step = all.length / short;
  return Array.from({ length: short }, (_, i) => all[Math.floor(i * step + (SEED % Math.ceil(step))) % all.length] as T);
}

/**
 * What a share that holds over all may fall to by chance in the part that is tried: three of its standard deviations lower.
 * @param of how many are tried
 */
export const atLeast = (share: number, of: number): number => (LONG ? share : share - 3 * Math.sqrt((share * (1 - share)) / of));

/** How many of `all` runs must have met something, in the part of them that is tried: half of its share, since few are left to chance. */
export const met = (n: number, all: number): number => (LONG ? n : Math.floor((n * runs(all)) / all / 2) - 1);
