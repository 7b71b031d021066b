import type { ShedItem } from '@sleetbrook/core/api';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  revision: number;
  document: string;
}
const fromRow = (r: Row): ShedItem => ({ ...(JSON.parse(r.document) as ShedItem), revision: r.revision });

/** What stands in the shed. */
export function shedStore(db: Db) {
  const read = reading(db, 'shed', (r: Row) => r.id, fromRow);
  const all = db.prepare<[], Row>('SELECT id, revision, document FROM shed_item ORDER BY name, id');
  const mixes = db.prepare<[], Row>("SELECT id, revision, document FROM shed_item WHERE kind = 'mix' ORDER BY use_by");
  const one = db.prepare<[string], Row>('SELECT id, revision, document FROM shed_item WHERE id = ?');
  const upsert = db.prepare(`
    INSERT INTO shed_item (id, revision, kind, name, use_by, document) VALUES (@id, @revision, @kind, @name, @useBy, @document)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, kind = excluded.kind, name = excluded.name, use_by = excluded.use_by, document = excluded.document`);
  const remove = db.prepare('DELETE FROM shed_item WHERE id = ?');
  return {
    list: (): ShedItem[] => read.all(all.all()),
    /** Left-over mixes, the first to run out first. */
    mixes: (): ShedItem[] => read.all(mixes.all()),
    find: (id: string): ShedItem | undefined => {
      return read.one(one.get(id));
    },
    put: (i: ShedItem) => {
      upsert.run({ id: i.id, revision: i.revision, kind: i.kind, name: i.name, useBy: i.useBy, document: JSON.stringify(i) });
      read.written(i.id);
    },
    remove: (id: string): boolean => remove.run(id).changes > 0,
  };
}
