/** A share of affected units with its interval, all in 0..1. */
export interface Share {
  readonly share: number;
  readonly low: number;
  readonly high: number;
}

/**
 * Share affected of those looked at, with the Wilson score interval.
 * @param affected units with the trouble, 0 … looked
 * @param looked units looked at; 0 gives the know-nothing interval 0..1
 * @param z standard normal quantile, 1.96 for 95 in 100
 * @source Wilson 1927, Journal of the American Statistical Association 22: 209-212
 * @example wilson(9, 20) // { share: 0.45, low: 0.258, high: 0.658 }
 */
export function wilson(affected: number, looked: number, z = 1.959964): Share {
  if (looked <= 0) return { share: 0, low: 0, high: 1 };
  const p = Math.min(Math.max(affected / looked, 0), 1);
  const z2 = z * z;
  const centre = p + z2 / (2 * looked);
  const half = z * Math.sqrt((p * (1 - p)) / looked + z2 / (4 * looked * looked));
  const below = 1 + z2 / looked;
  return { share: p, low: Math.max(0, (centre - half) / below), high: Math.min(1, (centre + half) / below) };
}
