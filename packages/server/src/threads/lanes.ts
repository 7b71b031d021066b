import type { Logger } from 'pino';
import type { Given, Job, Made, Work } from './jobs';
import { workInThread } from './thread';

/** Whole gardens take minutes; nobody who shows a picture, or says a passcode, waits behind one. */
const LONG: ReadonlySet<Job> = new Set<Job>(['holds', 'putBack', 'gardenOut', 'gardenIn', 'lookThrough']);
const LONG_LIMITS = { patienceMs: 15 * 60_000, mostWaiting: 3, restMs: 500 } as const;

/** Two threads: one for what takes moments, one for what takes minutes. Both end when there is nothing to do. */
export function workInLanes(file: URL, log?: Logger): Work & { readonly end: () => void } {
  const short = workInThread(file, undefined, log);
  const long = workInThread(file, LONG_LIMITS, log);
  const work = <J extends Job>(job: J, given: Given<J>): Promise<Made<J>> => (LONG.has(job) ? long(job, given) : short(job, given));
  return Object.assign(work, {
    end: () => {
      short.end();
      long.end();
    },
  });
}
