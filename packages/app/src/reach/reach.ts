import type { Snapshot } from '@sleetbrook/core/house';
import { create } from 'zustand';
import { core } from '../workers/core';
import type { PocketAnswer, Written } from '../workers/pocket';
import { openDrawer, type Drawer } from './database';
import type { Entry, NewEntry } from './entry';

interface Reach {
  /** What this device keeps was read: until then nothing is known of it. */
  readonly opened: boolean;
  /** What was written here and is not, or not yet surely, at home; in its order. */
  readonly entries: readonly Entry[];
  /** The house did not answer when it was asked last. */
  readonly away: boolean;
  /** Why it would not, where it said so. */
  readonly why: string | null;
  /** It is there, and does not let this device in. */
  readonly shut: boolean;
  /** The house's clock at the copy that this device carries; null: it carries none. */
  readonly asOf: string | null;
  /** Whether what is kept here outlives the page. */
  readonly lasting: boolean;
}

export const useReach = create<Reach>()(() => ({ opened: false, entries: [], away: false, why: null, shut: false, asOf: null, lasting: true }));

/** Copies of another kind are of another version: a fresh one is asked for. */
const SNAPSHOT_KIND: Snapshot['kind'] = 2;

/** A copy as it is kept, and how far the house's clock is ahead of this device's, ms. */
interface KeptCopy {
  readonly snapshot: Snapshot;
  readonly ahead: number;
}

let drawer: Drawer | null = null;
let mark = '';
let clock: { readonly fixed: string | null; readonly ahead: number } = { fixed: null, ahead: 0 };
const channel = typeof document === 'undefined' || typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('sleetbrook-reach');

/** The house's clock as this device carries it on. */
export const houseNow = (): string => clock.fixed ?? new Date(Date.now() + clock.ahead).toISOString();
/** What the house was at when the copy was taken. */
export const copyMark = (): string => mark;

async function takeIn({ snapshot, ahead }: KeptCopy): Promise<void> {
  mark = snapshot.mark;
  clock = { fixed: snapshot.clock.fixed ? snapshot.clock.now : null, ahead };
  await core().takeCopy(snapshot);
  useReach.setState({ asOf: snapshot.clock.now });
}

/**
 * Reads what waits, and the copy where another tab took a fresh one: that one drops entries which only its copy holds.
 * In this order: what is gone from the entries is in a copy that was kept before.
 */
export async function readEntries(): Promise<void> {
  if (!drawer) return;
  const entries = await drawer.entries();
  if ((await drawer.kept('mark')) !== mark) {
    const kept = (await drawer.kept('copy')) as KeptCopy | undefined;
    if (kept?.snapshot.kind === SNAPSHOT_KIND) await takeIn(kept);
  }
  useReach.setState({ entries });
}

/** Opens what this device keeps; everything that is asked or written waits for it. */
async function open(): Promise<void> {
  drawer = await openDrawer();
  useReach.setState({ lasting: drawer.lasting });
  await readEntries();
  useReach.setState({ opened: true });
  // another tab has written, or sent
  if (channel) channel.onmessage = () => void readEntries();
  // asked for once: the browser may otherwise clear it away when the disk runs full
  if (typeof navigator !== 'undefined') void navigator.storage?.persist?.();
}

let opened: Promise<void> | null = null;
export const ready = (): Promise<void> => (opened ??= open());

const said = async () => {
  channel?.postMessage('changed');
  await readEntries();
};

/** Puts a write into the queue: it is on the disk when this returns. */
export async function enqueue(entry: NewEntry): Promise<Entry> {
  await ready();
  const made = await (drawer as Drawer).add(entry);
  await said();
  return made;
}
export async function changeEntry(entry: Entry): Promise<void> {
  await drawer?.change(entry);
  await said();
}
export async function dropEntry(n: number): Promise<void> {
  await drawer?.drop(n);
  await said();
}

/** A fresh copy: what it holds need not wait here any more. @param sentBefore entries that were at home when it was asked for */
export async function keepCopy(snapshot: Snapshot, ahead: number, sentBefore: readonly number[]): Promise<void> {
  await drawer?.keep('copy', { snapshot, ahead } satisfies KeptCopy);
  await drawer?.keep('mark', snapshot.mark);
  await takeIn({ snapshot, ahead });
  for (const n of sentBefore) await drawer?.drop(n);
  if (sentBefore.length > 0) await said();
}

/** What the pocket plays over its copy: all that is, or will be, at home. */
const written = (entries: readonly Entry[]): Written[] =>
  entries
    .filter((e) => e.state.is === 'waiting' || e.state.is === 'home')
    .map(({ n, method, path, body, about, at }) => ({ n, method, path, body: about ?? body, at }));

/** What an address would tell, by this device's own copy; null where it can not say. */
export const tellHere = (path: string): Promise<PocketAnswer> => core().tell(path, written(useReach.getState().entries), houseNow());

/** What the house would answer to the last of what was written here. */
export const answerHere = (upTo: number): Promise<PocketAnswer> => core().take(written(useReach.getState().entries).filter((w) => w.n <= upTo));
