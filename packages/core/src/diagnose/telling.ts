import { findSign } from '../catalogue';
import { usualness } from '../scout';
import type { KeyContext } from './context';
import { ENTRIES, type Entry } from './likelihood';

/** Less usual than this on a plant, in this country, it does not count as living there. */
const LIVES_THERE = 0.01;

const SHOWN_BY: ReadonlyMap<string, readonly Entry[]> = ENTRIES.reduce((by, e) => {
  for (const [id, how] of Object.entries(e.signs)) if (how !== 'never') by.set(id, [...(by.get(id) ?? []), e]);
  return by;
}, new Map<string, Entry[]>());

/**
 * Whether a sign by itself tells what it is on this plant: of all that live on it here one alone shows it, and at least
 * often; and it is no plain one such as wilting. What the grower refused still counts as living there: two may show it.
 */
export function tellsHere(context: KeyContext, entry: Entry, signId: string): boolean {
  const how = entry.signs[signId];
  if ((how !== 'always' && how !== 'often') || findSign(signId)?.plain) return false;
  const open = { ...context, refused: [] };
  return (SHOWN_BY.get(signId) ?? []).every((e) => e === entry || usualness(e, open) < LIVES_THERE);
}
