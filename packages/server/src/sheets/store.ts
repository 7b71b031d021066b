import type { Confirmation } from '@sleetbrook/core/api';
import type { Db } from '../db/db';

interface Row {
  sheet_id: string;
  version: number;
  confirmed_at: string;
}

/** Which specimen sheets the grower has checked against the label in the hand. */
export function confirmationStore(db: Db) {
  const all = db.prepare<[], Row>('SELECT * FROM sheet_confirmation ORDER BY sheet_id, version');
  const one = db.prepare<[string, number], Row>('SELECT * FROM sheet_confirmation WHERE sheet_id = ? AND version = ?');
  const insert = db.prepare(
    'INSERT INTO sheet_confirmation (sheet_id, version, confirmed_at) VALUES (@sheetId, @version, @confirmedAt) ON CONFLICT DO NOTHING',
  );
  const remove = db.prepare('DELETE FROM sheet_confirmation WHERE sheet_id = ?');
  return {
    list: (): Confirmation[] => all.all().map((r) => ({ sheetId: r.sheet_id, version: r.version, confirmedAt: r.confirmed_at })),
    has: (sheetId: string, version: number) => one.get(sheetId, version) !== undefined,
    add: (c: Confirmation) => insert.run(c),
    remove: (sheetId: string) => remove.run(sheetId),
  };
}
