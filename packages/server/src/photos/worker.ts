import { parentPort } from 'node:worker_threads';
import { NotAPhoto } from './not-a-photo';
import { shrink } from './shrink';

/** Pictures are opened here, off the thread that answers requests. */
parentPort?.on('message', ({ id, bytes }: { id: number; bytes: Uint8Array }) => {
  try {
    parentPort?.postMessage({ id, shrunk: shrink(bytes) });
  } catch (error) {
    parentPort?.postMessage({ id, wrong: error instanceof NotAPhoto ? error.message : null });
  }
});
