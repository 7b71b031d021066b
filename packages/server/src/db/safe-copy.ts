import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from './db';

export const COPIES = 'copies';

/**
 * A whole copy of the database as it is now, in one file that opens by itself.
 * @returns the path of the copy
 * @throws when there is no room for it
 */
export function copyTo(db: Db, folder: string, name: string): string {
  mkdirSync(join(folder, COPIES), { recursive: true, mode: 0o700 });
  const path = join(folder, COPIES, name);
  // one that was begun and not finished is worth nothing
  if (existsSync(path)) rmSync(path);
  db.prepare('VACUUM INTO ?').run(path);
  return path;
}

/** The copies of a folder, the newest first by their names. */
export const copiesIn = (folder: string): string[] =>
  existsSync(join(folder, COPIES))
    ? readdirSync(join(folder, COPIES))
        .filter((f) => f.endsWith('.db'))
        .sort()
        .reverse()
    : [];
