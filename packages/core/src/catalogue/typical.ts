import type { Typicality } from './schema';

/** How often a sign is there, by its word; from memory. */
const THERE: Readonly<Record<Typicality, number>> = { always: 0.97, often: 0.75, sometimes: 0.35, rarely: 0.06, never: 0 };
/** From such a share on, the word. */
const WORD: readonly (readonly [Typicality, number])[] = [
  ['always', 0.85],
  ['often', 0.55],
  ['sometimes', 0.2],
  ['rarely', 0.03],
];

/** How typical it is that one of several is there; undefined where none ever is. */
export function together(of: readonly Typicality[]): Typicality | undefined {
  const none = of.reduce((p, how) => p * (1 - THERE[how]), 1);
  return WORD.find(([, from]) => 1 - none >= from)?.[0];
}
