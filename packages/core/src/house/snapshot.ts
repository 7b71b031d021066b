import type { Batch, Case, Clock, Confirmation, Garden, Hush, Look, Milestone, OwnSheet, Photo, ShedItem, Sprayer, Treatment, Walk, Warnings } from '../api';
import type { HourlyWeather, Reading, SkyLook } from '../weather';
import type { KeptPlanting, LoadedHour } from './keeping';

/** Raised when what a copy holds changes: a device asks for a new one then. */
export const SNAPSHOT_KIND = 2;

/**
 * What a device takes along out of the house's reach: all that is needed to go on working for a day or a week, and
 * to reckon every clock just as the house would. Older records stay at home.
 */
export interface Snapshot {
  readonly kind: typeof SNAPSHOT_KIND;
  /** What the house was at: another one says that there is something new. */
  readonly mark: string;
  /** The house's clock when it was taken. */
  readonly clock: Clock;
  readonly demo: boolean;
  readonly version: string;
  readonly garden: Garden | null;
  readonly plantings: readonly KeptPlanting[];
  readonly looks: readonly Look[];
  readonly cases: readonly Case[];
  readonly treatments: readonly Treatment[];
  readonly walks: readonly Walk[];
  readonly shed: readonly ShedItem[];
  readonly batches: readonly Batch[];
  readonly sprayers: readonly Sprayer[];
  /** In their last version, removed ones too: records and the shed go on naming them. */
  readonly sheets: readonly OwnSheet[];
  readonly removedSheets: readonly string[];
  readonly confirmations: readonly Confirmation[];
  readonly photos: readonly Photo[];
  readonly milestones: readonly Milestone[];
  readonly hushes: readonly Hush[];
  readonly skies: readonly SkyLook[];
  readonly readings: readonly Reading[];
  readonly hours: readonly LoadedHour[];
  /** Made up for a demonstration. */
  readonly madeUp: readonly HourlyWeather[];
  /** As the house last worked them out: they take the weather of a whole year. */
  readonly warnings: Warnings;
}

/** How far a copy looks back and ahead, days. */
export const SNAPSHOT_DAYS = { records: 400, weatherBack: 36, weatherAhead: 8 } as const;
/** Cases that are closed, the newest: they say what was found before. */
export const SNAPSHOT_CLEARED = 200;
