/** What further looking would bring. */
export type Enough =
  | { readonly state: 'treat'; readonly looked: number }
  | { readonly state: 'leave'; readonly looked: number }
  /** How many more, all alike, would settle it: clean ones for leaving, affected ones for treating. */
  | { readonly state: 'more'; readonly cleanMore: number; readonly affectedMore: number };

/** Both errors: to treat for nothing, and to leave what should be treated. */
const ERROR = 0.1;
/** Past this many leaves the count is good enough either way. */
export const MOST_LOOKED = 100;

/**
 * Whether enough units were looked at to say "treat" or "leave it": Wald's sequential probability
 * ratio test of share affected, half the threshold against one and a half times it.
 * @param affected units with the trouble, 0 … looked
 * @param threshold share at which acting is worth it, 0 … 1 (at the ends kept off 0 and 1)
 * @source Wald 1945, Annals of Mathematical Statistics 16: 117-186; error rates 10 % each from memory
 * @example enough(0, 4, 0.2) // { state: 'more', cleanMore: 5, … }
 */
export function enough(affected: number, looked: number, threshold: number): Enough {
  const t = Math.min(Math.max(threshold, 0.01), 0.65);
  const p0 = t / 2;
  const p1 = Math.min(1.5 * t, 0.98);
  const up = Math.log((1 - ERROR) / ERROR);
  const perAffected = Math.log(p1 / p0);
  const perClean = Math.log((1 - p1) / (1 - p0));
  const llr = affected * perAffected + (looked - affected) * perClean;
  const slack = 1e-9;
  if (llr >= up - slack) return { state: 'treat', looked };
  if (llr <= -up + slack) return { state: 'leave', looked };
  if (looked >= MOST_LOOKED) return { state: affected / looked >= t ? 'treat' : 'leave', looked };
  return { state: 'more', cleanMore: Math.ceil((-up - llr) / perClean - slack), affectedMore: Math.ceil((up - llr) / perAffected - slack) };
}

export const TOLERANCES = ['spotless', 'usual', 'easy-going'] as const;
export type Tolerance = (typeof TOLERANCES)[number];

/** How much the grower bears on this planting moves the threshold (from memory). */
const TIMES: Readonly<Record<Tolerance, number>> = { spotless: 0.5, usual: 1, 'easy-going': 2 };

/**
 * The share at which acting is worth it for this grower on this planting.
 * @param share the entry's threshold, 0 … 1
 * @returns at most 0.9; what must be dealt with at the first sign (0.02 and under) is not moved
 */
export const thresholdFor = (share: number, tolerance: Tolerance): number => (share <= 0.02 ? share : Math.min(0.9, share * TIMES[tolerance]));
