import type {
  Batch,
  Case,
  Confirmation,
  Garden,
  Hush,
  Look,
  Milestone,
  OwnSheet,
  Photo,
  Planting,
  ShedItem,
  Sprayer,
  Strike,
  Tally,
  Treatment,
  Walk,
} from '../api';
import type { HourlyWeather, Place, Reading, SkyLook } from '../weather';

/** A planting, and whether it was taken away: records go on referring to it. */
export type KeptPlanting = Planting & { readonly deleted: boolean };

/** A count of one trouble on one planting, and when it was made. */
export interface DatedTally extends Tally {
  readonly plantingId: string;
  readonly at: string;
}

/** An hour that was measured or foretold elsewhere. */
export type LoadedHour = HourlyWeather & { readonly source: 'station' | 'file' };

/** A page of a list: what comes after a place in it, and at most so many. */
export interface PageOf {
  readonly after: { readonly at: string; readonly id: string } | null;
  readonly limit: number;
}

/** Documents by their id that can be taken away for good. */
interface Shelf<T> {
  list(): T[];
  find(id: string): T | undefined;
  put(document: T): void;
  /** @returns whether there was one */
  remove(id: string): boolean;
}

/**
 * Where a household's garden is kept. The house keeps it in a database, a phone out of its reach in memory over a copy of
 * that; what is taken and what is told goes by the same rules in both. Writes are called inside of one transaction.
 */
export interface Keeping {
  readonly garden: { stored(): Garden | undefined; save(garden: Garden): void };
  readonly plantings: {
    /** Those that are there, by place and name. */
    list(): Planting[];
    find(id: string): KeptPlanting | undefined;
    save(planting: Planting): void;
    remove(id: string, at: Date): void;
    restore(id: string): void;
  };
  readonly looks: {
    find(id: string): Look | undefined;
    /** Oldest first. */
    ofCase(caseId: string): Look[];
    add(look: Look): void;
    /** Gives a look without a case its case. */
    attach(id: string, caseId: string): void;
  };
  readonly cases: {
    find(id: string): Case | undefined;
    /** Newest first. */
    list(status: Case['status'], page: PageOf): Case[];
    save(c: Case): void;
  };
  readonly treatments: {
    find(id: string): Treatment | undefined;
    /** Those that count, oldest first; so are the others here. */
    ofCase(caseId: string): Treatment[];
    ofPlanting(plantingId: string, since: string): Treatment[];
    since(at: string): Treatment[];
    keepOutAt(now: string): Treatment[];
    notToEatAt(now: string): Treatment[];
    /** After which no safe picking date can be named. */
    pickUnknownSince(since: string): Treatment[];
    /** Struck ones too, newest first. */
    newest(page: PageOf): Treatment[];
    add(treatment: Treatment): void;
    strike(treatment: Treatment, struck: Strike): Treatment;
  };
  readonly walks: {
    find(id: string): Walk | undefined;
    /** Newest first. */
    list(page: PageOf): Walk[];
    /** Every count since an instant, oldest first, but for one walk's. */
    talliesSince(at: string, exceptWalk: string): DatedTally[];
    save(walk: Walk): void;
  };
  readonly shed: Shelf<ShedItem> & { /** Left-over mixes, the first to run out first. */ mixes(): ShedItem[] };
  readonly batches: Shelf<Batch> & { /** Not ready yet, oldest first. */ open(): Batch[] };
  readonly sprayers: Shelf<Sprayer>;
  readonly sheets: {
    list(): OwnSheet[];
    /** Removed ones too, with what they last said. */
    find(id: string): OwnSheet | undefined;
    isRemoved(id: string): boolean;
    versions(id: string): OwnSheet[];
    add(sheet: OwnSheet, at: Date): void;
    remove(id: string, at: Date): void;
    restore(id: string): void;
  };
  readonly confirmations: {
    list(): Confirmation[];
    has(sheetId: string, version: number): boolean;
    add(confirmation: Confirmation): void;
    remove(sheetId: string): void;
  };
  readonly milestones: Shelf<Milestone>;
  readonly hushes: Shelf<Hush>;
  /** Oldest first. */
  readonly readings: Shelf<Reading> & { /** Those read between two instants. */ between(from: Date, to: Date): Reading[] };
  readonly photos: { ofLook(lookId: string): Photo[]; ofCase(caseId: string): Photo[] };
  readonly weather: {
    /** Hours of a station and of loaded files. */
    loaded(from: Date, to: Date): LoadedHour[];
    skies(from: Date, to: Date): SkyLook[];
    /** The same look sent again is the same look. */
    saveSky(look: SkyLook): void;
    /** Hours that nobody told of, made up for a demonstration; none elsewhere. */
    madeUp(from: Date, hours: number, place: Place): HourlyWeather[];
  };
}

/** What every desk of the house works with. */
export interface HouseContext {
  readonly keep: Keeping;
  readonly now: () => Date;
}
