import type { Batch } from '@sleetbrook/core/api';
import type { Db } from '../db/open';

interface Row {
  revision: number;
  document: string;
}
const fromRow = (r: Row): Batch => ({ ...(JSON.parse(r.document) as Batch), revision: r.revision });

/** Batches of soap, under way and done. */
export function batchStore(db: Db) {
  const all = db.prepare<[], Row>('SELECT revision, document FROM batch ORDER BY started_at DESC, id');
  const open = db.prepare<[], Row>('SELECT revision, document FROM batch WHERE ready_at IS NULL ORDER BY started_at');
  const one = db.prepare<[string], Row>('SELECT revision, document FROM batch WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO batch (id, revision, started_at, ready_at, document) VALUES (@id, @revision, @startedAt, @readyAt, @document)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, started_at = excluded.started_at, ready_at = excluded.ready_at, document = excluded.document`);
  const remove = db.prepare('DELETE FROM batch WHERE id = ?');
  return {
    list: (): Batch[] => all.all().map(fromRow),
    open: (): Batch[] => open.all().map(fromRow),
    find: (id: string): Batch | undefined => {
      const row = one.get(id);
      return row && fromRow(row);
    },
    put: (b: Batch) => upsert.run({ id: b.id, revision: b.revision, startedAt: b.startedAt, readyAt: b.readyAt, document: JSON.stringify(b) }),
    remove: (id: string): boolean => remove.run(id).changes > 0,
  };
}
