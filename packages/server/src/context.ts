import type { Logger } from 'pino';
import type { ServerClock } from './clock';
import type { Db } from './db/open';
import type { Shrunk } from './photos/not-a-photo';

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
  /** Makes a photograph smaller and clean, off the thread that answers where there is one. */
  readonly shrinkPhoto: (bytes: Uint8Array) => Promise<Shrunk>;
}
