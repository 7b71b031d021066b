import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { encode } from 'jpeg-js';
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
  test('is measured before it is opened: a small file that claims to be a large one is refused', () => {
    const small = Buffer.from(picture(64, 64));
    // the frame header (SOF0) says how large it is: ITU T.81, B.2.2
    const at = small.indexOf(Buffer.from([0xff, 0xc0]));
    small.writeUInt16BE(7740, at + 5);
    small.writeUInt16BE(7740, at + 7);
    const before = process.memoryUsage().rss;
    expect(() => shrink(small)).toThrow(Refusal);
    try {
      shrink(small);
    } catch (e) {
      expect((e as Refusal).errors).toEqual([
        { field: 'photo', message: 'This picture has 60 megapixels, and at most 3 can be opened here: make it smaller first.' },
      ]);
    }
    expect(process.memoryUsage().rss - before).toBeLessThan(50e6);
  });
  test.each([
    ['cut in half', (b: Buffer) => b.subarray(0, b.length / 2), /can not be opened|damaged/],
    ['without a size', () => Buffer.from([0xff, 0xd8, 0xff, 0xd9]), /damaged/],
    ['of another kind', () => Buffer.from('GIF89a'), /not a photograph/],
  ])('%s is refused with a sentence, or opened as far as it goes', (_what, make, words) => {
    let said = '';
    try {
      shrink(make(Buffer.from(picture(300, 200))));
    } catch (e) {
      expect(e).toBeInstanceOf(Refusal);
      said = (e as Refusal).errors?.[0]?.message ?? '';
    }
    if (said) expect(said).toMatch(words);
  });
});

describe('ten years of hours', () => {
  let server: ReturnType<typeof harness>;
  beforeEach(() => {
    server = harness({ demo: false });
  });
  afterEach(() => server.stop());

  test('are loaded while others are answered, take the place of the old ones, and are there after a restart', async () => {
    let api = server.start();
    await api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(hours(10)).expect(200);
    const many = 9000;
    const loading = api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(hours(many));
    const [loaded, meanwhile] = await Promise.all([loading, api.get('/api/v1/weather/file')]);
    expect(loaded.body).toMatchObject({ hours: many, first: '2016-01-01T00:00:00.000Z' });
    expect([10, many]).toContain(meanwhile.body.hours);
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
  const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-thread-'));
  const file = join(folder, 'worker.cjs');
  beforeAll(() => {
    // all of it in one file, as it lies in a folder of its own
    execFileSync(join(__dirname, '../../../node_modules/esbuild/bin/esbuild'), [
      join(__dirname, '../src/threads/worker.ts'),
      '--bundle',
      '--platform=node',
      '--format=cjs',
      '--main-fields=module,main',
      `--outfile=${file}`,
      '--log-level=error',
    ]);
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
});
