import type { Load } from './types';

/** One act on one card. */
export interface Step {
  readonly id: string;
  readonly title: string;
  readonly text: readonly string[];
  /** What must not go wrong here. */
  readonly caution: string | null;
  /** A safety gate: each point is confirmed before the next card. */
  readonly gate: readonly string[];
  /** The load whose product is measured on this card. */
  readonly measure: Load | null;
  readonly load: number | null;
  /** A clock that the card offers: seconds. */
  readonly seconds?: number;
}

/** A card with its words; gate, caution, clock and load only where they are given. */
export const step = (id: string, title: string, text: readonly string[], more: Partial<Step> = {}): Step => ({
  id,
  title,
  text,
  caution: null,
  gate: [],
  measure: null,
  load: null,
  ...more,
});
