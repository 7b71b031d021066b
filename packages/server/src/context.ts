import type { StoreContext } from './store-context';
import type { Work } from './threads/jobs';
import type { Station } from './weather/station';

/** What every route works with. */
export interface Context extends StoreContext {
  /** Where the database and its copies are. */
  readonly folder: string;
  /** Where the migrations are, which bring an older garden up to date. */
  readonly migrations: string;
  /** The household's own weather station, where one is asked. */
  readonly station?: Station;
  /** Does what takes long, off the thread that answers where there is one. */
  readonly work: Work;
  /** Closes the garden, lets something else take its place in the folder, and opens that. */
  readonly exchange: <T>(change: () => Promise<{ readonly made: T; readonly undo: () => Promise<unknown> }>) => Promise<T>;
}
