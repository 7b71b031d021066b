import { chmodSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { Db } from './db';
import { migrate } from './migrate';
import { copyTo } from './safe-copy';

/** The database file is damaged. */
export class Damaged extends Error {}

/** What SQLite says of a row that breaks a rule of its table: such a one hides itself, see `readable.ts`. */
const OF_A_ROW = /^(CHECK constraint failed|NULL value|non-\w+ value|\w+ value) in /;

/** What is damaged in the file itself, so that no row of it can be relied on; null where nothing is. */
export function damageOf(db: Db): string | null {
  const said = (db.pragma('quick_check(1000)') as { quick_check: string }[]).map((r) => r.quick_check);
  return said.length === 0 ? 'no answer' : (said.find((line) => line !== 'ok' && !OF_A_ROW.test(line)) ?? null);
}

/**
 * Opens (and creates) the database in a folder and brings it up to date; nobody else on the machine may read it.
 * Every confirmed write is on the disk: WAL with full synchronisation survives a kill at any moment. Before a migration
 * the whole is copied, so that the way back is open.
 * @throws Damaged when a page of it can not be read as it was written; Error when the file is not a database, is newer
 * than this program or can not be written
 */
export function openDatabase(
  folder: string,
  migrationsDir: string,
  onMigrated: (numbers: readonly number[], copy: string | null) => void = () => undefined,
): Db {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const path = join(folder, 'sleetbrook.db');
  const db = new Database(path);
  try {
    chmodSync(path, 0o600);
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.pragma('busy_timeout = 3000');
    const damage = damageOf(db);
    if (damage !== null) throw new Damaged(damage);
    let copy: string | null = null;
    const numbers = migrate(db, migrationsDir, {
      before: (version) => (copy = copyTo(db, folder, `before-version-${String(version + 1).padStart(4, '0')}.db`)),
    });
    if (numbers.length > 0) onMigrated(numbers, copy);
  } catch (error) {
    db.close();
    throw error;
  }
  return db;
}
