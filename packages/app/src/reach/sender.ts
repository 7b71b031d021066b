import type { Snapshot } from '@sleetbrook/core/house';
import { deliver, type Delivery } from './deliver';
import { dependsOn, needsHand, type Entry } from './entry';
import { takeNote } from './known';
import { changeEntry, copyMark, dropEntry, keepCopy, readEntries, ready, useReach } from './reach';
import { NoAnswer, send } from './wire';

/** How often the house is asked whether there is anything new, and whether it is there again, ms. */
const HOME_MS = 6000;
const AWAY_MS = 3000;
const PULSE_PATIENCE_MS = 4000;
const COPY_PATIENCE_MS = 30_000;
/** A copy is taken a moment after the last change: not one for each. */
const COPY_MS = 2500;

type Listener = () => void;
const listeners = new Set<Listener>();
/** Told when what the house holds has changed, by whomever. @returns how to stop listening */
export function onNews(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
const tellNews = () => {
  for (const l of listeners) l();
};

/** Away or there: as the last request found it. */
export function found(there: boolean, why: string | null = null, shut = false): void {
  const was = useReach.getState();
  if (was.away === !there && was.why === why && was.shut === shut) return;
  useReach.setState({ away: !there, why: there ? null : why, shut });
}
/** A house that only says it is busy is there. */
export const foundAway = (e: Pick<NoAnswer, 'message' | 'shut' | 'busy'>): void => (e.busy ? found(true) : found(false, e.message || null, e.shut));

/** Takes down what became of a write. */
export async function settleEntry(entry: Entry, delivery: Delivery): Promise<void> {
  if (delivery.is === 'no-answer') return;
  if (delivery.is === 'home') {
    takeNote(entry.path, delivery.answer);
    return changeEntry({ ...entry, body: delivery.body, state: { is: 'home' } });
  }
  return changeEntry({ ...entry, state: delivery });
}

let turn: Promise<unknown> = Promise.resolve();

/** One write is on its way at a time, from whichever tab: so they arrive in their order, and each is settled by whoever sent it. */
export function inTurn<T>(run: () => Promise<T>): Promise<T> {
  if (typeof navigator !== 'undefined' && navigator.locks) return navigator.locks.request('sleetbrook-sending', run) as Promise<T>;
  const mine = turn.then(run);
  turn = mine.catch(() => undefined);
  return mine;
}

let sending: Promise<void> | null = null;

/** The first that can go: what depends on something that somebody has to look at waits for that, and so does what depends on it. */
export function nextToSend(entries: readonly Entry[]): Entry | undefined {
  const held: Entry[] = [];
  for (const e of entries) {
    if (e.state.is === 'home') continue;
    if (needsHand(e) || held.some((h) => dependsOn(e, h))) held.push(e);
    else return e;
  }
  return undefined;
}

/** Sends all that waits, in its order. */
async function sendAll(): Promise<void> {
  let sent = 0;
  await inTurn(async () => {
    // another tab may have sent some of it meanwhile
    await readEntries();
    for (;;) {
      const next = nextToSend(useReach.getState().entries);
      if (!next) break;
      const delivery = await deliver(next);
      if (delivery.is === 'no-answer') {
        foundAway(delivery);
        break;
      }
      found(true);
      await settleEntry(next, delivery);
      sent++;
    }
  });
  if (sent > 0) tellNews();
}

export function flush(): Promise<void> {
  sending ??= sendAll().finally(() => {
    sending = null;
  });
  return sending;
}
/** Whether a write may go ahead of the queue: it must not overtake what was written before it. */
export const nothingWaits = (): boolean => sending === null && !useReach.getState().entries.some((e) => e.state.is === 'waiting');

let lastMark = '';
let copyTimer: ReturnType<typeof setTimeout> | undefined;

/** Takes a fresh copy of the garden along, if there is anything new in it. */
export async function takeCopy(): Promise<void> {
  const before = useReach
    .getState()
    .entries.filter((e) => e.state.is === 'home')
    .map((e) => e.n);
  const asked = Date.now();
  let snapshot: Snapshot | null;
  try {
    snapshot = (await send({ method: 'GET', path: `/snapshot?have=${encodeURIComponent(copyMark())}` }, COPY_PATIENCE_MS)) as Snapshot | null;
  } catch (e) {
    if (e instanceof NoAnswer) return foundAway(e);
    throw e;
  }
  // nothing new there: what was sent is in the copy that is here
  if (!snapshot) {
    for (const n of before) await dropEntry(n);
    return;
  }
  await keepCopy(snapshot, Date.parse(snapshot.clock.now) - (asked + Date.now()) / 2, before);
}

const copySoon = () => {
  clearTimeout(copyTimer);
  copyTimer = setTimeout(() => void takeCopy(), COPY_MS);
};

/** Asks the house whether it is there, and whether anything is new; sends what waits. */
export async function pulse(): Promise<void> {
  await ready();
  let mark: string;
  try {
    mark = ((await send({ method: 'GET', path: '/pulse' }, PULSE_PATIENCE_MS)) as { mark: string }).mark;
  } catch (e) {
    if (!(e instanceof NoAnswer)) throw e;
    return foundAway(e);
  }
  const wasAway = useReach.getState().away;
  found(true);
  if (useReach.getState().entries.some((e) => e.state.is === 'waiting')) await flush();
  if (mark !== lastMark) {
    // the first one says nothing of a change
    if (lastMark !== '' || wasAway) tellNews();
    lastMark = mark;
    copySoon();
  } else if (mark !== copyMark()) copySoon();
}

/** No copy is taken any more that was to be taken soon. */
export const rest = (): void => clearTimeout(copyTimer);

/** Keeps asking for as long as the page is seen. @returns how to stop */
export function keepAsking(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let stopped = false;
  const round = () => {
    clearTimeout(timer);
    void pulse()
      .catch(() => undefined)
      .finally(() => {
        clearTimeout(timer);
        if (!stopped && document.visibilityState !== 'hidden') timer = setTimeout(round, useReach.getState().away ? AWAY_MS : HOME_MS);
      });
  };
  const again = () => {
    if (document.visibilityState !== 'hidden') round();
  };
  window.addEventListener('online', again);
  document.addEventListener('visibilitychange', again);
  round();
  return () => {
    stopped = true;
    clearTimeout(timer);
    rest();
    window.removeEventListener('online', again);
    document.removeEventListener('visibilitychange', again);
  };
}
