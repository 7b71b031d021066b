import { gzipSync } from 'node:zlib';
import fc from 'fast-check';
import pino from 'pino';
import request from 'supertest';
import { createApp, type AppOptions } from '../src/app';
import { fixedClock } from '../src/clock';
import type { Db } from '../src/db/db';
import { openDatabase } from '../src/db/open';
import { hostName } from '../src/http/door';
import { workHere } from '../src/threads/jobs';
import type { Household } from '../src/household/household';
import { harness, MIGRATIONS, NOW, planting } from './harness';
import { runs } from '../../core/test/runs';

const h = harness();
let db: Db;
const log = pino({ level: 'silent' });
/** The application as it is on this machine alone, or in a household; few requests a minute, so that counting shows. */
const app = (options: AppOptions = {}, written = log) =>
  createApp(
    {
      db,
      folder: h.folder,
      migrations: MIGRATIONS,
      clock: fixedClock(new Date(NOW), db),
      log: written,
      demo: false,
      seed: 6,
      work: workHere,
      exchange: () => Promise.reject(new Error('not here')),
    },
    options,
  );
beforeAll(() => {
  h.start();
  db = openDatabase(h.folder, MIGRATIONS);
});
afterAll(() => {
  db.close();
  h.stop();
});

const HEALTH = '/api/v1/health';

// DNS rebinding: RFC 6454 makes a page same-origin with whatever its name leads to; only the Host header tells
describe('a name that is not this machine’s', () => {
  test.each([
    ['localhost', 200],
    ['localhost:4173', 200],
    ['127.0.0.1:4173', 200],
    ['127.1.2.3', 200],
    ['[::1]:4173', 200],
    ['LOCALHOST', 200],
    ['garden.example.com', 421],
    ['localhost.example.com:4173', 421],
    ['127.0.0.1.example.com', 421],
    ['192.168.1.7:4173', 421],
    ['gardenbox.local', 421],
    ['a b', 421],
    ['localhost:4173:1', 421],
  ])('%s: %d', async (host, status) => {
    const res = await request(app()).get(HEALTH).set('Host', host);
    expect(res.status).toBe(status);
    if (status === 421) expect(res.body).toMatchObject({ status: 421, detail: expect.stringMatching(/localhost/) });
  });

  test.each([
    ['192.168.1.7:4173', 200],
    ['[fd00::7]', 200],
    ['gardenbox', 200],
    ['gardenbox.local', 200],
    ['box.home.arpa:80', 200],
    ['garden.example.com', 421],
    ['local', 200],
    ['evil.local.example.com', 421],
  ])('behind a passcode %s: %d', async (host, status) => {
    // somebody who is in
    const household = { deviceOf: () => ({ id: 'a' }) } as unknown as Household;
    const res = await request(app({ household })).get(HEALTH).set('Host', host).set('Cookie', 'sleetbrook=token');
    expect(res.status).toBe(status);
  });

  test('three thousand letters are no name', async () => {
    expect((await request(app()).get(HEALTH).set('Host', 'x'.repeat(3000))).status).toBe(421);
  });

  test('whatever stands behind a name of this machine makes it another one', () => {
    fc.assert(
      fc.property(fc.constantFrom('localhost', '127.0.0.1', '[::1]'), fc.stringMatching(/^[a-z0-9.@/ -]{1,40}$/), fc.boolean(), (own, more, before) => {
        const name = hostName(before ? `${more}${own}` : `${own}${more}`);
        // 127.0.0.1 and a digit is still of this machine
        if (own !== '127.0.0.1' || !/^[0-9.]+$/.test(more)) expect(name).not.toBe(own);
      }),
      { numRuns: runs(2000) },
    );
    expect([hostName('LocalHost:4173'), hostName('[::1]:80'), hostName(undefined), hostName('')]).toEqual(['localhost', '[::1]', null, null]);
  });
});

describe('a page of somebody else', () => {
  const write = () => request(app()).put(`/api/v1/plantings/${planting().id}`);
  test.each([
    ['its origin', { Origin: 'https://garden.example.com' }],
    ['another port of this machine', { Origin: 'http://127.0.0.1:1' }],
    ['no origin at all: a file, a frame without one', { Origin: 'null' }],
    ['sent as no-cors', { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'no-cors' }],
    ['from a neighbour', { 'Sec-Fetch-Site': 'same-site', 'Sec-Fetch-Mode': 'cors' }],
    ['as a form', { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate' }],
  ] as [string, Record<string, string>][])('writes nothing: %s', async (_what, headers) => {
    const p = planting();
    const served = request(app());
    const res = await served.put(`/api/v1/plantings/${p.id}`).set(headers).send(p);
    expect(res.status).toBe(403);
    expect((await served.get(`/api/v1/plantings`)).body.map((x: { id: string }) => x.id)).not.toContain(p.id);
  });

  test('reads nothing either, not even by a link', async () => {
    const link = { 'Sec-Fetch-Site': 'cross-site', 'Sec-Fetch-Mode': 'navigate' };
    expect((await request(app()).get('/api/v1/plantings').set(link)).status).toBe(403);
    expect((await request(app()).get('/garden').set(link)).status).not.toBe(403);
  });

  test('the app’s own, and tools that are no pages, are let in', async () => {
    for (const headers of [{}, { 'Sec-Fetch-Site': 'same-origin' }, { 'Sec-Fetch-Site': 'none', 'Sec-Fetch-Mode': 'navigate' }] as Record<string, string>[])
      expect((await request(app()).get(HEALTH).set(headers)).status).toBe(200);
    const agent = request(app());
    const p = planting();
    const res = await agent.put(`/api/v1/plantings/${p.id}`).set('Host', 'localhost:4173').set('Origin', 'http://localhost:4173').send(p);
    expect(res.status).toBe(200);
  });

  test('uses up nobody’s requests', async () => {
    const served = request(app({ requestsPerMinute: 5 }));
    for (let i = 0; i < 50; i++) expect((await served.get(HEALTH).set('Sec-Fetch-Site', 'cross-site')).status).toBe(403);
    expect((await served.get(HEALTH)).status).toBe(200);
    expect((await write()).status).toBe(422);
  });
});

test('a page that knocks for ever writes no more than a line in ten seconds', async () => {
  const lines: string[] = [];
  const written = pino({ level: 'warn' }, { write: (line: string) => void lines.push(line) });
  const served = request(app({}, written));
  for (let i = 0; i < 30; i++) await served.get(HEALTH).set('Sec-Fetch-Site', 'cross-site');
  await served.get(HEALTH).set('Host', 'garden.example.com');
  expect(lines.map((l) => (JSON.parse(l) as { msg: string }).msg)).toEqual(['refused: asked by another page', 'refused: not a name of this server']);
});

describe('what comes in broken, and what may be kept', () => {
  test('a body that is no gzip, though it says so, is the sender’s fault', async () => {
    const p = planting();
    const res = await request(app())
      .put(`/api/v1/plantings/${p.id}`)
      .set({ 'Content-Type': 'application/json', 'Content-Encoding': 'gzip' })
      .send(Buffer.from('not gzip at all') as never);
    expect(res.status).toBe(400);
    const half = gzipSync(JSON.stringify(p)).subarray(0, 20);
    const cut = await request(app())
      .put(`/api/v1/plantings/${p.id}`)
      .set({ 'Content-Type': 'application/json', 'Content-Encoding': 'gzip' })
      .send(half as never);
    expect(cut.status).toBeGreaterThanOrEqual(400);
    expect(cut.status).toBeLessThan(500);
  });

  test('what a page may ask of the device is the app’s own alone', async () => {
    const { headers } = await request(app()).get(HEALTH);
    expect(headers['permissions-policy']).toMatch(/camera=\(self\)/);
    expect(headers['permissions-policy']).toMatch(/microphone=\(\)/);
  });
});
