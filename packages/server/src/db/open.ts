import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { migrate } from './migrate';

export type Db = Database.Database;

/**
 * Opens (and creates) the database in a folder and brings it up to date.
 * Every confirmed write is on the disk: WAL with full synchronisation survives a kill at any moment.
 * @throws when the file is not a database, is newer than this program or can not be written
 */
export function openDatabase(folder: string, migrationsDir: string): Db {
  mkdirSync(folder, { recursive: true });
  const db = new Database(join(folder, 'sleetbrook.db'));
  try {
    db.pragma('journal_mode = WAL');
    db.pragma('synchronous = FULL');
    db.pragma('foreign_keys = ON');
    db.pragma('busy_timeout = 3000');
    migrate(db, migrationsDir);
  } catch (error) {
    db.close();
    throw error;
  }
  return db;
}
