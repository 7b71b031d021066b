import type { Batch } from '@sleetbrook/core/api';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  revision: number;
  document: string;
}
const fromRow = (r: Row): Batch => ({ ...(JSON.parse(r.document) as Batch), revision: r.revision });

/** Batches of soap, under way and done. */
export function batchStore(db: Db) {
  const read = reading(db, 'soap', (r: Row) => r.id, fromRow);
  const all = db.prepare<[], Row>('SELECT id, revision, document FROM batch ORDER BY started_at DESC, id');
  const open = db.prepare<[], Row>('SELECT id, revision, document FROM batch WHERE ready_at IS NULL ORDER BY started_at');
  const one = db.prepare<[string], Row>('SELECT id, revision, document FROM batch WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO batch (id, revision, started_at, ready_at, document) VALUES (@id, @revision, @startedAt, @readyAt, @document)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, started_at = excluded.started_at, ready_at = excluded.ready_at, document = excluded.document`);
  const remove = db.prepare('DELETE FROM batch WHERE id = ?');
  return {
    list: (): Batch[] => read.all(all.all()),
    open: (): Batch[] => read.all(open.all()),
    find: (id: string): Batch | undefined => {
      return read.one(one.get(id));
    },
    put: (b: Batch) => {
      upsert.run({ id: b.id, revision: b.revision, startedAt: b.startedAt, readyAt: b.readyAt, document: JSON.stringify(b) });
      read.written(b.id);
    },
    remove: (id: string): boolean => remove.run(id).changes > 0,
  };
}
