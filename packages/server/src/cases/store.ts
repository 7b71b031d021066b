import { COURSE_ON, type Case, type CourseState, type Lap } from '@sleetbrook/core/api';
import type { PageOf } from '@sleetbrook/core/house';
import type { Db } from '../db/db';
import { reading } from '../db/readable';
import { beforeOf } from '../db/paging';

interface CaseRow {
  id: string;
  revision: number;
  planting_id: string;
  trouble_id: string;
  confidence: number;
  look_id: string;
  purpose: Case['purpose'];
  stage_seen: string | null;
  opened_at: string;
  status: Case['status'];
  closed_at: string | null;
  course: string;
}
interface LapRow {
  case_id: string;
  control_id: string | null;
  sheet_id: string | null;
  also: string;
  why_higher: string;
  decided_at: string | null;
  mixed_at: string | null;
  planned_for: string | null;
  treatment_id: string | null;
  look_again_on: string | null;
  after_look_id: string | null;
  effect_percent: number | null;
}

const lapFrom = (r: LapRow): Lap => ({
  controlId: r.control_id,
  sheetId: r.sheet_id,
  // most plans are of one thing: hundreds of cases are listed at once
  also: r.also === '[]' ? [] : (JSON.parse(r.also) as Lap['also']),
  whyHigher: r.why_higher,
  decidedAt: r.decided_at,
  mixedAt: r.mixed_at,
  plannedFor: r.planned_for,
  treatmentId: r.treatment_id,
  lookAgainOn: r.look_again_on,
  afterLookId: r.after_look_id,
  effectPercent: r.effect_percent,
});

const isOn = (c: CourseState) => c.state === 'on' && c.saidAt === null && c.fixed.length === 0;

/** Cases with their laps. Listing reads both tables once, not once a case. */
export function caseStore(db: Db) {
  const one = db.prepare<[string], CaseRow>('SELECT * FROM trouble_case WHERE id = ?');
  const laps = db.prepare<[string], LapRow>('SELECT * FROM lap WHERE case_id = ? ORDER BY number');
  const byStatus = db.prepare<[string, string, string, number], CaseRow>(
    'SELECT * FROM trouble_case WHERE status = ? AND (opened_at, id) < (?, ?) ORDER BY opened_at DESC, id DESC LIMIT ?',
  );
  const lapsByStatus = db.prepare<[string, string, string, number], LapRow>(`
    SELECT lap.* FROM (SELECT id FROM trouble_case WHERE status = ? AND (opened_at, id) < (?, ?) ORDER BY opened_at DESC, id DESC LIMIT ?) c JOIN lap ON lap.case_id = c.id ORDER BY lap.case_id, lap.number`);
  const upsert = db.prepare(`
    INSERT INTO trouble_case (id, revision, planting_id, trouble_id, confidence, look_id, purpose, stage_seen, opened_at, status, closed_at, course)
    VALUES (@id, @revision, @plantingId, @troubleId, @confidence, @lookId, @purpose, @stageSeen, @openedAt, @status, @closedAt, @course)
    ON CONFLICT (id) DO UPDATE SET revision = excluded.revision, trouble_id = excluded.trouble_id, confidence = excluded.confidence, stage_seen = excluded.stage_seen,
      status = excluded.status, closed_at = excluded.closed_at, course = excluded.course`);
  const dropLaps = db.prepare('DELETE FROM lap WHERE case_id = ?');
  const addLap = db.prepare(`
    INSERT INTO lap (case_id, number, control_id, sheet_id, also, why_higher, decided_at, mixed_at, planned_for, treatment_id, look_again_on, after_look_id, effect_percent)
    VALUES (@caseId, @number, @controlId, @sheetId, @also, @whyHigher, @decidedAt, @mixedAt, @plannedFor, @treatmentId, @lookAgainOn, @afterLookId, @effectPercent)`);

  const toCase = (r: CaseRow, ls: readonly LapRow[]): Case => ({
    id: r.id,
    revision: r.revision,
    plantingId: r.planting_id,
    troubleId: r.trouble_id,
    confidence: r.confidence,
    lookId: r.look_id === '' ? null : r.look_id,
    purpose: r.purpose,
    stageSeen: r.stage_seen,
    openedAt: r.opened_at,
    status: r.status,
    closedAt: r.closed_at,
    laps: ls.map(lapFrom),
    // nearly every course simply runs: hundreds of cases are listed at once
    course: r.course === '' ? COURSE_ON : (JSON.parse(r.course) as CourseState),
  });
  const read = reading<CaseRow, Case>(
    db,
    'cases',
    (r) => r.id,
    (r) => toCase(r, laps.all(r.id)),
  );
  return {
    find: (id: string): Case | undefined => {
      return read.one(one.get(id));
    },
    list: (status: Case['status'], { after, limit }: PageOf): Case[] => {
      const page = [status, ...beforeOf(after), limit] as const;
      const grouped = new Map<string, LapRow[]>();
      for (const l of lapsByStatus.all(...page)) grouped.set(l.case_id, [...(grouped.get(l.case_id) ?? []), l]);
      return reading<CaseRow, Case>(
        db,
        'cases',
        (r) => r.id,
        (r) => toCase(r, grouped.get(r.id) ?? []),
      ).all(byStatus.all(...page));
    },
    /** Call inside a transaction. */
    save: (c: Case) => {
      const { laps: list, ...row } = c;
      upsert.run({ ...row, lookId: row.lookId ?? '', course: isOn(row.course) ? '' : JSON.stringify(row.course) });
      dropLaps.run(c.id);
      list.forEach((lap, number) => addLap.run({ ...lap, also: JSON.stringify(lap.also), caseId: c.id, number }));
      read.written(c.id);
    },
  };
}
