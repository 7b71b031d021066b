import type { Logger } from 'pino';
import type { ServerClock } from './clock';
import type { Db } from './db/open';
import type { Work } from './threads/jobs';

/** What every route works with. */
export interface Context {
  readonly db: Db;
  /** Where the database and its copies are. */
  readonly folder: string;
  readonly clock: ServerClock;
  readonly log: Logger;
  readonly demo: boolean;
  /** Seed of the weather stand-in. */
  readonly seed: number;
  /** Does what takes long, off the thread that answers where there is one. */
  readonly work: Work;
}
