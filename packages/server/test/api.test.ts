import { v7 } from 'uuid';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { migrate } from '../src/db/migrate';
import { openDatabase } from '../src/db/open';
import { caseOf, harness, larkfold, look, MIGRATIONS, NOW, planting, treatment } from './harness';

const BEANS = larkfold(1);
let h: ReturnType<typeof harness>;
let api: ReturnType<ReturnType<typeof harness>['start']>;
beforeEach(() => {
  h = harness();
  api = h.start();
});
afterEach(() => h.stop());

const put = (path: string, body: object) => api.put(`/api/v1${path}`).send(body);
const get = (path: string) => api.get(`/api/v1${path}`);

/** A case on the broad beans with soap decided. */
async function openCase(change: object = {}) {
  const l = look(BEANS);
  await put(`/looks/${l.id}`, l).expect(200);
  const c = caseOf(BEANS, l.id, change);
  const saved = await put(`/cases/${c.id}`, c).expect(200);
  const decided = { ...saved.body, laps: [{ ...saved.body.laps[0], controlId: 'soap-spray', decidedAt: NOW }] };
  return (await put(`/cases/${c.id}`, decided).expect(200)).body as { id: string; revision: number; laps: object[] };
}

describe('plantings', () => {
  test('keep since when they are at their stage: a new one is of today, the same one may be said again', async () => {
    const p = planting({ stage: 'seedling' });
    const first = (await put(`/plantings/${p.id}`, p).expect(200)).body;
    expect(first.stageOn).toBe(NOW.slice(0, 10));
    api = h.restart('2026-07-01T12:00:00.000Z');
    const renamed = (await put(`/plantings/${p.id}`, { ...first, name: 'Early peas' }).expect(200)).body;
    expect(renamed.stageOn).toBe(NOW.slice(0, 10));
    const grown = { ...renamed, stage: 'growing' };
    expect((await put(`/plantings/${p.id}`, grown).expect(200)).body.stageOn).toBe('2026-07-01');
    // the answer was lost, and the very same is sent again
    const again = (await put(`/plantings/${p.id}`, grown).expect(200)).body;
    expect(again).toMatchObject({ stageOn: '2026-07-01', revision: 3 });
    api = h.restart('2026-11-01T12:00:00.000Z');
    expect((await put(`/plantings/${p.id}`, { ...again, stageOn: '2026-11-01' }).expect(200)).body.stageOn).toBe('2026-11-01');
    api = h.restart(NOW);
  });
  test('a new one begins at 0: a number that runs away would take every list with it', async () => {
    for (const revision of [1, 2 ** 53 - 1, 1e300, -1, 0.5]) {
      const p = planting({ revision });
      expect((await put(`/plantings/${p.id}`, p).expect(422)).body.errors[0].field).toBe('revision');
    }
    await get('/plantings').expect(200);
  });

  test('a trouble counted twice at one stop is said, and is no fault of the server', async () => {
    const p = planting();
    await put(`/plantings/${p.id}`, p).expect(200);
    const tally = { troubleId: 'black-bean-aphid', affected: 1, looked: 3 };
    const walk = {
      id: p.id.replace(/^.{8}/, '0197b000'),
      revision: 0,
      startedAt: NOW,
      finishedAt: null,
      stops: [{ plantingId: p.id, state: 'found', at: NOW, tallies: [tally, tally], note: '' }],
    };
    expect((await put(`/walks/${walk.id}`, walk).expect(422)).body.errors[0]).toMatchObject({
      field: 'stops.0.tallies',
      message: 'A trouble is counted twice here.',
    });
  });

  test('are kept over a restart, changed by revision and taken back when removed', async () => {
    const p = planting();
    expect((await put(`/plantings/${p.id}`, p).expect(200)).body).toMatchObject({ name: 'Peas', revision: 1 });
    await put(`/plantings/${p.id}`, p).expect(200); // the very same again: an offline queue resends
    await put(`/plantings/${p.id}`, { ...p, revision: 1, stage: 'dormant' }).expect(200);
    const stale = await put(`/plantings/${p.id}`, { ...p, revision: 1, stage: 'growing' }).expect(409);
    expect(stale.type).toBe('application/problem+json');
    api = h.restart();
    expect((await get(`/plantings/${p.id}`).expect(200)).body).toMatchObject({ stage: 'dormant', revision: 2 });
    await api.delete(`/api/v1/plantings/${p.id}`).expect(204);
    await get(`/plantings/${p.id}`).expect(404);
    await api.post(`/api/v1/plantings/${p.id}/restore`).expect(200);
    await get(`/plantings/${p.id}`).expect(200);
  });

  test.each([
    ['a negative area', { areaM2: -4 }, 'areaM2'],
    ['letters for an area', { areaM2: 'four' }, 'areaM2'],
    ['no name', { name: '  ' }, 'name'],
    ['an unknown plant', { hostId: 'triffid' }, 'hostId'],
    ['picking days the wrong way round', { pickFrom: '2026-07-05', pickUntil: '2026-06-13' }, 'pickUntil'],
    ['a day that is none', { pickFrom: '2026-02-31' }, 'pickFrom'],
    ['an extra field', { colour: 'green' }, 'colour'],
  ])('%s is refused at its field and changes nothing', async (_what, change, field) => {
    const p = planting(change);
    const before = (await get('/plantings')).body;
    const res = await put(`/plantings/${p.id}`, p).expect(422);
    expect(res.body.errors.map((e: { field: string }) => e.field)).toContain(field);
    expect((await get('/plantings')).body).toEqual(before);
  });

  test('an id that is not the address’s, or none at all', async () => {
    const p = planting();
    await put(`/plantings/${planting().id}`, p).expect(422);
    await get(`/plantings/${p.id}`).expect(404);
  });
});

describe('bodies', () => {
  test('10 MB, broken JSON and unknown addresses are refused in words', async () => {
    const big = await api
      .put('/api/v1/garden')
      .set('Content-Type', 'application/json')
      .send(`{"name":"${'x'.repeat(10_000_000)}"}`);
    expect([big.status, big.body.title]).toEqual([413, 'Too large']);
    const broken = await api.put('/api/v1/garden').set('Content-Type', 'application/json').send('{"name":');
    expect([broken.status, broken.body.detail]).toEqual([400, 'The body is not valid JSON.']);
    await get('/nowhere')
      .expect(404)
      .expect('Content-Type', /problem\+json/);
  });

  test('too many requests are turned away', async () => {
    const small = harness({ requestsPerMinute: 3 });
    const client = small.start();
    for (let i = 0; i < 3; i++) await client.get('/api/v1/health').expect(200);
    await client.get('/api/v1/health').expect(429);
    small.stop();
  });

  test('a strict policy comes with every answer', async () => {
    const csp = (await get('/health')).headers['content-security-policy'];
    expect(csp).toContain("script-src 'self'");
    expect(csp).not.toContain('unsafe-eval');
  });

  test('the API describes itself', async () => {
    const doc = (await get('/openapi.json').expect(200)).body;
    expect(doc.openapi).toBe('3.1.0');
    expect(Object.keys(doc.paths)).toEqual(expect.arrayContaining(['/plantings/{id}', '/treatments/{id}', '/weather', '/weather/file']));
  });
});

describe('the garden', () => {
  test('is set up once and changed with its revision', async () => {
    const g = (await get('/garden')).body;
    expect((await put('/garden', { ...g, policy: 'organic' }).expect(200)).body).toMatchObject({ policy: 'organic', revision: g.revision + 1 });
    await put('/garden', { ...g, policy: 'by-hand' }).expect(409);
  });
  test.each([
    ['latitude', 91],
    ['latitude', null],
    ['zone', 'Moon/Base'],
    ['emergencyNumber', 'call me'],
    ['units', 'cubits'],
  ])('%s %p is refused', async (field, value) => {
    const g = (await get('/garden')).body;
    const res = await put('/garden', { ...g, [field]: value }).expect(422);
    expect(res.body.errors[0].field).toBe(field);
  });
});

describe('a case', () => {
  test('goes from look to record; the clocks are the server’s own and stand on Today', async () => {
    const c = await openCase();
    const t = treatment(BEANS, c.id);
    const record = (await put(`/treatments/${t.id}`, t).expect(200)).body;
    expect(record).toMatchObject({
      keepOutUntil: '2026-05-24T20:10:00.000Z',
      pickFrom: '2026-05-24T20:10:00.000Z',
      sheet: { id: 'potassium-soap', version: 1 },
      plantingName: 'Broad beans',
      weather: { windMs: expect.any(Number) },
    });
    expect((await put(`/treatments/${t.id}`, t).expect(200)).body).toEqual(record); // a resend
    await put(`/treatments/${t.id}`, { ...t, amount: 100 }).expect(409);
    const detail = (await get(`/cases/${c.id}`)).body;
    expect(detail.case.laps[0]).toMatchObject({ treatmentId: t.id, lookAgainOn: '2026-05-28' });
    expect((await get('/today')).body.keepOut.map((k: { plantingName: string }) => k.plantingName)).toContain('Broad beans');

    // three days on: the clocks are out, a count gives the effect against the one before
    api = h.restart('2026-05-27T18:10:00.000Z');
    expect((await get('/today')).body.keepOut).toEqual([]);
    const again = look(BEANS, { caseId: c.id, at: '2026-05-27T18:00:00.000Z', answers: [], count: { affected: 1, looked: 20 } });
    await put(`/looks/${again.id}`, again).expect(200);
    const after = (await get(`/cases/${c.id}`)).body.case;
    expect(after.laps[0]).toMatchObject({ afterLookId: again.id, effectPercent: 88.9 });
    await put(`/cases/${c.id}`, { ...after, status: 'cleared', closedAt: '2026-05-27T18:10:00.000Z' }).expect(200);
    expect((await get('/cases?status=cleared')).body.map((x: { id: string }) => x.id)).toContain(c.id);
  });

  test.each([
    ['above the label', { amount: 170 }, /Above the label: .*10 to 20 ml per litre/, true],
    ['without an amount', { amount: null }, /How much was used/, false],
    ['of a conventional product not checked', { controlId: 'organophosphate-spray', amount: 4, waterMl: 2000 }, /not compared with the label/, false],
    ['of what is not on the label', { controlId: 'bt-spray', amount: 1, waterMl: 2000 }, /not on this label/, false],
    ['of a mix past its life', { madeAt: '2026-05-22T18:10:00.000Z' }, /The mix was 48 h old/, false],
  ])('a record %s is taken, with what it broke', async (_what, change, sentence, noDate) => {
    const c = await openCase();
    const t = treatment(BEANS, c.id, change);
    const record = (await put(`/treatments/${t.id}`, t).expect(200)).body;
    expect(record.broke.join(' ')).toMatch(sentence);
    expect(record.pickUnknown).toBe(noDate);
    const waits = (await get('/today')).body.notToEat.filter((x: { treatmentId: string }) => x.treatmentId === t.id);
    // food with no safe date stands on Today without an end
    if (noDate) expect(waits).toMatchObject([{ until: null }]);
    expect((await get(`/cases/${c.id}`)).body.treatments).toHaveLength(1);
  });

  test('a record is struck out with a reason: it stays to be read, and its clocks end', async () => {
    const c = await openCase();
    const t = treatment(BEANS, c.id, { amount: 170 });
    await put(`/treatments/${t.id}`, t).expect(200);
    await put(`/treatments/${t.id}/strike`, { at: NOW, reason: ' ' }).expect(422);
    const strike = { at: NOW, reason: 'It was the other bed' };
    await put(`/treatments/${t.id}/strike`, strike).expect(200);
    await put(`/treatments/${t.id}/strike`, strike).expect(200);
    await put(`/treatments/${t.id}/strike`, { ...strike, reason: 'No, not at all' }).expect(409);
    await put(`/treatments/${v7()}/strike`, strike).expect(404);
    const today = (await get('/today')).body;
    expect([...today.keepOut, ...today.notToEat].filter((x: { treatmentId: string }) => x.treatmentId === t.id)).toEqual([]);
    expect((await get(`/treatments/${t.id}`)).body.struck).toEqual(strike);
  });

  test('a correction is a record of its own: the old one is struck out, and the case goes by the new one', async () => {
    const c = await openCase();
    const wrong = treatment(BEANS, c.id, { amount: 170 });
    await put(`/treatments/${wrong.id}`, wrong).expect(200);
    const right = treatment(BEANS, c.id, { amount: 120, corrects: { id: wrong.id, reason: 'Typed 170 for 120' } });
    const record = (await put(`/treatments/${right.id}`, right).expect(200)).body;
    expect(record).toMatchObject({ broke: [], pickUnknown: false });
    expect((await get(`/treatments/${wrong.id}`)).body.struck.reason).toBe('Typed 170 for 120');
    const detail = (await get(`/cases/${c.id}`)).body;
    expect(detail.case.laps.at(-1).treatmentId).toBe(right.id);
    expect(detail.treatments.map((x: { id: string }) => x.id)).toEqual([right.id]);
    const stray = treatment(BEANS, c.id, { corrects: { id: v7(), reason: 'none such' } });
    await put(`/treatments/${stray.id}`, stray).expect(422);
  });

  test.each([
    ['in the future', { finishedAt: '2026-05-25T18:10:00.000Z' }, 'finishedAt', /future/],
    ['of 1990', { finishedAt: '1990-05-25T18:10:00.000Z' }, 'finishedAt', /two years ago/],
    ['on 1e-300 m²', { areaM2: 1e-300 }, 'areaM2', /at least/],
    ['of 1e-300 ml', { amount: 1e-300 }, 'amount', /more than 0/],
    ['a control that is none', { controlId: 'wishing' }, 'controlId', /not known/],
    ['nobody', { by: ' ' }, 'by', /who/],
  ])('a record %s is refused', async (_what, change, field, message) => {
    const c = await openCase();
    const t = treatment(BEANS, c.id, change);
    const res = await put(`/treatments/${t.id}`, t).expect(422);
    expect(res.body.errors[0]).toMatchObject({ field, message: expect.stringMatching(message) });
    expect((await get(`/cases/${c.id}`)).body.treatments).toEqual([]);
  });

  test('once checked against the grower’s label, a conventional product can be recorded', async () => {
    const c = await openCase();
    await put('/confirmations/malathion-50-ec', { sheetId: 'malathion-50-ec', version: 1, confirmedAt: NOW }).expect(200);
    await put('/confirmations/malathion-50-ec', { sheetId: 'malathion-50-ec', version: 2, confirmedAt: NOW }).expect(422);
    const t = treatment(BEANS, c.id, { controlId: 'organophosphate-spray', amount: 4, waterMl: 2000 });
    const record = (await put(`/treatments/${t.id}`, t).expect(200)).body;
    // seven days to picking, a day out
    expect(record).toMatchObject({ keepOutUntil: '2026-05-25T18:10:00.000Z', pickFrom: '2026-05-31T18:10:00.000Z' });
  });

  test('does not point at looks, plantings or treatments that are not there', async () => {
    const l = look(BEANS);
    const c = caseOf(BEANS, l.id);
    await put(`/cases/${c.id}`, c).expect(422);
    await put(`/looks/${l.id}`, l).expect(200);
    await put(`/cases/${c.id}`, { ...c, plantingId: planting().id }).expect(422);
    await put(`/cases/${c.id}`, { ...c, laps: [{ ...c.laps[0], treatmentId: l.id }] }).expect(422);
    await put(`/cases/${c.id}`, { ...c, laps: [] }).expect(422);
    await get(`/cases/${c.id}`).expect(404);
  });

  test('a count of more than was looked at is no count', async () => {
    const l = look(BEANS, { count: { affected: 21, looked: 20 } });
    expect((await put(`/looks/${l.id}`, l).expect(422)).body.errors[0].field).toBe('count.affected');
  });
});

describe('the log', () => {
  test('is read page by page, newest first, each record once', async () => {
    const ids: string[] = [];
    for (let i = 0; i < 60; i++) {
      const t = treatment(BEANS, null, {
        controlId: 'hand-pick',
        amount: null,
        waterMl: null,
        finishedAt: new Date(Date.parse(NOW) - i * 3_600_000).toISOString(),
      });
      await put(`/treatments/${t.id}`, t).expect(200);
      ids.push(t.id);
    }
    const first = (await get('/treatments')).body;
    const second = (await get(`/treatments?before=${encodeURIComponent(first.next)}`)).body;
    const seen = [...first.treatments, ...second.treatments].map((t: { id: string }) => t.id);
    expect(new Set(seen).size).toBe(seen.length);
    expect(seen).toEqual(expect.arrayContaining(ids));
    expect(second.next).toBeNull();
  });
});

describe('the demonstration clock', () => {
  test('moves on only, stays over a restart, and nowhere else', async () => {
    await put('/clock', { now: '2026-05-25T18:10:00.000Z' }).expect(200);
    await put('/clock', { now: '2026-05-24T18:10:00.000Z' }).expect(422);
    await put('/clock', { now: '9999-01-01T00:00:00.000Z' }).expect(422);
    api = h.restart();
    expect((await get('/clock')).body.now).toBe('2026-05-25T18:10:00.000Z');
    const own = harness({ demo: false });
    await own.start().put('/api/v1/clock').send({ now: '2027-01-01T00:00:00.000Z' }).expect(403);
    own.stop();
  });
});

describe('the database', () => {
  test.each([1, 2, 3, 4, 5])('written at version %i is brought up to date with its data', (version) => {
    const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-old-'));
    const old = new Database(join(folder, 'sleetbrook.db'));
    migrate(old, MIGRATIONS, { upTo: version });
    old
      .prepare(
        "INSERT INTO planting (id, revision, name, host_id, place, site, stage, edible, dense, area_m2) VALUES ('p', 1, 'Old peas', 'broad-bean', '', 'outdoors', 'growing', 1, 0, 2)",
      )
      .run();
    old.close();
    const db = openDatabase(folder, MIGRATIONS);
    expect(db.pragma('user_version', { simple: true })).toBe(15);
    expect(db.prepare('SELECT name, tolerance FROM planting').all()).toEqual([{ name: 'Old peas', tolerance: 'usual' }]);
    db.close();
    rmSync(folder, { recursive: true, force: true });
  });

  test('that is newer, or none at all, is not touched', () => {
    const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-odd-'));
    openDatabase(folder, MIGRATIONS).pragma('user_version = 99');
    expect(() => openDatabase(folder, MIGRATIONS)).toThrow(/newer/);
    const junk = mkdtempSync(join(tmpdir(), 'sleetbrook-junk-'));
    writeFileSync(join(junk, 'sleetbrook.db'), 'this is not a database, it is a shopping list'.repeat(50));
    expect(() => openDatabase(junk, MIGRATIONS)).toThrow(/not a database/);
    for (const f of [folder, junk]) rmSync(f, { recursive: true, force: true });
  });
});
