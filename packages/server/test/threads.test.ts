import { existsSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build, type PluginBuild } from 'esbuild';
import { decode, encode } from 'jpeg-js';
import { Refusal } from '@sleetbrook/core/house';
import { hoursIn, packHours, unpackHours } from '../src/weather/packed';
import { shrink } from '../src/photos/shrink';
import { workInThread } from '../src/threads/thread';
import { harness } from './harness';

const HEAD = 'at,temperatureC,humidityPct,windMs,rainMm,cloud';
const hours = (n: number) =>
  [HEAD, ...Array.from({ length: n }, (_, i) => `${new Date(Date.UTC(2016, 0, 1) + i * 3_600_000).toISOString()},${(i % 25) - 2},70,1.8,0,0.6`)].join('\n');
const picture = (width: number, height: number) => encode({ data: Buffer.alloc(width * height * 4, 90), width, height }, 60).data;

describe('hours as columns', () => {
  test('come out as they went in, and in parts', () => {
    const list = Array.from({ length: 5 }, (_, i) => ({
      at: new Date(Date.UTC(2026, 0, 1, i)).toISOString(),
      temperatureC: i - 2.5,
      humidityPct: 60,
      windMs: 1.5,
      rainMm: 0.2 * i,
      cloud: 0.3,
    }));
    const packed = packHours(list);
    expect(hoursIn(packed)).toBe(5);
    expect(unpackHours(packed, 0, 99)).toEqual(list);
    expect(unpackHours(packed, 3, 1)).toEqual(list.slice(3, 4));
    expect(unpackHours(packed, 5, 2)).toEqual([]);
  });
});

describe('a picture', () => {
  test('is measured before it is opened: a small file that claims to be a large one is refused', async () => {
    const small = Buffer.from(picture(64, 64));
    // the frame header (SOF0) says how large it is: ITU T.81, B.2.2
    const at = small.indexOf(Buffer.from([0xff, 0xc0]));
    small.writeUInt16BE(7740, at + 5);
    small.writeUInt16BE(7740, at + 7);
    const before = process.memoryUsage().rss;
    const refusal = await shrink(small).catch((e: unknown) => e);
    expect(refusal).toBeInstanceOf(Refusal);
    expect((refusal as Refusal).errors).toEqual([
      { field: 'photo', message: 'This picture has 60 megapixels, and at most 8 can be opened here: make it smaller first.' },
    ]);
    expect(process.memoryUsage().rss - before).toBeLessThan(50e6);
  });

  test('comes out with the colours it went in with, within 1600 pixels, and one that breaks off spoils none after it', async () => {
    const data = Buffer.alloc(2400 * 800 * 4);
    // left half red, right half blue
    for (let i = 0; i < data.length; i += 4) data.set((i / 4) % 2400 < 1200 ? [200, 30, 30, 255] : [30, 30, 200, 255], i);
    const sent = encode({ data, width: 2400, height: 800 }, 90).data;
    await shrink(Buffer.concat([sent.subarray(0, 60), Buffer.alloc(400, 7)])).catch(() => undefined);
    const { jpeg, width, height } = await shrink(sent);
    expect([width, height]).toEqual([1600, 533]);
    const out = decode(jpeg, { useTArray: true });
    const at = (x: number, y: number) => [...out.data.subarray((y * width + x) * 4, (y * width + x) * 4 + 3)];
    for (const [x, wanted] of [
      [100, [200, 30, 30]],
      [1500, [30, 30, 200]],
    ] as const)
      at(x, 300).forEach((c, i) => expect(Math.abs(c - (wanted[i] ?? 0))).toBeLessThan(12));
  });

  test.each([
    ['cut in half', (b: Buffer) => b.subarray(0, b.length / 2), /can not be opened|damaged/],
    ['without a size', () => Buffer.from([0xff, 0xd8, 0xff, 0xd9]), /damaged/],
    ['of another kind', () => Buffer.from('GIF89a'), /not a photograph/],
  ])('%s is refused with a sentence, or opened as far as it goes', async (_what, make, words) => {
    const e = await shrink(make(Buffer.from(picture(300, 200)))).then(
      () => null,
      (error: unknown) => error,
    );
    if (e === null) return;
    expect(e).toBeInstanceOf(Refusal);
    expect((e as Refusal).errors?.[0]?.message).toMatch(words);
  });
});

describe('ten years of hours', () => {
  let server: ReturnType<typeof harness>;
  beforeEach(() => {
    server = harness({ demo: false });
  });
  afterEach(() => server.stop());

  test('are loaded while others are answered, and are there after a restart', async () => {
    let api = server.start();
    await api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(hours(10)).expect(200);
    const many = 9000;
    const loading = api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(hours(many));
    const [loaded, meanwhile] = await Promise.all([loading, api.get('/api/v1/weather/file')]);
    expect(loaded.body).toMatchObject({ hours: many, first: '2016-01-01T00:00:00.000Z' });
    // others are answered, of as many as have come so far
    expect(meanwhile.body.hours).toBeGreaterThanOrEqual(10);
    expect(meanwhile.body.hours).toBeLessThanOrEqual(many);
    api = server.restart();
    expect((await api.get('/api/v1/weather/file')).body.hours).toBe(many);
    expect((await api.get('/api/v1/weather?from=2016-01-05T00:00:00Z&hours=3')).body.hours).toHaveLength(3);
  });
  test('two files at once: one after the other, and all of the later one', async () => {
    const api = server.start();
    const put = (n: number) => api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(hours(n));
    await Promise.all([put(5000), put(7000)]);
    expect([5000, 7000]).toContain((await api.get('/api/v1/weather/file')).body.hours);
    await api.delete('/api/v1/weather/file').expect(204);
    expect((await api.get('/api/v1/weather/file')).body.hours).toBe(0);
  });
});

describe('a thread of its own', () => {
  // where the packages are found that it leaves outside
  mkdirSync(join(__dirname, '../dist'), { recursive: true });
  const folder = mkdtempSync(join(__dirname, '../dist/thread-'));
  const file = join(folder, 'worker.mjs');
  beforeAll(async () => {
    // the way scripts/build-parts.mjs makes it
    const inside = {
      name: 'workspace-in',
      setup: (b: PluginBuild) =>
        b.onResolve({ filter: /^[^./]/ }, (a) =>
          a.kind === 'entry-point' || a.path.startsWith('@sleetbrook/') ? undefined : { path: a.path, external: true },
        ),
    };
    await build({
      entryPoints: [join(__dirname, '../src/threads/worker.ts')],
      outfile: file,
      bundle: true,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      logLevel: 'error',
      plugins: [inside],
    });
  });
  afterAll(() => rmSync(folder, { recursive: true, force: true }));

  test('is built', () => expect(existsSync(file)).toBe(true));
  test.each([
    ['weather', hours(48), 48],
    ['picture', picture(120, 80), 120],
  ] as const)('does a job: %s', async (job, given, wanted) => {
    const work = workInThread(pathToFileURL(file));
    const made = await work(job as never, given as never);
    expect(job === 'weather' ? hoursIn(made as never) : (made as { width: number }).width).toBe(wanted);
    work.end();
  });
  test('says in the job’s own words what it refuses, and goes on', async () => {
    const work = workInThread(pathToFileURL(file));
    await expect(work('weather', 'nothing')).rejects.toMatchObject({ status: 422, errors: [{ line: 1 }] });
    await expect(work('picture', Buffer.from('GIF89a'))).rejects.toMatchObject({ status: 422, errors: [{ field: 'photo' }] });
    expect(hoursIn(await work('weather', hours(2)))).toBe(2);
    work.end();
  });
  test('takes so many at once, and asks the rest to come again', async () => {
    const work = workInThread(pathToFileURL(file), { patienceMs: 20_000, mostWaiting: 3, restMs: 500 });
    const all = await Promise.allSettled(Array.from({ length: 6 }, () => work('weather', hours(100))));
    expect(all.map((r) => r.status)).toEqual(['fulfilled', 'fulfilled', 'fulfilled', 'rejected', 'rejected', 'rejected']);
    expect(all[5]).toMatchObject({ reason: { status: 429 } });
    expect(hoursIn(await work('weather', hours(1)))).toBe(1);
    work.end();
  });
  test('breaks off what hangs, and the next one finds a new thread', async () => {
    const work = workInThread(pathToFileURL(file), { patienceMs: 1, mostWaiting: 3, restMs: 500 });
    await expect(work('weather', hours(20_000))).rejects.toMatchObject({ status: 422, errors: [{ field: 'body' }] });
    work.end();
    const patient = workInThread(pathToFileURL(file));
    await expect(patient('weather', hours(20))).resolves.toBeDefined();
    patient.end();
  });
  test('rests, and is there again', async () => {
    const work = workInThread(pathToFileURL(file), { patienceMs: 20_000, mostWaiting: 3, restMs: 30 });
    await work('weather', hours(1));
    await new Promise((r) => setTimeout(r, 120));
    expect(hoursIn(await work('weather', hours(3)))).toBe(3);
    work.end();
  });
  test('one that is ended as another is asked takes nothing along', async () => {
    const work = workInThread(pathToFileURL(file), { patienceMs: 20_000, mostWaiting: 3, restMs: 0 });
    for (let i = 1; i <= 4; i++) {
      expect(hoursIn(await work('weather', hours(i)))).toBe(i);
      // now resting, now just being ended
      if (i % 2 === 0) await new Promise((r) => setTimeout(r, 1));
      else work.end();
    }
    work.end();
  });
});
