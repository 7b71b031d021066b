import type { Logger } from 'pino';
import type { ServerClock } from './clock';
import type { Db } from './db/db';

/** What the garden is read and kept with: all of a route's context but what is built upon it. */
export interface StoreContext {
  readonly db: Db;
  readonly clock: ServerClock;
  readonly log: Logger;
  readonly demo: boolean;
  /** Seed of the weather stand-in. */
  readonly seed: number;
}
