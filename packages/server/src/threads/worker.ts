import { Refusal } from '@sleetbrook/core/house';
import { parentPort } from 'node:worker_threads';
import { workHere, type Given, type Job } from './jobs';

/** Ten years of hours are handed over; what is small is copied. */
const handedOver = (made: unknown) => (made instanceof Float64Array ? [made.buffer as ArrayBuffer] : []);

parentPort?.on('message', ({ id, job, given }: { id: number; job: Job; given: Given<Job> }) => {
  workHere(job, given).then(
    (made) => parentPort?.postMessage({ id, made }, handedOver(made)),
    (error: unknown) =>
      parentPort?.postMessage(
        error instanceof Refusal
          ? { id, refused: { status: error.status, title: error.title, detail: error.detail, errors: error.errors } }
          : { id, failed: error instanceof Error ? error.message : 'failed' },
      ),
  );
});
