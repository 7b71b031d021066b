import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from './db';

/** The migration files of a folder in order: `0001_name.sql`, … */
const migrationsIn = (dir: string) =>
  readdirSync(dir)
    .filter((f) => /^\d{4}_.*\.sql$/.test(f))
    .sort();

export interface Migrating {
  /** Stop after this number (for tests of older databases). */
  readonly upTo?: number;
  /** Called once, before the first change to a database that holds something. */
  readonly before?: (version: number) => void;
}

/**
 * Applies the migrations that the database has not seen, each in one transaction, forward only.
 * `user_version` holds the number of the last one.
 * @returns the numbers of those applied
 * @throws when the database was written by a newer program
 */
export function migrate(db: Db, dir: string, { upTo = Infinity, before }: Migrating = {}): number[] {
  const files = migrationsIn(dir);
  const version = db.pragma('user_version', { simple: true }) as number;
  const newest = Number(files.at(-1)?.slice(0, 4) ?? 0);
  if (version > newest) throw new Error(`the database is newer (version ${version}) than this program (version ${newest})`);
  const due = files.map((file) => ({ file, number: Number(file.slice(0, 4)) })).filter(({ number }) => number > version && number <= upTo);
  if (due.length > 0 && version > 0) before?.(version);
  for (const { file, number } of due) {
    db.transaction(() => {
      db.exec(readFileSync(join(dir, file), 'utf8'));
      db.pragma(`user_version = ${number}`);
    }).immediate();
  }
  return due.map((d) => d.number);
}
