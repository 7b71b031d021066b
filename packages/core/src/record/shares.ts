/** A planting's part of one mix. */
export interface MixShare {
  readonly plantingId: string;
  /** Of the whole, 0 … 1. */
  readonly part: number;
}

/**
 * How one mix is shared out: by what the label's rate is counted by.
 * @param sizes of each planting, all more than 0; the parts add up to 1
 * @example sharesOf([{ plantingId: 'a', size: 3 }, { plantingId: 'b', size: 1 }]) // ¾ and ¼
 */
export function sharesOf(sizes: readonly { readonly plantingId: string; readonly size: number }[]): MixShare[] {
  const total = sizes.reduce((sum, s) => sum + s.size, 0);
  return sizes.map((s) => ({ plantingId: s.plantingId, part: total > 0 ? s.size / total : 1 / sizes.length }));
}
