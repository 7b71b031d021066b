import type { MeasuredOut } from '../measure';

/** A way to an amount that the grower's measures can not make closely. */
export type Way =
  | { readonly by: 'larger-batch'; readonly sentence: string; readonly error: number; readonly waterMl: number }
  | { readonly by: 'syringe' | 'small-spoon' | 'scale'; readonly sentence: string; readonly error: number }
  /** Several loads' product thinned in a measured jug, and a part of that per load. */
  | {
      readonly by: 'stock';
      readonly sentence: string;
      readonly error: number;
      readonly stir: MeasuredOut;
      readonly toMl: number;
      readonly takeMl: number;
      readonly take: MeasuredOut;
    };
