import type { Db } from './db/db';

/** The one source of "now" on the server. */
export interface ServerClock {
  now(): Date;
  readonly fixed: boolean;
  /** Moves a fixed clock on; it stays there over a restart. */
  moveTo(at: Date): void;
}

/** The real clock. */
export const systemClock: ServerClock = {
  now: () => new Date(),
  fixed: false,
  moveTo: () => undefined,
};

/** A clock that runs from `base` on, as a grower's does: for trying whole evenings of another season. */
export function runningClock(base: Date): ServerClock {
  const started = Date.now();
  return { now: () => new Date(base.getTime() + Date.now() - started), fixed: false, moveTo: () => undefined };
}

/**
 * A clock that stands still at `base` until it is moved. Where it was moved to is kept as long as the
 * base stays the same.
 */
export function fixedClock(base: Date, db: Db): ServerClock {
  const key = base.toISOString();
  const read = db.prepare<[], { base: string; now: string }>('SELECT base, now FROM demo_clock WHERE id = 1');
  const write = db.prepare('INSERT INTO demo_clock (id, base, now) VALUES (1, ?, ?) ON CONFLICT (id) DO UPDATE SET base = excluded.base, now = excluded.now');
  const stored = read.get();
  let now = stored?.base === key ? new Date(stored.now) : base;
  return {
    now: () => now,
    fixed: true,
    moveTo(at) {
      write.run(key, at.toISOString());
      now = at;
    },
  };
}
