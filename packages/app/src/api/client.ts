import type { ZodType } from 'zod';
import { deliver } from '../reach/deliver';
import { type Entry, type NewEntry, type WriteMethod } from '../reach/entry';
import { baseOf, takeNote } from '../reach/known';
import { answerHere, dropEntry, enqueue, houseNow, ready, tellHere, useReach } from '../reach/reach';
import { flush, found, foundAway, inTurn, nothingWaits, settleEntry } from '../reach/sender';
import { ApiProblem, NO_COPY, NoAnswer, OUT_OF_REACH, send, type Method } from '../reach/wire';
import { whatIs } from '../reach/words';

export { ApiProblem } from '../reach/wire';

/** What the device can take by itself, to bring it home later. Walks have their own way: they are joined count by count. */
const CAN_WAIT =
  /^\/(garden$|(plantings|looks|cases|treatments|shed-items|sprayers|batches|confirmations|photos|readings|milestones|hushes)\/|sheets\/(?!file$|rates$)|weather\/sky\/)/;

const CHANGED_TOO = 'It was changed at home, too. Your change is kept on this device: open “Kept here” to choose between the two.';

interface Extra {
  readonly type?: string;
  /** What the device knows of a picture. */
  readonly about?: unknown;
}

/**
 * One request to the house; the answer is checked against its schema. Out of reach the device answers itself, by the same
 * rules, and keeps what was written until it is at home.
 * @throws ApiProblem for every refusal, also when only the house could answer and it can not be reached
 */
export async function request<T>(method: Method, path: string, schema: ZodType<T> | null, body?: unknown, extra: Extra = {}): Promise<T> {
  await ready();
  const answer = method === 'GET' ? await read(path) : CAN_WAIT.test(path) ? await write(method, path, body, extra) : await straight(method, path, body, extra);
  return schema ? schema.parse(answer) : (undefined as T);
}

/**
 * A list that is told in parts, whole.
 * @param way how the next part is asked for: by its last one's key, or by the instant and id of the last
 * @throws ApiProblem as request does; a list that was changed while it was read is read once more from its beginning
 */
export async function requestAll<T>(path: string, schema: ZodType<T[]>, { aPage, next }: PartsOf<T>): Promise<T[]> {
  const whole = async () => {
    const all: T[] = [];
    for (let cursor = ''; ;) {
      const part = await request('GET', `${path}${cursor}`, schema);
      all.push(...part);
      const last = part.at(-1);
      if (last === undefined || part.length < aPage) return all;
      cursor = `${path.includes('?') ? '&' : '?'}${next(last)}`;
    }
  };
  try {
    return await whole();
  } catch (e) {
    if (e instanceof ApiProblem && e.problem.status === 409) return whole();
    throw e;
  }
}

export interface PartsOf<T> {
  readonly aPage: number;
  /** The query of the part after this one. */
  readonly next: (last: T) => string;
}

/** A copy of everything, or a file of ten years, takes the house its time; a walk is sent again anyway. */
const LONG_MS = 60_000;
/** A garden of ten years over a slow line. */
const BRING_MS = 600_000;

/** To the house or not at all. */
async function straight(method: Method, path: string, body: unknown, { type }: Extra): Promise<unknown> {
  try {
    const answer = await send(
      { method, path, body, ...(type ? { type } : {}) },
      path.startsWith('/walks/') ? undefined : path === '/copies/file' ? BRING_MS : LONG_MS,
    );
    found(true);
    return answer;
  } catch (e) {
    if (!(e instanceof NoAnswer)) throw e;
    foundAway(e);
    throw new ApiProblem(e.message ? { ...OUT_OF_REACH, detail: e.message } : OUT_OF_REACH);
  }
}

async function here(path: string): Promise<{ readonly body: unknown } | null> {
  const told = await tellHere(path);
  if (told && !told.ok) throw new ApiProblem(told.problem);
  if (told) takeNote(path, told.body);
  return told;
}

async function read(path: string): Promise<unknown> {
  const { away, entries } = useReach.getState();
  // what was written here must be seen here, before the house has it
  if (away || entries.some((e) => e.state.is === 'waiting')) {
    const told = await here(path);
    if (told) return told.body;
  }
  try {
    const body = await send({ method: 'GET', path });
    takeNote(path, body);
    return body;
  } catch (e) {
    if (!(e instanceof NoAnswer)) throw e;
    foundAway(e);
    const told = await here(path);
    if (told) return told.body;
    const problem = useReach.getState().asOf === null ? NO_COPY : OUT_OF_REACH;
    throw new ApiProblem(e.message ? { ...problem, detail: e.message } : problem);
  }
}

/** First on the disk, then on its way; out of reach the device says itself what comes of it. */
async function write(method: WriteMethod, path: string, body: unknown, { type = 'application/json', about }: Extra): Promise<unknown> {
  const made = (): NewEntry => ({
    method,
    path,
    body: body ?? null,
    type,
    ...(about === undefined ? {} : { about }),
    base: baseOf(path, body),
    at: houseNow(),
    what: whatIs(method, path, body),
    state: { is: 'waiting' },
  });
  if (nothingWaits() && !useReach.getState().away) return inTurn(async () => straightOn(await enqueue(made())));
  const entry = await enqueue(made());
  void flush();
  return byItself(entry);
}

/** Sent while whoever wrote it stands before it. */
async function straightOn(entry: Entry): Promise<unknown> {
  const delivery = await deliver(entry);
  if (delivery.is === 'no-answer') foundAway(delivery);
  else found(true);
  switch (delivery.is) {
    case 'home':
      await settleEntry(entry, delivery);
      return delivery.answer;
    case 'refused':
      // it is said where it was typed, and what was typed is there still
      await dropEntry(entry.n);
      throw new ApiProblem(delivery.problem);
    case 'asks':
      await settleEntry(entry, delivery);
      throw new ApiProblem({ type: 'about:blank', title: 'Changed meanwhile', status: 409, detail: CHANGED_TOO });
    case 'no-answer':
      return byItself(entry);
  }
}

/** The device's own answer. @throws ApiProblem just as the house would; what is refused is not kept */
async function byItself(entry: Entry): Promise<unknown> {
  const told = await answerHere(entry.n);
  if (!told) throw new ApiProblem({ ...OUT_OF_REACH, detail: 'Home does not answer. This is kept on this device, and goes home as soon as it does.' });
  if (told.ok) {
    takeNote(entry.path, told.body);
    return told.body;
  }
  await dropEntry(entry.n);
  throw new ApiProblem(told.problem);
}
