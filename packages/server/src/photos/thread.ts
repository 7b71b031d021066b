import { Worker } from 'node:worker_threads';
import { NotAPhoto, type Shrunk } from './not-a-photo';

interface Waiting {
  readonly resolve: (s: Shrunk) => void;
  readonly reject: (e: Error) => void;
}

/**
 * The same as `shrink`, in a thread of its own: one picture after another, so that forty at once take
 * their turn and never more memory than one.
 */
export function shrinkInThread(file: URL): (bytes: Uint8Array) => Promise<Shrunk> {
  let worker: Worker | null = null;
  let next = 0;
  const waiting = new Map<number, Waiting>();
  const start = (): Worker => {
    const w = new Worker(file);
    w.unref();
    w.on('message', (m: { id: number; shrunk?: Shrunk; wrong?: string | null }) => {
      const one = waiting.get(m.id);
      waiting.delete(m.id);
      if (m.shrunk) one?.resolve(m.shrunk);
      else one?.reject(m.wrong ? new NotAPhoto(m.wrong) : new Error('the picture could not be written'));
    });
    w.on('error', () => {
      worker = null;
      for (const one of waiting.values()) one.reject(new NotAPhoto('This picture can not be opened here: try a smaller one.'));
      waiting.clear();
    });
    return w;
  };
  let last: Promise<unknown> = Promise.resolve();
  return (bytes) => {
    const turn = last.then(
      () =>
        new Promise<Shrunk>((resolve, reject) => {
          worker ??= start();
          const id = next++;
          waiting.set(id, { resolve, reject });
          worker.postMessage({ id, bytes });
        }),
    );
    last = turn.catch(() => undefined);
    return turn;
  };
}
