import { v7 } from 'uuid';
import { harness, NOW } from './harness';

let h: ReturnType<typeof harness>;
let api: ReturnType<ReturnType<typeof harness>['start']>;
beforeEach(() => {
  h = harness();
  api = h.start();
});
afterEach(() => h.stop());

const sprayer = (change: object = {}) => ({ id: v7(), revision: 0, name: 'Knapsack', capacityMl: 12_000, forWeedkiller: false, ...change });

describe('sprayers', () => {
  test('are added, changed by revision, removed, and are there after a restart', async () => {
    const s = sprayer();
    await api.put(`/api/v1/sprayers/${s.id}`).send(s).expect(200);
    await api.put(`/api/v1/sprayers/${s.id}`).send(s).expect(200);
    await api
      .put(`/api/v1/sprayers/${s.id}`)
      .send({ ...s, revision: 1, forWeedkiller: true })
      .expect(200);
    await api
      .put(`/api/v1/sprayers/${s.id}`)
      .send({ ...s, revision: 1, name: 'Other' })
      .expect(409);
    api = h.restart();
    const list = (await api.get('/api/v1/sprayers').expect(200)).body as { id: string; forWeedkiller: boolean }[];
    expect(list.find((x) => x.id === s.id)).toMatchObject({ forWeedkiller: true, revision: 2 });
    // the one for weed-killer stands last
    expect(list.map((x) => x.forWeedkiller)).toEqual([...list.map((x) => x.forWeedkiller)].sort());
    await api.delete(`/api/v1/sprayers/${s.id}`).expect(204);
    await api.delete(`/api/v1/sprayers/${s.id}`).expect(404);
  });

  test.each([
    ['capacityMl', 0],
    ['capacityMl', -5],
    ['capacityMl', 1e9],
    ['capacityMl', '5 l'],
    ['name', ''],
    ['id', 'seven'],
  ])('%s %p is refused at its field', async (field, value) => {
    const s = sprayer({ [field]: value });
    const res = await api
      .put(`/api/v1/sprayers/${String(s.id)}`)
      .send(s)
      .expect(422);
    expect(res.body.errors[0].field).toBe(field);
    expect((await api.get('/api/v1/sprayers')).body).toHaveLength(3);
  });
});

describe('the grower’s measures', () => {
  test.each([
    ['a spoon of nothing', { kind: 'spoon', id: 'x', name: 'x', capacityMl: 0 }],
    ['a jug without marks', { kind: 'jug', id: 'x', name: 'jug', capacityMl: 500 }],
    ['a scale that shows nothing', { kind: 'scale', id: 'x', name: 'scale', resolutionG: 0, capacityG: 500 }],
    ['a bucket', { kind: 'bucket', id: 'x', name: 'bucket', capacityMl: 9000 }],
  ])('%s is refused', async (_what, measure) => {
    const garden = (await api.get('/api/v1/garden')).body;
    const res = await api
      .put('/api/v1/garden')
      .send({ ...garden, measures: [measure] })
      .expect(422);
    expect(res.body.errors[0].field).toMatch(/^measures\.0/);
    expect((await api.get('/api/v1/garden')).body).toEqual(garden);
  });
});

describe('label sheets', () => {
  test('are served, and a confirmation is kept, repeated and taken back', async () => {
    const sheets = (await api.get('/api/v1/sheets').expect(200)).body as { id: string; specimen: boolean }[];
    expect(sheets.every((s) => s.specimen)).toBe(true);
    const body = { sheetId: 'malathion-50-ec', version: 1, confirmedAt: NOW };
    await api.put('/api/v1/confirmations/malathion-50-ec').send(body).expect(200);
    await api.put('/api/v1/confirmations/malathion-50-ec').send(body).expect(200);
    api = h.restart();
    const ids = async () => ((await api.get('/api/v1/confirmations')).body as { sheetId: string }[]).map((c) => c.sheetId);
    expect(await ids()).toContain('malathion-50-ec');
    await api.delete('/api/v1/confirmations/malathion-50-ec').expect(204);
    expect(await ids()).not.toContain('malathion-50-ec');
  });
  test('an unknown sheet, or another’s, is refused', async () => {
    await api.put('/api/v1/confirmations/moonshine').send({ sheetId: 'moonshine', version: 1, confirmedAt: NOW }).expect(404);
    await api.put('/api/v1/confirmations/neem-oil').send({ sheetId: 'pyrethrins', version: 1, confirmedAt: NOW }).expect(422);
  });
});

/** What an address can not answer without. */
const ASKED_FOR: Readonly<Record<string, string>> = {
  '/places/towns': '?country=NZ&q=dune',
  '/places/zone': '?latitude=55.2&longitude=-1.9',
};

describe('the description of the API', () => {
  test('every reading address in it answers', async () => {
    const { paths } = (await api.get('/api/v1/openapi.json')).body as { paths: Record<string, { get?: object }> };
    const plain = Object.entries(paths)
      // a photograph is asked for by its look
      .filter(([path, ops]) => ops.get && !path.includes('{') && path !== '/photos')
      .map(([path]) => `${path}${ASKED_FOR[path] ?? ''}`);
    expect(plain.length).toBeGreaterThan(8);
    for (const path of plain) await api.get(`/api/v1${path}`).expect(200);
  });
});
