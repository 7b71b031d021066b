import type { Logger } from 'pino';
import type { ServerClock } from './clock';
import type { Db } from './db/open';

/** What every route works with. */
export interface Context {
  readonly db: Db;
  readonly clock: ServerClock;
  readonly log: Logger;
  readonly demo: boolean;
  /** Seed of the weather stand-in. */
  readonly seed: number;
}
