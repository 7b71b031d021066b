import type { Strike, Treatment } from '@sleetbrook/core/api';
import type { PageOf } from '@sleetbrook/core/house';
import type { Db } from '../db/db';
import { beforeOf } from '../db/paging';
import { reading, spoiltIn } from '../db/readable';

interface Row {
  id: string;
  document: string;
}
const fromRow = (r: Row) => JSON.parse(r.document) as Treatment;

/** Treatments are written once, and struck out, never deleted. The whole record is one document; what is searched by stands in columns. */
export function treatmentStore(db: Db) {
  const spoilt = spoiltIn(db);
  const read = reading(db, 'treatments', (r: Row) => r.id, fromRow);
  const one = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE id = ?');
  const byCase = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE case_id = ? AND struck_at IS NULL ORDER BY finished_at');
  const byPlanting = db.prepare<[string, string], Row>(
    'SELECT id, document FROM treatment WHERE planting_id = ? AND finished_at >= ? AND struck_at IS NULL ORDER BY finished_at',
  );
  const page = db.prepare<[string, string, number], Row & { finishedAt: string }>(`
    SELECT document, finished_at AS finishedAt, id FROM treatment WHERE (finished_at, id) < (?, ?) ORDER BY finished_at DESC, id DESC LIMIT ?`);
  const keepOut = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE keep_out_until > ? AND struck_at IS NULL ORDER BY keep_out_until');
  const picking = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE pick_from > ? AND struck_at IS NULL ORDER BY pick_from');
  const recent = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE finished_at >= ? AND struck_at IS NULL ORDER BY finished_at');
  const copper = db.prepare<[string], Row>(
    "SELECT id, document FROM treatment WHERE finished_at >= ? AND struck_at IS NULL AND document LIKE '%copper%' ORDER BY finished_at",
  );
  const unknown = db.prepare<[string], Row>('SELECT id, document FROM treatment WHERE pick_unknown = 1 AND struck_at IS NULL AND finished_at >= ?');
  const insert = db.prepare(`
    INSERT INTO treatment (id, planting_id, case_id, control_id, finished_at, keep_out_until, pick_from, pick_unknown, document)
    VALUES (@id, @plantingId, @caseId, @controlId, @finishedAt, @keepOutUntil, @pickFrom, @pickUnknown, @document)`);
  const strikeOut = db.prepare<[string, string, string]>('UPDATE treatment SET struck_at = ?, document = ? WHERE id = ?');
  return {
    find: (id: string): Treatment | undefined => {
      return read.one(one.get(id));
    },
    ofCase: (caseId: string): Treatment[] => read.all(byCase.all(caseId)),
    ofPlanting: (plantingId: string, since: string): Treatment[] => read.all(byPlanting.all(plantingId, since)),
    /** Newest first, before a cursor, each as the JSON it is stored as: a page of the log is not taken apart to be put together again. */
    pageAsJson: ({ after, limit }: PageOf) => page.all(...beforeOf(after), limit).map((r) => (spoilt.has('treatments', r.id) ? { ...r, document: null } : r)),
    newest: ({ after, limit }: PageOf): Treatment[] => read.all(page.all(...beforeOf(after), limit)),
    keepOutAt: (now: string): Treatment[] => read.all(keepOut.all(now)),
    notToEatAt: (now: string): Treatment[] => read.all(picking.all(now)),
    since: (at: string): Treatment[] => read.all(recent.all(at)),
    /** Since a moment: those whose label or working names copper, and perhaps more. */
    copperSince: (at: string): Treatment[] => read.all(copper.all(at)),
    /** Since a moment: those after which no safe picking date can be named. */
    pickUnknownSince: (since: string): Treatment[] => read.all(unknown.all(since)),
    strike: (t: Treatment, struck: Strike) => {
      const after: Treatment = { ...t, struck };
      strikeOut.run(struck.at, JSON.stringify(after), t.id);
      return after;
    },
    add: (t: Treatment) =>
      insert.run({
        id: t.id,
        plantingId: t.plantingId,
        caseId: t.caseId,
        controlId: t.controlId,
        finishedAt: t.finishedAt,
        keepOutUntil: t.keepOutUntil,
        pickFrom: t.pickFrom,
        pickUnknown: t.pickUnknown ? 1 : 0,
        document: JSON.stringify(t),
      }),
  };
}
