import { join } from 'node:path';
import Database from 'better-sqlite3';
import pino from 'pino';
import { z, type ZodType } from 'zod';
import {
  batchSchema,
  caseDetailSchema,
  caseSchema,
  healthSchema,
  plantingSchema,
  shedItemSchema,
  sprayerSchema,
  todaySchema,
  treatmentPageSchema,
  walkPlanSchema,
  walkSchema,
} from '@sleetbrook/core/api';
import { labelSheetSchema } from '@sleetbrook/core/label';
import type { Snapshot } from '@sleetbrook/core/house';
import { keptInMemory } from '../../core/src/house/memory';
import { openDatabase } from '../src/db/open';
import { spoiltIn } from '../src/db/readable';
import { plantingStore } from '../src/plantings/store';
import { jobs } from '../src/threads/jobs';
import { harness, larkfold, MIGRATIONS, ownSheet, planting, treatment } from './harness';

let h: ReturnType<typeof harness>;
let api: ReturnType<ReturnType<typeof harness>['start']>;
beforeEach(async () => {
  h = harness();
  api = h.start();
  const sheet = ownSheet();
  await api.put(`/api/v1/sheets/${sheet.id}`).send(sheet).expect(200);
  const walk = {
    id: larkfold(904),
    revision: 0,
    startedAt: '2026-05-24T16:00:00.000Z',
    finishedAt: null,
    stops: [{ plantingId: larkfold(1), state: 'clear', at: null, tallies: [], note: '' }],
  };
  await api.put(`/api/v1/walks/${walk.id}`).send(walk).expect(200);
});
afterEach(() => h.stop());

/** Every list, and what is put together of several. */
const READS: readonly (readonly [string, ZodType])[] = [
  ['/plantings', z.array(plantingSchema)],
  ['/sprayers', z.array(sprayerSchema)],
  ['/shed-items', z.array(shedItemSchema)],
  ['/batches', z.array(batchSchema)],
  ['/sheets', z.array(labelSheetSchema)],
  ['/cases', z.array(caseSchema)],
  ['/cases?status=cleared', z.array(caseSchema)],
  ['/treatments', treatmentPageSchema],
  [`/treatments?planting=${larkfold(3)}`, treatmentPageSchema],
  ['/walks', z.array(walkSchema)],
  ['/walk-plan', walkPlanSchema],
  ['/today', todaySchema],
];

/** What a disk, or another program, may make of a row. */
const SPOILS: readonly (readonly [kind: string, table: string, set: string])[] = [
  ['plantings', 'planting', `about = 'half of i'`],
  ['plantings', 'planting', `stage = 'gone to seed'`],
  ['plantings', 'planting', `area_m2 = -4`],
  ['plantings', 'planting', `revision = 9007199254740991`],
  ['sprayers', 'sprayer', `calibrations = '[{'`],
  ['shed', 'shed_item', `document = '{"kind":"poison"}'`],
  ['shed', 'shed_item', `document = 'half of i'`],
  ['soap', 'batch', `document = '[]'`],
  ['label-sheets', 'own_sheet', `document = '{"id":1}'`],
  ['cases', 'trouble_case', `confidence = 12`],
  ['cases', 'trouble_case', `trouble_id = '', opened_at = 'yesterday'`],
  ['looks', 'look', `answers = '{'`],
  ['looks', 'look', `answers = '[1, 2]'`],
  ['treatments', 'treatment', `document = '{"id":"x"}'`],
  ['treatments', 'treatment', `document = 'half of i'`],
  ['walks', 'walk', `started_at = 'this morning'`],
];

test.each(SPOILS)('a row of %s that can not be read (%s: %s) hides itself, and nothing else', async (kind, table, set) => {
  const before = new Map(await Promise.all(READS.map(async ([path]) => [path, (await api.get(`/api/v1${path}`)).body as unknown] as const)));
  const file = join(h.folder, 'sleetbrook.db');
  const db = new Database(file);
  db.pragma('ignore_check_constraints = ON');
  const row = db.prepare<[], { id: string }>(`SELECT id FROM ${table} ORDER BY id LIMIT 1`).get();
  if (!row && table === 'batch') {
    db.prepare("INSERT INTO batch (id, revision, started_at, document) VALUES ('b1', 0, '2026-05-01', '[]')").run();
  }
  const id = row?.id ?? 'b1';
  db.prepare(`UPDATE ${table} SET ${set} WHERE id = ?`).run(id);
  db.close();

  // as the server does at its start
  const found = jobs.lookThrough(file);
  expect(found.map((f) => f.kind)).toContain(kind);
  expect(found.every((f) => f.id.startsWith(id) || f.kind !== kind)).toBe(true);
  h.stopServing();
  api = h.start(undefined, (open) => found.forEach((f) => spoiltIn(open).add(f)));
  for (const [path, schema] of READS) {
    const res = await api.get(`/api/v1${path}`);
    expect([path, res.status]).toEqual([path, 200]);
    const read = schema.safeParse(res.body);
    expect([path, read.error?.issues.slice(0, 2)]).toEqual([path, undefined]);
    const [was, is] = [before.get(path), res.body as unknown];
    if (Array.isArray(was) && Array.isArray(is)) expect(was.length - is.length).toBeLessThanOrEqual(1);
  }
  // what a device takes along is whole, too
  const snapshot = (await api.get('/api/v1/snapshot').expect(200)).body as Snapshot;
  expect(() => keptInMemory(snapshot)).not.toThrow();
  for (const c of snapshot.cases) expect(caseDetailSchema.safeParse((await api.get(`/api/v1/cases/${c.id}`)).body).success).toBe(true);
  expect(healthSchema.parse((await api.get('/api/v1/health')).body).unreadable.map((u) => u.kind)).toContain(kind);
});

describe('a row that can not be read', () => {
  test('is left as it is: a record is not written over, a planting is mended by whoever has it whole', async () => {
    const [t] = ((await api.get('/api/v1/treatments')).body as { treatments: { id: string; plantingId: string }[] }).treatments;
    const p = planting({ id: larkfold(1) });
    const db = new Database(join(h.folder, 'sleetbrook.db'));
    db.pragma('ignore_check_constraints = ON');
    db.prepare("UPDATE treatment SET document = '{}' WHERE id = ?").run(t?.id);
    db.prepare("UPDATE planting SET about = 'x' WHERE id = ?").run(p.id);
    db.close();
    const found = jobs.lookThrough(join(h.folder, 'sleetbrook.db'));
    h.stopServing();
    api = h.start(undefined, (open) => found.forEach((f) => spoiltIn(open).add(f)));
    const res = await api.put(`/api/v1/treatments/${t?.id}`).send(treatment(String(t?.plantingId), null, { id: t?.id }));
    expect([res.status, res.body.detail]).toEqual([409, expect.stringMatching(/put a copy back/)]);
    await api.put(`/api/v1/plantings/${p.id}`).send(p).expect(200);
    expect((await api.get(`/api/v1/plantings/${p.id}`)).body).toMatchObject({ name: p.name });
    expect(healthSchema.parse((await api.get('/api/v1/health')).body).unreadable.map((u) => u.kind)).toEqual(['treatments']);
  });

  test('is noticed at the first read where the start did not find it, and told once', () => {
    const lines: string[] = [];
    const folder = h.folder;
    h.stopServing();
    const db = openDatabase(folder, MIGRATIONS);
    const log = pino({}, { write: (l: string) => void lines.push(l) });
    spoiltIn(db).onFound = (one) => log.error(one, 'a row can not be read');
    db.pragma('ignore_check_constraints = ON');
    db.prepare("UPDATE planting SET about = '[' WHERE id = ?").run(larkfold(1));
    const store = plantingStore(db);
    const n = db.prepare<[], { n: number }>('SELECT count(*) AS n FROM planting WHERE deleted_at IS NULL').get()?.n ?? 0;
    expect([store.list().length, store.list().length, store.find(larkfold(1))]).toEqual([n - 1, n - 1, undefined]);
    expect(lines.map((l) => (JSON.parse(l) as { kind: string }).kind)).toEqual(['plantings']);
    db.close();
    api = h.start();
  });
});
