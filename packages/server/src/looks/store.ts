import type { Look } from '@sleetbrook/core/api';
import type { Db } from '../db/db';
import { reading } from '../db/readable';

interface Row {
  id: string;
  planting_id: string;
  case_id: string | null;
  at: string;
  answers: string;
  affected: number | null;
  looked: number | null;
  note: string;
}

const fromRow = (r: Row): Look => ({
  id: r.id,
  plantingId: r.planting_id,
  caseId: r.case_id,
  at: r.at,
  answers: JSON.parse(r.answers) as Look['answers'],
  count: r.affected !== null && r.looked !== null ? { affected: r.affected, looked: r.looked } : null,
  note: r.note,
});

export function lookStore(db: Db) {
  const read = reading(db, 'looks', (r: Row) => r.id, fromRow);
  const one = db.prepare<[string], Row>('SELECT * FROM look WHERE id = ?');
  const byCase = db.prepare<[string], Row>('SELECT * FROM look WHERE case_id = ? ORDER BY at');
  const lately = db.prepare<[string], Row>('SELECT * FROM look WHERE at >= ? ORDER BY at');
  const insert = db.prepare(`
    INSERT INTO look (id, planting_id, case_id, at, answers, affected, looked, note)
    VALUES (@id, @plantingId, @caseId, @at, @answers, @affected, @looked, @note)`);
  const attach = db.prepare('UPDATE look SET case_id = ? WHERE id = ? AND case_id IS NULL');
  return {
    find: (id: string): Look | undefined => {
      return read.one(one.get(id));
    },
    ofCase: (caseId: string): Look[] => read.all(byCase.all(caseId)),
    since: (at: string): Look[] => read.all(lately.all(at)),
    add: ({ count, ...l }: Look) => insert.run({ ...l, answers: JSON.stringify(l.answers), affected: count?.affected ?? null, looked: count?.looked ?? null }),
    attach: (id: string, caseId: string) => attach.run(caseId, id),
  };
}
