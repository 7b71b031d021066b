import { hushSchema, milestoneSchema, readingSchema, type Hush, type Milestone } from '@sleetbrook/core/api';
import type { GardenFileKind } from '@sleetbrook/core/garden-file';
import type { Reading } from '@sleetbrook/core/weather';
import type { ZodType } from 'zod';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  document: string;
}

/** Documents of one kind that are changed and counted by their revision. */
function documents<T extends { readonly id: string; readonly revision: number }>(
  db: Db,
  table: string,
  kind: GardenFileKind,
  schema: ZodType<T>,
  order: string,
) {
  const read = reading(
    db,
    kind,
    (r: Row) => r.id,
    (r) => schema.parse(JSON.parse(r.document) as unknown),
  );
  const all = db.prepare<[], Row>(`SELECT id, document FROM ${table} ORDER BY ${order}`);
  const one = db.prepare<[string], Row>(`SELECT id, document FROM ${table} WHERE id = ?`);
  const remove = db.prepare(`DELETE FROM ${table} WHERE id = ?`);
  return {
    read,
    list: (): T[] => read.all(all.all()),
    find: (id: string): T | undefined => read.one(one.get(id)),
    remove: (id: string): boolean => remove.run(id).changes > 0,
  };
}

/** What was read off by hand, oldest first. */
export function readingStore(db: Db) {
  const { read, ...shelf } = documents<Reading>(db, 'reading', 'readings', readingSchema, 'at');
  const upsert = db.prepare(
    'INSERT INTO reading (id, at, document) VALUES (@id, @at, @document) ON CONFLICT (id) DO UPDATE SET at = excluded.at, document = excluded.document',
  );
  const between = db.prepare<[string, string], Row>('SELECT id, document FROM reading WHERE at >= ? AND at <= ? ORDER BY at');
  return {
    ...shelf,
    between: (from: Date, to: Date): Reading[] => read.all(between.all(from.toISOString(), to.toISOString())),
    put: (r: Reading) => {
      upsert.run({ id: r.id, at: r.at, document: JSON.stringify(r) });
      read.written(r.id);
    },
  };
}

/** Of a planting: what was seen on it, what is not to be told of it. */
function ofPlanting<T extends { readonly id: string; readonly revision: number; readonly plantingId: string }>(
  db: Db,
  table: string,
  kind: GardenFileKind,
  schema: ZodType<T>,
) {
  const { read, ...shelf } = documents<T>(db, table, kind, schema, 'id');
  const upsert = db.prepare(
    `INSERT INTO ${table} (id, planting_id, document) VALUES (@id, @plantingId, @document) ON CONFLICT (id) DO UPDATE SET planting_id = excluded.planting_id, document = excluded.document`,
  );
  return {
    ...shelf,
    put: (x: T) => {
      upsert.run({ id: x.id, plantingId: x.plantingId, document: JSON.stringify(x) });
      read.written(x.id);
    },
  };
}

export const milestoneStore = (db: Db) => ofPlanting<Milestone>(db, 'milestone', 'milestones', milestoneSchema);
export const hushStore = (db: Db) => ofPlanting<Hush>(db, 'hush', 'hushes', hushSchema);
