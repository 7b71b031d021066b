import { documentOf, referencesOf, type Problem } from '@sleetbrook/core/api';
import type { Clash } from '@sleetbrook/core/merge';

export type WriteMethod = 'PUT' | 'POST' | 'DELETE';

/**
 * One thing that was written on this device. It stays here until the house has it, and until what the house then holds
 * has come back here: so nothing that was seen on the screen ever goes missing in between.
 */
export interface Entry {
  /** Its place in the queue. */
  readonly n: number;
  readonly method: WriteMethod;
  /** Below the API's root, with its query. */
  readonly path: string;
  /** As it is sent: JSON, or a picture. */
  readonly body: unknown;
  readonly type: string;
  /** What the device itself knows of a picture, for showing it before the house has it. */
  readonly about?: unknown;
  /** The document that the change was made from; null where it was new, or is not known. */
  readonly base: Readonly<Record<string, unknown>> | null;
  /** The house's clock when it was written. */
  readonly at: string;
  /** What it is, in words. */
  readonly what: string;
  readonly state: EntryState;
}

export type EntryState =
  /** Not at home yet. */
  | { readonly is: 'waiting' }
  /** At home; the device's own copy does not hold it yet. */
  | { readonly is: 'home' }
  /** The house will not have it, and says why. */
  | { readonly is: 'refused'; readonly problem: Problem }
  /** It was changed at home, too: somebody has to choose. */
  | { readonly is: 'asks'; readonly home: Readonly<Record<string, unknown>>; readonly clashes: readonly Clash[] };

export type NewEntry = Omit<Entry, 'n'>;

export const notHome = (e: Entry): boolean => e.state.is !== 'home';
/** Somebody has to look at it. */
export const needsHand = (e: Entry): boolean => e.state.is === 'refused' || e.state.is === 'asks';

/** Whether a write can only be taken once an earlier one was: it is of the same document, or names it. */
export function dependsOn(later: Entry, earlier: Entry): boolean {
  const document = documentOf(earlier.path);
  return documentOf(later.path) === document || referencesOf(later.path, later.body).has(document);
}
