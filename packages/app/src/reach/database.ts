import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Entry, NewEntry } from './entry';

interface Schema extends DBSchema {
  outbox: { key: number; value: Entry };
  kept: { key: string; value: unknown };
}

/** Where what waits is kept: in the browser's database; where a browser has none, as long as the page is open. */
export interface Drawer {
  readonly lasting: boolean;
  entries(): Promise<Entry[]>;
  add(entry: NewEntry): Promise<Entry>;
  change(entry: Entry): Promise<void>;
  drop(n: number): Promise<void>;
  kept(key: string): Promise<unknown>;
  keep(key: string, value: unknown): Promise<void>;
}

const inBrowser = (db: IDBPDatabase<Schema>): Drawer => ({
  lasting: true,
  entries: () => db.getAll('outbox'),
  add: async (entry) => {
    // on the disk before anything is said to be kept
    const tx = db.transaction('outbox', 'readwrite', { durability: 'strict' });
    const n = await tx.store.add(entry as Entry);
    await tx.done;
    return { ...entry, n };
  },
  change: async (entry) => void (await db.put('outbox', entry)),
  drop: (n) => db.delete('outbox', n),
  kept: (key) => db.get('kept', key),
  keep: async (key, value) => void (await db.put('kept', value, key)),
});

export function inMemory(): Drawer {
  const entries = new Map<number, Entry>();
  const kept = new Map<string, unknown>();
  let last = 0;
  return {
    lasting: false,
    entries: async () => [...entries.values()].sort((a, b) => a.n - b.n),
    add: async (entry) => {
      const made = { ...entry, n: ++last };
      entries.set(made.n, made);
      return made;
    },
    change: async (entry) => void entries.set(entry.n, entry),
    drop: async (n) => void entries.delete(n),
    kept: async (key) => kept.get(key),
    keep: async (key, value) => void kept.set(key, value),
  };
}

/** Opens the drawer. A private window may have no database that lasts. */
export async function openDrawer(): Promise<Drawer> {
  if (typeof indexedDB === 'undefined') return inMemory();
  try {
    return inBrowser(
      await openDB<Schema>('sleetbrook', 1, {
        upgrade(db) {
          db.createObjectStore('outbox', { keyPath: 'n', autoIncrement: true });
          db.createObjectStore('kept');
        },
      }),
    );
  } catch {
    return inMemory();
  }
}
