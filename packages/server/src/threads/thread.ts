import { Refusal, type FieldError } from '@sleetbrook/core/house';
import type { Logger } from 'pino';
import { Worker } from 'node:worker_threads';
import type { Given, Job, Made, Work } from './jobs';

interface Reply {
  readonly id: number;
  readonly made?: unknown;
  readonly refused?: { readonly status: number; readonly title: string; readonly detail?: string; readonly errors?: readonly FieldError[] };
  readonly failed?: string;
}

export interface ThreadLimits {
  /** After so long a job is broken off, ms. */
  readonly patienceMs: number;
  /** Jobs that may wait behind the one under way. */
  readonly mostWaiting: number;
  /** A thread without work for so long ends, and gives its memory back, ms. */
  readonly restMs: number;
}
const USUAL: ThreadLimits = { patienceMs: 20_000, mostWaiting: 12, restMs: 2000 };

/** More memory than this is an attack, or a fault, MB. What pictures are opened in is counted apart. */
const HEAP_MB = 160;

const busy = () => new Refusal(429, 'Busy', 'Others are being read just now. Try again in a moment.');
const tooLong = () => new Refusal(422, 'Some of this can not be', undefined, [{ field: 'body', message: 'This takes too long to read: send a smaller one.' }]);
const broke = () => new Refusal(422, 'Some of this can not be', undefined, [{ field: 'body', message: 'This can not be opened here: send a smaller one.' }]);

/**
 * A thread beside the one that answers. One job after another, so that forty at once take their turn and never more
 * memory than one; a job that hangs is broken off with its thread, and the next one finds a new one.
 */
export function workInThread(file: URL, limits: ThreadLimits = USUAL, log?: Logger): Work & { readonly end: () => void } {
  let worker: Worker | null = null;
  let pending: ((r: Reply | Error) => void) | null = null;
  let next = 0;
  let waiting = 0;
  let resting: ReturnType<typeof setTimeout> | undefined;
  let last: Promise<unknown> = Promise.resolve();

  const end = () => {
    clearTimeout(resting);
    void worker?.terminate();
    worker = null;
  };
  const start = (): Worker => {
    const w = new Worker(file, { resourceLimits: { maxOldGenerationSizeMb: HEAP_MB } });
    w.unref();
    w.on('message', (r: Reply) => (worker === w ? pending?.(r) : undefined));
    w.on('error', (err) => {
      log?.warn({ err }, 'a thread broke');
      // one that was already ended has no job: what is under way is another's
      if (worker !== w) return;
      worker = null;
      pending?.(broke());
    });
    return w;
  };
  const run = (job: Job, given: unknown): Promise<unknown> =>
    new Promise((resolve, reject) => {
      clearTimeout(resting);
      worker ??= start();
      const id = next++;
      const patience = setTimeout(() => {
        end();
        settle(tooLong());
      }, limits.patienceMs);
      const settle = (r: Reply | Error) => {
        if (!(r instanceof Error) && r.id !== id) return;
        pending = null;
        clearTimeout(patience);
        // what a picture was opened in is given back at once
        if (job === 'picture') end();
        else {
          resting = setTimeout(end, limits.restMs);
          resting.unref();
        }
        if (r instanceof Error) reject(r);
        else if (r.refused) reject(new Refusal(r.refused.status, r.refused.title, r.refused.detail, r.refused.errors));
        else if (r.failed !== undefined) reject(new Error(r.failed));
        else resolve(r.made);
      };
      pending = settle;
      worker.postMessage({ id, job, given });
    });

  const work = <J extends Job>(job: J, given: Given<J>): Promise<Made<J>> => {
    if (waiting >= limits.mostWaiting) return Promise.reject(busy());
    waiting++;
    const turn = last.then(() => run(job, given)).finally(() => waiting--);
    last = turn.catch(() => undefined);
    return turn as Promise<Made<J>>;
  };
  return Object.assign(work, { end });
}
