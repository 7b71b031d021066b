import type { LabelSheet } from './schema';

/** What was made at home in the place of a product. */
export interface Made {
  /** As its maker calls it: "Bordeaux mixture 10-10-100". */
  readonly name: string;
  /** Share of the first active ingredient in what is counted as product, %; null where the specimen's holds. */
  readonly percent: number | null;
}

/**
 * The sheet that stands for something made at home: no label covers it, so its waits, gaps and what it counts as are
 * the specimen's, under its own name and strength.
 * @example madeSheet(bordeaux, { name: 'Bordeaux mixture 10-10-100', percent: 12.7 })
 */
export const madeSheet = (specimen: LabelSheet, made: Made): LabelSheet => ({
  ...specimen,
  name: made.name,
  actives: specimen.actives.map((a, i) => (i === 0 && made.percent !== null ? { ...a, percent: made.percent } : a)),
});
