import { createHash } from 'node:crypto';
import { chmodSync } from 'node:fs';
import { join } from 'node:path';
import type { Device } from '@sleetbrook/core/api';
import Database from 'better-sqlite3';

interface DeviceRow {
  id: string;
  name: string;
  paired_at: string;
  seen_at: string;
}

/** Of a token only its digest is kept: 256 random bits need no slow one. */
const digest = (token: string) => createHash('sha256').update(token).digest('hex');

/**
 * Who may come in. It stands in a file of its own, apart from the garden: a copy of the garden carries no key of the house,
 * and an old one that is put back lets nobody in again who was turned away.
 */
export function openKeys(folder: string) {
  const path = join(folder, 'household.db');
  const db = new Database(path);
  chmodSync(path, 0o600);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = FULL');
  db.exec(`
    CREATE TABLE IF NOT EXISTS passcode (id INTEGER PRIMARY KEY CHECK (id = 1), hash TEXT NOT NULL, set_at TEXT NOT NULL) STRICT;
    CREATE TABLE IF NOT EXISTS device (
      id TEXT PRIMARY KEY, name TEXT NOT NULL, token_sha256 TEXT NOT NULL UNIQUE, paired_at TEXT NOT NULL, seen_at TEXT NOT NULL
    ) STRICT;`);
  const passcode = db.prepare<[], { hash: string }>('SELECT hash FROM passcode WHERE id = 1');
  const setPasscode = db.prepare(
    'INSERT INTO passcode (id, hash, set_at) VALUES (1, ?, ?) ON CONFLICT (id) DO UPDATE SET hash = excluded.hash, set_at = excluded.set_at',
  );
  const all = db.prepare<[], DeviceRow>('SELECT id, name, paired_at, seen_at FROM device ORDER BY seen_at DESC, id');
  const byToken = db.prepare<[string], DeviceRow>('SELECT id, name, paired_at, seen_at FROM device WHERE token_sha256 = ?');
  const add = db.prepare('INSERT INTO device (id, name, token_sha256, paired_at, seen_at) VALUES (?, ?, ?, ?, ?)');
  const seen = db.prepare('UPDATE device SET seen_at = ? WHERE id = ?');
  const remove = db.prepare('DELETE FROM device WHERE id = ?');
  const removeAll = db.prepare('DELETE FROM device');
  const fromRow = (r: DeviceRow, here = false): Device => ({ id: r.id, name: r.name, pairedAt: r.paired_at, seenAt: r.seen_at, here });
  return {
    passcode: (): string | undefined => passcode.get()?.hash,
    /** A new passcode ends what the old one let in. */
    setPasscode: db.transaction((hash: string, at: Date) => {
      setPasscode.run(hash, at.toISOString());
      removeAll.run();
    }).immediate,
    devices: (here: string | null): Device[] => all.all().map((r) => fromRow(r, r.id === here)),
    deviceOf: (token: string): Device | undefined => {
      const row = byToken.get(digest(token));
      return row && fromRow(row, true);
    },
    add: (id: string, name: string, token: string, at: Date) => void add.run(id, name, digest(token), at.toISOString(), at.toISOString()),
    seen: (id: string, at: Date) => void seen.run(at.toISOString(), id),
    /** @returns whether there was one */
    remove: (id: string): boolean => remove.run(id).changes > 0,
    close: () => db.close(),
  };
}
export type Keys = ReturnType<typeof openKeys>;
