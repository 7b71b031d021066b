import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from './open';

/** The migration files of a folder in order: `0001_name.sql`, … */
const migrationsIn = (dir: string) =>
  readdirSync(dir)
    .filter((f) => /^\d{4}_.*\.sql$/.test(f))
    .sort();

/**
 * Applies the migrations that the database has not seen, each in one transaction, forward only.
 * `user_version` holds the number of the last one.
 * @param upTo stop after this number (for tests of older databases)
 * @throws when the database was written by a newer program
 */
export function migrate(db: Db, dir: string, upTo = Infinity): void {
  const files = migrationsIn(dir);
  const version = db.pragma('user_version', { simple: true }) as number;
  const newest = Number(files.at(-1)?.slice(0, 4) ?? 0);
  if (version > newest) throw new Error(`the database is newer (version ${version}) than this program (version ${newest})`);
  for (const file of files) {
    const number = Number(file.slice(0, 4));
    if (number <= version || number > upTo) continue;
    db.transaction(() => {
      db.exec(readFileSync(join(dir, file), 'utf8'));
      db.pragma(`user_version = ${number}`);
    })();
  }
}
