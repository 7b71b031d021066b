import { wrap, type Remote } from 'comlink';
import type { Tasks } from './tasks';

let remote: Remote<Tasks> | null = null;

/** The worker, started when first needed. */
export function core(): Remote<Tasks> {
  remote ??= wrap<Tasks>(new Worker(new URL('./core.worker', import.meta.url)));
  return remote;
}
