import { LIST_A_PAGE } from '../api';
import { Refusal } from './refusal';

/** A part of a list that is kept whole, and what to ask for next: null after the last part. */
export interface Part<T> {
  readonly list: readonly T[];
  readonly next: string | null;
}

/**
 * The part of a list that comes after an entry, so that no list grows without bound in one answer.
 * @param after the key of the last entry that is known; nothing for the beginning
 * @throws Refusal 409 where that entry has gone since: a list that is put together over it would be short of something
 */
export function partOf<T>(list: readonly T[], after: unknown, keyOf: (x: T) => string, limit = LIST_A_PAGE): Part<T> {
  const key = typeof after === 'string' && after !== '' ? after : null;
  const at = key === null ? -1 : list.findIndex((x) => keyOf(x) === key);
  if (key !== null && at < 0) throw new Refusal(409, 'Changed meanwhile', 'This list was changed while it was read. Read it again from its beginning.');
  const part = list.slice(at + 1, at + 1 + limit);
  const last = part.at(-1);
  return { list: part, next: last !== undefined && at + 1 + limit < list.length ? keyOf(last) : null };
}
