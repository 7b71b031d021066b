import { createHash } from 'node:crypto';
import { chmodSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** What a calendar was told of, so that it can be told when that is off. */
export interface Told {
  readonly uid: string;
  /** As it was told, in JSON. */
  readonly event: string;
  /** What comes after this is still to come, ms. */
  readonly endsAt: number;
  readonly cancelledAt: number | null;
}

const digest = (secret: string) => createHash('sha256').update(secret).digest('hex');

/**
 * The key of the calendar, and what it was told. It stands in a file of its own, apart from the garden: a copy of the
 * garden carries no key, and an old one that is put back lets no calendar in that was turned away.
 */
export function openCalendar(folder: string) {
  const path = join(folder, 'calendar.db');
  const db = new Database(path);
  chmodSync(path, 0o600);
  db.pragma('journal_mode = WAL');
  db.exec(`
    CREATE TABLE IF NOT EXISTS feed (id INTEGER PRIMARY KEY CHECK (id = 1), secret_sha256 TEXT NOT NULL, made_at TEXT NOT NULL) STRICT;
    CREATE TABLE IF NOT EXISTS told (uid TEXT PRIMARY KEY, event TEXT NOT NULL, ends_at INTEGER NOT NULL, cancelled_at INTEGER) STRICT;`);
  const made = db.prepare<[], { secret_sha256: string; made_at: string }>('SELECT secret_sha256, made_at FROM feed WHERE id = 1');
  const make = db.prepare(
    'INSERT INTO feed (id, secret_sha256, made_at) VALUES (1, ?, ?) ON CONFLICT (id) DO UPDATE SET secret_sha256 = excluded.secret_sha256, made_at = excluded.made_at',
  );
  const end = db.prepare('DELETE FROM feed');
  const forget = db.prepare('DELETE FROM told');
  const all = db.prepare<[], Told>('SELECT uid, event, ends_at AS endsAt, cancelled_at AS cancelledAt FROM told ORDER BY uid');
  const put = db.prepare(
    'INSERT INTO told (uid, event, ends_at, cancelled_at) VALUES (@uid, @event, @endsAt, @cancelledAt) ON CONFLICT (uid) DO UPDATE SET event = excluded.event, ends_at = excluded.ends_at, cancelled_at = excluded.cancelled_at',
  );
  const drop = db.prepare('DELETE FROM told WHERE uid = ?');
  return {
    madeAt: (): string | null => made.get()?.made_at ?? null,
    opens: (secret: string): boolean => made.get()?.secret_sha256 === digest(secret),
    /** A new key ends the old one. */
    make: db.transaction((secret: string, at: Date) => {
      make.run(digest(secret), at.toISOString());
      forget.run();
    }),
    end: db.transaction(() => {
      end.run();
      forget.run();
    }),
    told: (): Told[] => all.all(),
    keep: db.transaction((now: readonly Told[], gone: readonly string[]) => {
      for (const t of now) put.run(t);
      for (const uid of gone) drop.run(uid);
    }),
    close: () => void db.close(),
  };
}
export type CalendarStore = ReturnType<typeof openCalendar>;
