import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import fc from 'fast-check';
import request from 'supertest';
import { openDatabase } from '../src/db/open';
import { remembering } from '../src/http/remember';
import { harness, larkfold, MIGRATIONS, NOW, planting } from './harness';

const h = harness({ demo: true });
let api: ReturnType<typeof h.start>;
beforeAll(() => {
  api = h.start();
});
afterAll(() => h.stop());
const READS = [
  '/plantings',
  '/cases',
  '/cases?status=cleared',
  '/today',
  '/treatments',
  '/walks',
  '/walk-plan?except=none',
  '/weather?hours=24',
  '/weather/climate?back=30',
  '/shed-items',
  '/sheets',
];
const read = async (path: string) => {
  const res = await api.get(`/api/v1${path}`).expect(200);
  return { body: res.body as unknown, type: res.headers['content-type'] as string, link: res.headers['link'] as string | undefined };
};

test('what is told again is what was told first, word for word and with where it leads on', async () => {
  for (let n = 0; n < 13; n++) {
    const at = new Date(Date.UTC(2026, 3, 1 + n)).toISOString();
    const walk = { id: larkfold(700 + n), revision: 0, startedAt: at, finishedAt: at, stops: [] };
    await api.put(`/api/v1/walks/${walk.id}`).send(walk).expect(200);
  }
  for (const path of READS) expect([path, await read(path)]).toEqual([path, await read(path)]);
  const first = await read('/walks');
  expect(first.link).toMatch(/^<\/api\/v1\/walks\?before=.*>; rel="next"$/);
  expect(first.type).toMatch(/application\/json/);
});

test('whatever is written is seen by the next who asks, in whatever order', async () => {
  const ids = Array.from({ length: 4 }, () => planting().id);
  await fc.assert(
    fc.asyncProperty(fc.array(fc.tuple(fc.constantFrom('put', 'delete', 'restore', 'read'), fc.nat(3)), { minLength: 2, maxLength: 12 }), async (steps) => {
      const names = async () => ((await read('/plantings')).body as { id: string; areaM2: number }[]).map((p) => `${p.id} ${p.areaM2}`);
      for (const [step, i] of steps) {
        const id = ids[i] ?? '';
        const found = await api.get(`/api/v1/plantings/${id}`);
        const revision = (found.body as { revision?: number }).revision ?? 0;
        if (step === 'put' && (found.status === 200 || found.status === 404)) {
          const areaM2 = 1 + Math.round(Math.random() * 1000) / 10;
          const res = await api.put(`/api/v1/plantings/${id}`).send(planting({ id, revision, areaM2 }));
          // one that was taken away is not written to
          if (res.status === 200) expect(await names()).toContain(`${id} ${areaM2}`);
        } else if (step === 'delete') {
          await api.delete(`/api/v1/plantings/${id}`);
          expect((await names()).some((n) => n.startsWith(id))).toBe(false);
        } else if (step === 'restore' && found.status !== 200) {
          const res = await api.post(`/api/v1/plantings/${id}/restore`);
          expect((await names()).some((n) => n.startsWith(id))).toBe(res.status === 200);
        } else await names();
      }
    }),
    { numRuns: 25 },
  );
});

test('hours that change places with others, and a clock that moves on, are news too', async () => {
  const csv = (c: number) => ['at,temperatureC,humidityPct,windMs,rainMm,cloud', `2026-05-24T18:00:00.000Z,${c},70,1.8,0,0.6`].join('\n');
  const first = async () =>
    ((await read('/weather?from=2026-05-24T18:00:00.000Z&hours=1')).body as { hours: { temperatureC: number }[] }).hours[0]?.temperatureC;
  const mark = async () => ((await api.get('/api/v1/pulse')).body as { mark: string }).mark;
  for (const c of [3, 9, 21]) {
    const before = await mark();
    await api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(csv(c)).expect(200);
    expect([await first(), (await mark()) === before]).toEqual([c, false]);
  }
  const [clock] = ((await read('/today')).body as { notToEat: { until: string }[] }).notToEat;
  const after = new Date(Date.parse(clock?.until ?? '') + 60_000).toISOString();
  await api.put('/api/v1/clock').send({ now: after }).expect(200);
  expect(((await read('/today')).body as { notToEat: { until: string }[] }).notToEat.map((x) => x.until)).not.toContain(clock?.until);
});

test('refusals are not kept, and no more than some megabytes are', async () => {
  expect((await api.get('/api/v1/weather?hours=never')).status).toBe(422);
  expect((await api.get('/api/v1/weather?hours=never')).status).toBe(422);
  // each is an address of its own
  for (let i = 0; i < 120; i++) await api.get(`/api/v1/sheets?n=${i}`).expect(200);
  expect((await read('/plantings')).body).toEqual((await read('/plantings?again')).body);
});

describe('what is worked out once', () => {
  /** The middleware alone, before something that says how often it was asked. */
  const lone = () => {
    const asked: string[] = [];
    const database = openDatabase(mkdtempSync(join(tmpdir(), 'sleetbrook-remember-')), MIGRATIONS);
    let now = new Date(NOW);
    const app = express()
      .use(remembering({ db: database, clock: { now: () => now, fixed: true, moveTo: () => undefined } }))
      .use((req, res) => {
        asked.push(`${req.method} ${req.url}`);
        res.status(req.url.includes('no') ? 422 : 200).json({ n: asked.length });
      });
    return { api: request(app), asked, db: database, later: (ms: number) => (now = new Date(now.getTime() + ms)) };
  };

  test('is told again, until a row is written, the schema changes or the minute is over; writes, refusals and other addresses never', async () => {
    const of = lone();
    const times = async (path: string) => {
      const before = of.asked.length;
      await of.api.get(path);
      await of.api.get(path);
      return of.asked.length - before;
    };
    expect(await times('/today')).toBe(1);
    expect(await times('/today')).toBe(0);
    expect([await times('/today?x'), await times('/today?no'), await times('/photos'), await times('/door')]).toEqual([1, 2, 2, 2]);
    const n = of.asked.length;
    await of.api.put('/today');
    await of.api.delete('/today');
    expect(of.asked.length).toBe(n + 2);
    of.db.exec("INSERT INTO own_sheet_removed (id, removed_at) VALUES ('a', 'b')");
    expect([await times('/today'), await times('/today')]).toEqual([1, 0]);
    of.db.exec('CREATE TABLE another (a)');
    expect([await times('/today'), await times('/today')]).toEqual([1, 0]);
    of.later(60_000);
    expect([await times('/today'), await times('/today')]).toEqual([1, 0]);
    of.db.close();
  });
});
