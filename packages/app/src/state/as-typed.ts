import { parseQuantity, sayIn, type Dimension, type UnitSystem } from '@sleetbrook/core/measure';

/** An exact figure and the words it stands in a field as: the words are short, the figure stays whole. */
export interface Typed {
  readonly text: string;
  readonly si: number;
}

/** Words may leave out as much as no measure shows. */
const UNSEEN = 0.01;

/**
 * A figure for a field, in the grower's own measures.
 * @param si in ml, g, m or m²
 * @example asTyped(2.46446, 'volume', 'us') // { text: '½ tsp', si: 2.46446 }
 */
export function asTyped(si: number, dimension: Dimension, units: UnitSystem): Typed {
  const text = sayIn(si, dimension, units);
  const back = parseQuantity(text, units, [dimension]);
  if (back.ok && Math.abs(back.value.si - si) <= si * UNSEEN) return { text, si };
  return { text: sayIn(si, dimension, 'metric'), si };
}

/** What a field means: the figure itself while its words were not touched, else what was read from them. */
export const meantBy = (text: string, typed: Typed | null | undefined, read: number): number => (typed && text === typed.text ? typed.si : read);
