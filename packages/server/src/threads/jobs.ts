import type { Card } from '@sleetbrook/core/mix';
import Database from 'better-sqlite3';
import { readRates, readSheetFile } from '@sleetbrook/core/label-files';
import type { SeasonView, ShedItem, Today } from '@sleetbrook/core/api';
import { eventsOf, factsOf, seasonOf } from '@sleetbrook/core/season';
import { gardenIn } from '../garden-file/in';
import { gardenOut } from '../garden-file/out';
import { lookThrough } from '../db/readable';
import { gardenRows } from '../garden-file/rows';
import { lookInto, NoCopy, restore } from '../db/copies';
import { checkPasscode, hashPasscode } from '../household/hash';
import { invalid } from '../http/problem';
import { usualIn } from '../weather/usual';
import { packHours, type PackedHours } from '../weather/packed';
import { parseWeatherCsv } from '../weather/csv';

type Shrink = typeof import('../photos/shrink').shrink;

/** What stands against a copy, as a refusal. */
function orRefuse<T>(run: () => T): T {
  try {
    return run();
  } catch (error) {
    throw error instanceof NoCopy ? invalid('copy', `It can not be put back: ${error.message}. Nothing was changed.`) : error;
  }
}

/** What takes too long for the thread that answers everybody: pictures, files that come in, papers that go out. */
export const jobs = {
  // what draws and what shrinks is read when it is first wanted: a start is quicker without it
  picture: async (bytes: Parameters<Shrink>[0]) => (await import('../photos/shrink')).shrink(bytes),
  weather: (text: string): PackedHours => packHours(parseWeatherCsv(text)),
  sheets: (text: string) => readSheetFile(text),
  rates: (text: string) => readRates(text),
  label: async ({ item, url }: { readonly item: ShedItem; readonly url: string }) => (await import('../print/label')).labelPdf(item, url),
  card: async (card: Card) => (await import('../print/card')).cardPdf(card),
  board: async (view: SeasonView) => (await import('../print/board')).boardPdf(view),
  /** All that waits for a hand, with the rounds as they are best laid out. */
  calendar: ({ view, today, places }: { readonly view: SeasonView; readonly today: Today; readonly places: Readonly<Record<string, string>> }) =>
    eventsOf(seasonOf(factsOf(view)), today, (id) => places[id] ?? ''),
  usual: usualIn,
  hashPasscode,
  checkPasscode,
  holds: (path: string) => orRefuse(() => lookInto(path)),
  putBack: (of: { readonly folder: string; readonly from: string; readonly newest: number; readonly at: Date }) =>
    orRefuse(() => restore(of.folder, of.from, of.newest, of.at)),
  /** What can not be read in a database. */
  lookThrough: (path: string) => {
    const db = new Database(path, { readonly: true });
    try {
      return lookThrough(gardenRows(db));
    } finally {
      db.close();
    }
  },
  gardenOut,
  gardenIn,
};

export type Jobs = typeof jobs;
export type Job = keyof Jobs;
export type Given<J extends Job> = Parameters<Jobs[J]>[0];
export type Made<J extends Job> = Awaited<ReturnType<Jobs[J]>>;

/** Has a job done, here or elsewhere. @throws Refusal where what was given can not be taken, or too much waits already */
export type Work = <J extends Job>(job: J, given: Given<J>) => Promise<Made<J>>;

/** In this very thread: for tests, and within the other one. */
export const workHere = (async (job: Job, given: never): Promise<unknown> => jobs[job](given)) as Work;
