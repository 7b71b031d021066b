import { KIND_NAMES, GARDEN_FILE_KINDS, type GardenFileKind } from '@sleetbrook/core/garden-file';
import type { Unreadable } from '@sleetbrook/core/api';
import type { Db } from './db';

/** What can not be read in a database, by kind and id. It is noticed, and left as it is. */
class Spoilt {
  private readonly why = new Map<string, Unreadable>();
  /** Told of each as it is noticed. */
  onFound: (one: Unreadable) => void = () => undefined;

  has = (kind: GardenFileKind, id: string): boolean => this.why.size > 0 && this.why.has(`${kind} ${id}`);
  add(one: Unreadable): void {
    if (this.why.has(`${one.kind} ${one.id}`)) return;
    this.why.set(`${one.kind} ${one.id}`, one);
    this.onFound(one);
  }
  /** It was written anew. */
  mended = (kind: GardenFileKind, id: string): boolean => this.why.delete(`${kind} ${id}`);
  list = (): Unreadable[] => [...this.why.values()];
}

const known = new WeakMap<Db, Spoilt>();

export function spoiltIn(db: Db): Spoilt {
  const found = known.get(db) ?? new Spoilt();
  known.set(db, found);
  return found;
}

/**
 * Reads rows of a kind: one that can not be read hides itself, not the list it stands in.
 * @param idOf of a row @param from of a row what it says; may throw
 */
export function reading<R, T>(db: Db, kind: GardenFileKind, idOf: (row: R) => string, from: (row: R) => T) {
  const spoilt = spoiltIn(db);
  const one = (row: R | undefined): T | undefined => {
    if (row === undefined || spoilt.has(kind, idOf(row))) return undefined;
    try {
      return from(row);
    } catch (error) {
      spoilt.add({ kind, id: idOf(row), why: (error as Error).message });
      return undefined;
    }
  };
  return {
    one,
    all: (rows: readonly R[]): T[] => {
      const out: T[] = [];
      for (const row of rows) {
        const read = one(row);
        if (read !== undefined) out.push(read);
      }
      return out;
    },
    /** After a write of it. */
    written: (id: string): void => void spoilt.mended(kind, id),
  };
}

/** Hours are figures in columns of their own, and ten years of them. */
const NOT_LOOKED_THROUGH: ReadonlySet<GardenFileKind> = new Set(['weather']);

/** Looks through every row of a garden for what can not be read. @param rows as `gardenRows` gives them */
export function lookThrough(rows: { readonly [K in GardenFileKind]: { readonly ids: () => string[]; readonly read: (id: string) => unknown } }): Unreadable[] {
  const found: Unreadable[] = [];
  for (const kind of KIND_NAMES) {
    if (NOT_LOOKED_THROUGH.has(kind)) continue;
    for (const id of rows[kind].ids()) {
      try {
        const read = GARDEN_FILE_KINDS[kind].safeParse(rows[kind].read(id));
        const [issue] = read.error?.issues ?? [];
        if (issue) found.push({ kind, id, why: `${issue.path.join('.')}: ${issue.message}` });
      } catch (error) {
        found.push({ kind, id, why: (error as Error).message });
      }
    }
  }
  return found;
}
