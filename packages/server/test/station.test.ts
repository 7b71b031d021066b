import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import request from 'supertest';
import { createApp } from '../src/app';
import { fixedClock } from '../src/clock';
import { openDatabase } from '../src/db/open';
import { workHere } from '../src/threads/jobs';
import { pollStation, readStation, type Station } from '../src/weather/station';
import { standInWeather } from '../src/weather-station/stand-in';
import { MIGRATIONS } from './harness';

const NOW = new Date('2026-05-24T18:10:00.000Z');
const KENT = { latitude: 51.3, longitude: 0.5 };
const hours = (from: number, n: number) => standInWeather(new Date(NOW.getTime() + from * 3_600_000), n, KENT, 6);

describe('what a station says', () => {
  const good = hours(-5, 3);
  test('hours that can be are taken, in their order, once; the others are counted', () => {
    const [a, b, c] = good;
    const said = [
      c,
      { ...a, temperatureC: 99 },
      b,
      a,
      a,
      { ...a, at: '2026-05-24T13:20:00Z' },
      { ...a, at: '2024-01-01T00:00:00Z' },
      { ...a, at: '2026-07-01T00:00:00Z' },
      null,
      'rain',
      { ...b, windMs: -1 },
      { ...b, certainty: 'known' },
    ];
    const read = readStation({ hours: said }, NOW);
    expect(read?.hours).toEqual(good);
    expect(read?.dropped).toBe(said.length - 3);
  });
  test.each([[null], [[]], ['hours'], [{}], [{ hours: 'none' }], [{ hours: Array.from({ length: 3001 }, () => ({})) }]])('%j is no answer', (answer) =>
    expect(readStation(answer, NOW)).toBeNull(),
  );
});

describe('a station that is asked', () => {
  const log: string[] = [];
  const db = openDatabase(mkdtempSync(join(tmpdir(), 'sleetbrook-station-')), MIGRATIONS);
  const context = {
    db,
    folder: '',
    migrations: MIGRATIONS,
    clock: fixedClock(NOW, db),
    log: pino({ level: 'info' }, { write: (line: string) => void log.push(line) }),
    demo: false,
    seed: 6,
    work: workHere,
    exchange: () => Promise.reject(new Error('not here')),
  };
  let answer: (res: import('node:http').ServerResponse) => void;
  const json = (body: unknown) => (res: import('node:http').ServerResponse) => void res.setHeader('Content-Type', 'application/json').end(JSON.stringify(body));
  let server: Server;
  let station: Station;
  let api: ReturnType<typeof request>;
  const weather = async (from: string, n: number) =>
    (await api.get(`/api/v1/weather?from=${from}&hours=${n}`)).body as {
      source: string;
      hours: { at: string; source: string; certainty: string; temperatureC: number }[];
    };
  const state = async () => (await api.get('/api/v1/weather/station').expect(200)).body as Record<string, unknown>;

  beforeAll(async () => {
    answer = json({ hours: [] });
    server = createServer((_req, res) => answer(res));
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    station = pollStation(context, `http://127.0.0.1:${(server.address() as AddressInfo).port}/hours?key=secret-key`);
    api = request(createApp({ ...context, station }));
    await station.poll();
  });
  afterAll(async () => {
    station.end();
    await new Promise((done) => server.close(done));
    db.close();
  });

  test('fills the hours, measured ones and those that it foretells', async () => {
    answer = json({ hours: hours(-24, 48) });
    await station.poll();
    expect(await state()).toEqual({ asked: true, lastGoodAt: NOW.toISOString(), fault: null, dropped: 0 });
    const told = await weather('2026-05-24T16:00:00.000Z', 6);
    expect(told.source).toBe('station');
    expect(told.hours.map((h) => h.certainty)).toEqual(['known', 'known', 'known', 'forecast', 'forecast', 'forecast']);
  });

  test('a gap stays one until it is filled, and nonsense beside good hours is left out and said', async () => {
    const earlier = hours(-240, 24);
    answer = json({ hours: [...earlier.filter((_, i) => i !== 7), { ...earlier[7], humidityPct: 400 }] });
    await station.poll();
    expect(await state()).toMatchObject({ fault: null, dropped: 1 });
    const at = earlier[7]?.at ?? '';
    expect((await weather(at, 1)).hours).toEqual([]);
    answer = json({ hours: earlier });
    await station.poll();
    expect((await weather(at, 1)).hours[0]).toMatchObject({ source: 'station', temperatureC: earlier[7]?.temperatureC });
  });

  test('a file never takes the place of what the station measured, nor does dropping the file', async () => {
    const [before] = (await weather('2026-05-24T12:00:00.000Z', 1)).hours;
    const csv = ['at,temperatureC,humidityPct,windMs,rainMm,cloud', '2026-05-24T12:00:00.000Z,-20,50,1,0,0'].join('\n');
    await api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(csv).expect(200);
    expect((await weather('2026-05-24T12:00:00.000Z', 1)).hours[0]).toEqual(before);
    await api.delete('/api/v1/weather/file').expect(204);
    expect((await weather('2026-05-24T12:00:00.000Z', 1)).hours[0]).toEqual(before);
  });

  test.each<[string, (res: import('node:http').ServerResponse) => void, RegExp]>([
    ['a refusal', (res) => void ((res.statusCode = 503), res.end('no')), /answers with 503/],
    ['no JSON', (res) => void res.end('<html>rain</html>'), /no JSON/],
    ['another thing', json({ temperature: 12 }), /no list of hours/],
    ['nothing that can be', json({ hours: [{ at: 'now' }] }), /no hour that can be/],
    ['a flood', (res) => void res.end('x'.repeat(1_200_000)), /more than any station says/],
    ['a line that breaks', (res) => void res.destroy(), /can not be reached/],
    ['a way to elsewhere', (res) => void ((res.statusCode = 302), res.setHeader('Location', 'http://127.0.0.1:1/'), res.end()), /can not be reached/],
  ])('%s is said, nothing is lost, and its address stays untold', async (_, how, fault) => {
    const known = (await weather('2026-05-24T12:00:00.000Z', 6)).hours;
    answer = how;
    await station.poll();
    const said = await state();
    expect(said['fault']).toMatch(fault);
    expect(said['lastGoodAt']).toBe(NOW.toISOString());
    expect((await weather('2026-05-24T12:00:00.000Z', 6)).hours).toEqual(known);
    expect(JSON.stringify(said) + log.join('')).not.toMatch(/secret-key|127\.0\.0\.1/);
    answer = json({ hours: hours(-24, 48) });
    await station.poll();
    expect((await state())['fault']).toBeNull();
  });

  test('without one it is said that none is asked', async () => {
    const alone = request(createApp(context));
    expect((await alone.get('/api/v1/weather/station')).body).toEqual({ asked: false, lastGoodAt: null, fault: null, dropped: 0 });
  });
});
