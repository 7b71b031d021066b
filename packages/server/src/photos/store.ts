import type { Photo } from '@sleetbrook/core/api';
import type { Db } from '../db/db';

interface Row {
  id: string;
  look_id: string;
  taken_at: string;
  width: number;
  height: number;
  bytes: number;
  sent_sha256: string;
  deleted_at: string | null;
}
export interface StoredPhoto extends Photo {
  readonly sentSha256: string;
  readonly deleted: boolean;
}

/** Everything but the picture itself: lists never read it. */
const COLUMNS = 'photo.id, look_id, taken_at, width, height, length(jpeg) AS bytes, sent_sha256, deleted_at';
const fromRow = (r: Row): Photo => ({ id: r.id, lookId: r.look_id, takenAt: r.taken_at, width: r.width, height: r.height, bytes: r.bytes });

export function photoStore(db: Db) {
  const one = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM photo WHERE id = ?`);
  const byLook = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM photo WHERE look_id = ? AND deleted_at IS NULL ORDER BY taken_at, id`);
  const byCase = db.prepare<[string], Row>(`
    SELECT ${COLUMNS} FROM photo JOIN look ON look.id = photo.look_id WHERE look.case_id = ? AND deleted_at IS NULL ORDER BY taken_at, photo.id`);
  const since = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM photo WHERE taken_at >= ? AND deleted_at IS NULL ORDER BY taken_at, id`);
  const picture = db.prepare<[string], { jpeg: Buffer }>('SELECT jpeg FROM photo WHERE id = ? AND deleted_at IS NULL');
  const insert = db.prepare(`
    INSERT INTO photo (id, look_id, taken_at, width, height, sent_sha256, jpeg) VALUES (@id, @lookId, @takenAt, @width, @height, @sentSha256, @jpeg)`);
  const remove = db.prepare('UPDATE photo SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL');
  const restore = db.prepare('UPDATE photo SET deleted_at = NULL WHERE id = ?');
  return {
    find: (id: string): StoredPhoto | undefined => {
      const row = one.get(id);
      return row && { ...fromRow(row), sentSha256: row.sent_sha256, deleted: row.deleted_at !== null };
    },
    ofLook: (lookId: string): Photo[] => byLook.all(lookId).map(fromRow),
    ofCase: (caseId: string): Photo[] => byCase.all(caseId).map(fromRow),
    since: (at: string): Photo[] => since.all(at).map(fromRow),
    picture: (id: string): Buffer | undefined => picture.get(id)?.jpeg,
    add: (p: Omit<Photo, 'bytes'> & { sentSha256: string; jpeg: Uint8Array }) => insert.run({ ...p, jpeg: Buffer.from(p.jpeg) }),
    remove: (id: string, at: Date) => remove.run(at.toISOString(), id),
    restore: (id: string) => restore.run(id),
  };
}
