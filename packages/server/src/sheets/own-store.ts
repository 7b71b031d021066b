import type { OwnSheet } from '@sleetbrook/core/api';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  /** Of the sheet and its version. */
  id: string;
  document: string;
}
const fromRow = (r: Row) => JSON.parse(r.document) as OwnSheet;

/** The grower's own label sheets, each save a version of its own. */
export function ownSheetStore(db: Db) {
  const read = reading(db, 'label-sheets', (r: Row) => r.id, fromRow);
  const latest = db.prepare<[], Row>(`
    SELECT id || '/' || version AS id, document FROM own_sheet o WHERE version = (SELECT max(version) FROM own_sheet WHERE id = o.id)
      AND id NOT IN (SELECT id FROM own_sheet_removed) ORDER BY id`);
  const every = db.prepare<[], Row>(
    `SELECT id || '/' || version AS id, document FROM own_sheet o WHERE version = (SELECT max(version) FROM own_sheet WHERE id = o.id) ORDER BY id`,
  );
  const gone = db.prepare<[], Row>('SELECT id, id AS document FROM own_sheet_removed');
  const one = db.prepare<[string], Row>(`SELECT id || '/' || version AS id, document FROM own_sheet WHERE id = ? ORDER BY version DESC LIMIT 1`);
  const versions = db.prepare<[string], Row>(`SELECT id || '/' || version AS id, document FROM own_sheet WHERE id = ? ORDER BY version DESC`);
  const insert = db.prepare('INSERT INTO own_sheet (id, version, document, saved_at) VALUES (@id, @version, @document, @savedAt)');
  const remove = db.prepare('INSERT INTO own_sheet_removed (id, removed_at) VALUES (?, ?) ON CONFLICT DO NOTHING');
  const restore = db.prepare('DELETE FROM own_sheet_removed WHERE id = ?');
  const removed = db.prepare<[string], Row>('SELECT id, id AS document FROM own_sheet_removed WHERE id = ?');
  return {
    list: (): OwnSheet[] => read.all(latest.all()),
    /** Removed ones too, with what they last said. */
    find: (id: string): OwnSheet | undefined => {
      return read.one(one.get(id));
    },
    /** In their last version, removed ones too. */
    every: (): OwnSheet[] => read.all(every.all()),
    removed: (): string[] => gone.all().map((r) => r.document),
    isRemoved: (id: string): boolean => removed.get(id) !== undefined,
    versions: (id: string): OwnSheet[] => read.all(versions.all(id)),
    add: (s: OwnSheet, at: Date) => insert.run({ id: s.id, version: s.version, document: JSON.stringify(s), savedAt: at.toISOString() }),
    remove: (id: string, at: Date) => remove.run(id, at.toISOString()),
    restore: (id: string) => restore.run(id),
  };
}
