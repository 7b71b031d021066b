import type { Stop, Tally, Walk } from '@sleetbrook/core/api';
import type { DatedTally, PageOf } from '@sleetbrook/core/house';
import type { Db } from '../db/db';
import { reading } from '../db/readable';
import { beforeOf } from '../db/paging';

interface WalkRow {
  id: string;
  revision: number;
  started_at: string;
  finished_at: string | null;
}
interface StopRow {
  walk_id: string;
  number: number;
  planting_id: string;
  state: Stop['state'];
  at: string | null;
  note: string;
}
interface TallyRow {
  walk_id: string;
  stop_number: number;
  trouble_id: string;
  planting_id: string;
  at: string;
  affected: number;
  looked: number;
}
export function walkStore(db: Db) {
  const one = db.prepare<[string], WalkRow>('SELECT * FROM walk WHERE id = ?');
  const newest = db.prepare<[string, string, number], WalkRow>('SELECT * FROM walk WHERE (started_at, id) < (?, ?) ORDER BY started_at DESC, id DESC LIMIT ?');
  const lately = db.prepare<[string], WalkRow>('SELECT * FROM walk WHERE started_at >= ? ORDER BY started_at');
  const stops = db.prepare<[string], StopRow>('SELECT * FROM walk_stop WHERE walk_id = ? ORDER BY number');
  const tallies = db.prepare<[string], TallyRow>('SELECT * FROM tally WHERE walk_id = ? ORDER BY stop_number, trouble_id');
  const since = db.prepare<[string, string], TallyRow>('SELECT * FROM tally WHERE at >= ? AND walk_id <> ? ORDER BY at');
  const upsert = db.prepare(`
    INSERT INTO walk (id, revision, started_at, finished_at) VALUES (@id, @revision, @startedAt, @finishedAt)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, finished_at = excluded.finished_at`);
  const dropTallies = db.prepare('DELETE FROM tally WHERE walk_id = ?');
  const dropStops = db.prepare('DELETE FROM walk_stop WHERE walk_id = ?');
  const addStop = db.prepare(
    'INSERT INTO walk_stop (walk_id, number, planting_id, state, at, note) VALUES (@walkId, @number, @plantingId, @state, @at, @note)',
  );
  const addTally = db.prepare(`
    INSERT INTO tally (walk_id, stop_number, trouble_id, planting_id, at, affected, looked)
    VALUES (@walkId, @number, @troubleId, @plantingId, @at, @affected, @looked)`);

  const full = (row: WalkRow): Walk => {
    const counted = new Map<number, Tally[]>();
    for (const t of tallies.all(row.id)) {
      const tally = { troubleId: t.trouble_id, affected: t.affected, looked: t.looked };
      const list = counted.get(t.stop_number);
      if (list) list.push(tally);
      else counted.set(t.stop_number, [tally]);
    }
    return {
      id: row.id,
      revision: row.revision,
      startedAt: row.started_at,
      finishedAt: row.finished_at,
      stops: Array.from(stops.all(row.id), (s) => ({
        plantingId: s.planting_id,
        state: s.state,
        at: s.at,
        note: s.note,
        tallies: counted.get(s.number) ?? [],
      })),
    };
  };
  const read = reading(db, 'walks', (r: WalkRow) => r.id, full);
  return {
    find: (id: string): Walk | undefined => {
      return read.one(one.get(id));
    },
    list: ({ after, limit }: PageOf): Walk[] => read.all(newest.all(...beforeOf(after), limit)),
    since: (at: string): Walk[] => read.all(lately.all(at)),
    /** Every count since an instant, oldest first, but for one walk's. */
    talliesSince: (at: string, exceptWalk: string): DatedTally[] =>
      since.all(at, exceptWalk).map((t) => ({ troubleId: t.trouble_id, plantingId: t.planting_id, at: t.at, affected: t.affected, looked: t.looked })),
    /** Call inside a transaction. */
    save: (w: Walk) => {
      upsert.run({ id: w.id, revision: w.revision, startedAt: w.startedAt, finishedAt: w.finishedAt });
      dropTallies.run(w.id);
      dropStops.run(w.id);
      w.stops.forEach((s, number) => {
        addStop.run({ walkId: w.id, number, plantingId: s.plantingId, state: s.state, at: s.at, note: s.note });
        for (const t of s.tallies) addTally.run({ ...t, walkId: w.id, number, plantingId: s.plantingId, at: s.at ?? w.startedAt });
      });
      read.written(w.id);
    },
  };
}
