import { cursorOf } from '../api';
import type { PageOf } from './keeping';

/**
 * The place in a list that a cursor names. What is no cursor names the beginning.
 * @param cursor an instant and an id, `2026-05-24T18:10:00.000Z~0197…`
 */
export function placeOf(cursor: unknown): PageOf['after'] {
  const [at, id] = typeof cursor === 'string' ? cursor.split('~') : [];
  return at && id ? { at, id } : null;
}

/** The cursor of what comes after a page; null after the last one. */
export function nextAfter<T extends { readonly id: string }>(page: readonly T[], limit: number, at: (x: T) => string): string | null {
  const last = page.at(-1);
  return last && page.length === limit ? cursorOf(at(last), last.id) : null;
}
