import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Copy, Holds } from '@sleetbrook/core/api';
import Database from 'better-sqlite3';
import { DateTime } from 'luxon';
import type { Logger } from 'pino';
import type { Db } from './db';
import { damageOf } from './open';
import { COPIES, copiesIn, copyTo } from './safe-copy';

/** So many of a kind are kept, the newest. What was copied before a migration or a restore stays. */
export const KEPT = { day: 7, month: 12, now: 5, brought: 5 } as const;
type Kind = keyof typeof KEPT;

export class NoCopy extends Error {}

const newestOf = (folder: string, kind: Kind) => copiesIn(folder).filter((f) => f.startsWith(`${kind}-`));

/** A copy by its name. */
export function copyOf(folder: string, name: string): Copy {
  const { size, mtime } = statSync(join(folder, COPIES, name));
  return { name, bytes: size, madeAt: mtime.toISOString() };
}

/** All copies of a folder, the newest first. */
export const listCopies = (folder: string): Copy[] =>
  copiesIn(folder)
    .map((name) => copyOf(folder, name))
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt));

/**
 * Copies the running database page by page beside its own work, and looks the copy through before it counts.
 * @throws NoCopy when what was written can not be read back whole
 */
export async function makeCopy(db: Db, folder: string, name: string): Promise<Copy> {
  mkdirSync(join(folder, COPIES), { recursive: true, mode: 0o700 });
  const path = join(folder, COPIES, name);
  const half = `${path}.half`;
  try {
    await db.backup(half);
    lookInto(half);
    // one file, without a journal beside it
    const copy = new Database(half);
    copy.pragma('journal_mode = DELETE');
    copy.close();
    renameSync(half, path);
  } finally {
    for (const rest of [half, `${half}-wal`, `${half}-shm`, `${half}-journal`]) rmSync(rest, { force: true });
  }
  return copyOf(folder, name);
}

/** Of each kind the newest stay. */
export function prune(folder: string): void {
  for (const kind of Object.keys(KEPT) as Kind[]) for (const old of newestOf(folder, kind).slice(KEPT[kind])) rmSync(join(folder, COPIES, old));
}

/** A copy by hand. @param at names it */
export async function copyNow(db: Db, folder: string, at: Date): Promise<Copy> {
  const copy = await makeCopy(db, folder, `now-${at.toISOString().replace(/[:.]/g, '-')}.db`);
  prune(folder);
  return copy;
}

/**
 * The copy of the day, and of the month, where they are not made yet.
 * @returns the names of those made
 */
export async function copyOfTheDay(db: Db, folder: string, at: Date): Promise<string[]> {
  const day = DateTime.fromJSDate(at);
  const [daily, monthly] = [`day-${day.toFormat('yyyy-MM-dd')}.db`, `month-${day.toFormat('yyyy-MM')}.db`];
  const made: string[] = [];
  const there = copiesIn(folder);
  if (!there.includes(daily)) made.push((await makeCopy(db, folder, daily)).name);
  if (!there.includes(monthly)) {
    copyFileSync(join(folder, COPIES, daily), join(folder, COPIES, monthly));
    made.push(monthly);
  }
  prune(folder);
  return made;
}

/** What was begun when the server was ended the hard way is worth nothing. */
export function sweepHalves(folder: string): void {
  if (!existsSync(join(folder, COPIES))) return;
  for (const f of readdirSync(join(folder, COPIES))) if (/\.half(-\w+)?$/.test(f)) rmSync(join(folder, COPIES, f), { force: true });
}

const HOUR_MS = 3_600_000;
const SOON_MS = 60_000;

/** Makes the copies of each day while the server runs; one that fails is tried again in an hour. @returns ends it */
export function copyNightly(db: Db, folder: string, log: Logger): () => void {
  const go = () =>
    void copyOfTheDay(db, folder, new Date()).then(
      (made) => made.length > 0 && log.info({ made }, 'copied'),
      (err: unknown) => log.error({ err }, 'no copy could be made'),
    );
  const soon = setTimeout(go, SOON_MS);
  const hourly = setInterval(go, HOUR_MS);
  return () => {
    clearTimeout(soon);
    clearInterval(hourly);
  };
}

/**
 * What a database file holds.
 * @throws NoCopy, in words, when it is none of ours or damaged
 */
export function lookInto(path: string): Holds {
  if (!existsSync(path)) throw new NoCopy(`there is no file ${path}`);
  let db: Db | undefined;
  try {
    db = new Database(path, { readonly: true });
    const damage = damageOf(db);
    if (damage !== null) throw new NoCopy(`it is damaged (${damage.split('\n').join(' ')})`);
    const open = db;
    // a file from elsewhere must not do anything by itself
    const [acts] = db.prepare<[], { name: string }>("SELECT name FROM sqlite_master WHERE type IN ('trigger', 'view')").all();
    if (acts) throw new NoCopy(`it is no garden of this program (“${acts.name}” in it)`);
    const count = (table: string) => (open.prepare(`SELECT count(*) AS n FROM ${table}`).get() as { n: number }).n;
    return {
      version: db.pragma('user_version', { simple: true }) as number,
      plantings: count('planting'),
      cases: count('trouble_case'),
      treatments: count('treatment'),
      lastTreatment: (db.prepare('SELECT max(finished_at) AS at FROM treatment').get() as { at: string | null }).at,
    };
  } catch (error) {
    if (error instanceof NoCopy) throw error;
    throw new NoCopy(`it is no garden of this program (${(error as Error).message})`);
  } finally {
    db?.close();
  }
}

/**
 * Puts a copy in the place of the database; what stood there is copied first, so that this can be taken back. The folder
 * must be this process's alone, and its database closed.
 * @returns the name of the copy of what stood there; null where there was nothing
 * @throws NoCopy when the file is none of ours, damaged, or newer than this program; then nothing was changed
 */
export function restore(folder: string, from: string, newestVersion: number, at: Date): string | null {
  const { version } = lookInto(from);
  if (version > newestVersion) throw new NoCopy(`it is newer (version ${version}) than this program (version ${newestVersion})`);
  const path = join(folder, 'sleetbrook.db');
  const fresh = join(folder, 'restored.half');
  const source = new Database(from, { readonly: true });
  rmSync(fresh, { force: true });
  source.prepare('VACUUM INTO ?').run(fresh);
  source.close();
  const name = `before-restore-${at.toISOString().replace(/[:.]/g, '-')}.db`;
  const before = existsSync(path) ? name : null;
  if (before) {
    try {
      const old = new Database(path);
      copyTo(old, folder, name);
      old.close();
    } catch {
      // damaged: kept as it is, and the newest writes, which stand in the journal, beside it
      mkdirSync(join(folder, COPIES), { recursive: true, mode: 0o700 });
      copyFileSync(path, join(folder, COPIES, name));
      if (existsSync(`${path}-wal`)) copyFileSync(`${path}-wal`, join(folder, COPIES, `${name}-wal`));
    }
  }
  for (const beside of ['-wal', '-shm']) rmSync(`${path}${beside}`, { force: true });
  renameSync(fresh, path);
  return before;
}

/** "3 plantings, 1 case, 12 treatments, the last on 2026-05-24", for a look. */
export function sayHolds({ plantings, cases, treatments, lastTreatment }: Holds): string {
  const some = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;
  return `${some(plantings, 'planting')}, ${some(cases, 'case')}, ${some(treatments, 'treatment')}${lastTreatment ? `, the last on ${lastTreatment.slice(0, 10)}` : ''}`;
}

/** Number of the newest migration of a folder of them. */
export const newestVersion = (migrationsDir: string): number =>
  Math.max(0, ...readdirSync(migrationsDir).flatMap((f) => (/^\d{4}_.*\.sql$/.test(f) ? [Number(f.slice(0, 4))] : [])));
