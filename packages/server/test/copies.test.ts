import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { copyNow, copyOfTheDay, KEPT, listCopies, lookInto, newestVersion, NoCopy, restore, sayHolds } from '../src/db/copies';
import { openDatabase } from '../src/db/open';
import { harness, MIGRATIONS, planting } from './harness';

const h = harness({ demo: false });
let api: ReturnType<typeof h.start>;
beforeAll(() => {
  api = h.start();
});
afterAll(() => h.stop());
const put = (p: object & { id: string }) => api.put(`/api/v1/plantings/${p.id}`).send(p).expect(200);
const folders: string[] = [];
const folder = () => {
  const f = mkdtempSync(join(tmpdir(), 'sleetbrook-copies-'));
  folders.push(f);
  return f;
};
afterAll(() => folders.forEach((f) => rmSync(f, { recursive: true, force: true })));
const NEWEST = newestVersion(MIGRATIONS);

describe('copies', () => {
  test('one is made by hand, read back, listed, and taken away as one whole file', async () => {
    await put(planting({ name: 'Runner beans' }));
    const { body: copy } = await api.post('/api/v1/copies').expect(201);
    expect(copy.name).toMatch(/^now-.*\.db$/);
    expect((await api.get('/api/v1/copies').expect(200)).body).toEqual([copy]);
    const file = await api
      .get(`/api/v1/copies/${copy.name}`)
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (d: Buffer) => parts.push(d));
        res.on('end', () => done(null, Buffer.concat(parts)));
      });
    const path = join(folder(), 'taken.db');
    writeFileSync(path, file.body as Buffer);
    expect(lookInto(path)).toMatchObject({ plantings: 1, cases: 0, treatments: 0, version: NEWEST, lastTreatment: null });
    expect(readdirSync(join(h.folder, 'copies'))).toEqual([copy.name]);
    expect(statSync(path).size).toBe(copy.bytes);
  });

  test('nothing but a copy is handed out', async () => {
    for (const name of ['..%2Fsleetbrook.db', 'sleetbrook.db', '.', '%2e%2e%2f%2e%2e%2fetc%2fpasswd', 'now-nothing.db'])
      expect((await api.get(`/api/v1/copies/${name}`)).status).toBe(404);
  });

  test('while it is being written to, each copy holds all that was confirmed before it was asked for', async () => {
    for (let round = 0; round < 4; round++) {
      const confirmed: string[] = [];
      let going = true;
      const writing = (async () => {
        while (going) {
          const p = planting();
          await put(p);
          confirmed.push(p.id);
        }
      })();
      while (confirmed.length < 5) await new Promise((r) => setTimeout(r, 5));
      const before = [...confirmed];
      const { body } = await api.post('/api/v1/copies').expect(201);
      going = false;
      await writing;
      const db = new Database(join(h.folder, 'copies', body.name), { readonly: true });
      const ids = db.prepare<[], { id: string }>('SELECT id FROM planting').all();
      db.close();
      expect(ids.map((r) => r.id)).toEqual(expect.arrayContaining(before));
    }
  });

  test('of the days seven are kept, of the months twelve, of those by hand five', async () => {
    const data = folder();
    const db = openDatabase(data, MIGRATIONS);
    for (let day = 0; day < 420; day += 5) await copyOfTheDay(db, data, new Date(Date.UTC(2025, 0, 1, 12) + day * 86_400_000));
    for (let n = 0; n < 8; n++) await copyNow(db, data, new Date(Date.UTC(2026, 5, 1) + n * 1000));
    // a second time on one day makes none
    expect(await copyOfTheDay(db, data, new Date(Date.UTC(2025, 0, 1, 12) + 415 * 86_400_000))).toEqual([]);
    db.close();
    const names = listCopies(data).map((c) => c.name);
    const of = (kind: string) => names.filter((n) => n.startsWith(kind)).sort();
    expect([of('day').length, of('month').length, of('now').length]).toEqual([KEPT.day, KEPT.month, KEPT.now]);
    expect(of('day').at(-1)).toBe('day-2026-02-20.db');
    expect([of('month')[0], of('month').at(-1)]).toEqual(['month-2025-03.db', 'month-2026-02.db']);
    expect(readdirSync(join(data, 'copies')).every((f) => f.endsWith('.db'))).toBe(true);
  }, 60_000);
});

describe('back from a copy', () => {
  /** A folder with so many plantings, its server stopped. */
  const garden = (n: number) => {
    const data = folder();
    const db = openDatabase(data, MIGRATIONS);
    const add = db.prepare(
      "INSERT INTO planting (id, revision, name, host_id, place, site, stage, edible, dense, area_m2) VALUES (?, 1, 'Peas', 'pea', '', 'outdoors', 'growing', 1, 0, 2)",
    );
    for (let i = 0; i < n; i++) add.run(`p${i}`);
    return { data, db };
  };
  const AT = new Date('2026-11-26T20:00:00Z');

  test('it takes the place of what is there, and that can be taken back', async () => {
    const { data, db } = garden(3);
    const copy = await copyNow(db, data, AT);
    db.exec('DELETE FROM planting');
    db.close();
    expect(lookInto(join(data, 'sleetbrook.db')).plantings).toBe(0);
    const before = restore(data, join(data, 'copies', copy.name), NEWEST, AT);
    expect(lookInto(join(data, 'sleetbrook.db'))).toMatchObject({ plantings: 3 });
    expect(before).toBe('before-restore-2026-11-26T20-00-00-000Z.db');
    restore(data, join(data, 'copies', before ?? ''), NEWEST, new Date(AT.getTime() + 1000));
    expect(lookInto(join(data, 'sleetbrook.db')).plantings).toBe(0);
    // the server opens what was put back
    openDatabase(data, MIGRATIONS).close();
    expect(readdirSync(data).filter((f) => /half|-wal|-shm/.test(f))).toEqual([]);
  });

  test('also where what is there is damaged, or where nothing is', async () => {
    const { data, db } = garden(2);
    const copy = join(data, 'copies', (await copyNow(db, data, AT)).name);
    db.close();
    writeFileSync(join(data, 'sleetbrook.db'), 'no garden '.repeat(500));
    writeFileSync(join(data, 'sleetbrook.db-wal'), 'the newest of it');
    const before = restore(data, copy, NEWEST, AT);
    expect(readFileSync(join(data, 'copies', `${before}-wal`), 'utf8')).toBe('the newest of it');
    expect(lookInto(join(data, 'sleetbrook.db')).plantings).toBe(2);
    expect(readFileSync(join(data, 'copies', before ?? ''), 'utf8')).toMatch(/^no garden/);
    const empty = folder();
    expect(restore(empty, copy, NEWEST, AT)).toBeNull();
    expect(lookInto(join(empty, 'sleetbrook.db')).plantings).toBe(2);
  });

  test.each([
    ['nothing', (f: string) => rmSync(f, { force: true }), /there is no file/],
    ['a picture', (f: string) => writeFileSync(f, 'JFIF'.repeat(3000)), /no garden of this program/],
    ['half a copy', (f: string) => writeFileSync(f, readFileSync(f).subarray(0, 8192)), /damaged|no garden/],
    [
      'another program’s',
      (f: string) => {
        rmSync(f);
        const db = new Database(f);
        db.exec('CREATE TABLE a (b)');
        db.close();
      },
      /no garden of this program/,
    ],
    [
      'one of a newer program',
      (f: string) => {
        const db = new Database(f);
        db.pragma(`user_version = ${NEWEST + 1}`);
        db.close();
      },
      /newer \(version \d+\) than this program/,
    ],
  ] as [string, (f: string) => void, RegExp][])('%s is refused in words, and nothing is changed', async (_what, spoil, words) => {
    const { data, db } = garden(4);
    const copy = join(data, 'copies', (await copyNow(db, data, AT)).name);
    db.close();
    spoil(copy);
    const path = join(data, 'sleetbrook.db');
    const was = readFileSync(path);
    expect(() => restore(data, copy, NEWEST, AT)).toThrow(NoCopy);
    expect(() => restore(data, copy, NEWEST, AT)).toThrow(words);
    expect(readFileSync(path).equals(was)).toBe(true);
    expect(existsSync(join(data, 'restored.half'))).toBe(false);
  });

  test('what a copy holds is said in words', () => {
    expect(sayHolds({ version: 11, plantings: 1, cases: 0, treatments: 12, lastTreatment: '2026-05-24T18:10:00.000Z' })).toBe(
      '1 planting, 0 cases, 12 treatments, the last on 2026-05-24',
    );
    expect(sayHolds({ version: 11, plantings: 0, cases: 1, treatments: 1, lastTreatment: null })).toBe('0 plantings, 1 case, 1 treatment');
  });
});

describe('from the screen', () => {
  const raw = (res: NodeJS.ReadableStream, done: (e: Error | null, b: Buffer) => void) => {
    const parts: Buffer[] = [];
    res.on('data', (d: Buffer) => parts.push(d));
    res.on('end', () => done(null, Buffer.concat(parts)));
  };
  const take = async (path: string): Promise<Buffer> =>
    (
      await api
        .get(path)
        .buffer(true)
        .parse(raw as never)
        .expect(200)
    ).body as Buffer;
  const names = async () => ((await api.get('/api/v1/plantings').expect(200)).body as { name: string }[]).map((p) => p.name).sort();
  const bring = (bytes: Buffer) => api.post('/api/v1/copies/file').set('Content-Type', 'application/octet-stream').send(bytes);

  test('a copy is looked into, put back while the house goes on, and that is taken back', async () => {
    const { body: copy } = await api.post('/api/v1/copies').expect(201);
    const was = await names();
    await put(planting({ name: 'Late beans' }));
    const { body: looked } = await api.get(`/api/v1/copies/${copy.name}/holds`).expect(200);
    expect([looked.here.plantings - looked.copy.plantings, looked.copy.version]).toEqual([1, NEWEST]);
    expect(await names()).toContain('Late beans');
    const mark = ((await api.get('/api/v1/pulse')).body as { mark: string }).mark;
    const { body: done } = await api.post(`/api/v1/copies/${copy.name}/restore`).expect(200);
    expect(await names()).toEqual(was);
    // every device hears of it
    expect(((await api.get('/api/v1/pulse')).body as { mark: string }).mark).not.toBe(mark);
    await put(planting({ name: 'After' }));
    await api.post(`/api/v1/copies/${done.before}/restore`).expect(200);
    expect(await names()).toEqual([...was, 'Late beans'].sort());
    expect(readdirSync(join(h.folder, 'copies')).filter((f) => !f.endsWith('.db'))).toEqual([]);
  });

  test('whoever asks meanwhile is told to come again, and what is under way comes to its end', async () => {
    const { body: copy } = await api.post('/api/v1/copies').expect(201);
    const answers = await Promise.all([
      api.post(`/api/v1/copies/${copy.name}/restore`),
      ...Array.from({ length: 12 }, (_, i) => new Promise((r) => setTimeout(r, i * 3)).then(() => api.get('/api/v1/plantings'))),
    ]);
    expect(answers[0]?.status).toBe(200);
    for (const a of answers.slice(1)) expect([200, 503]).toContain(a.status);
    expect((await api.get('/api/v1/plantings')).status).toBe(200);
  });

  test('one that can not be put back changes nothing', async () => {
    const was = await names();
    const { body: copy } = await api.post('/api/v1/copies').expect(201);
    const path = join(h.folder, 'copies', copy.name);
    const spoil = new Database(path);
    spoil.pragma(`user_version = ${NEWEST + 1}`);
    spoil.close();
    const res = await api.post(`/api/v1/copies/${copy.name}/restore`);
    expect([res.status, res.body.errors[0].message]).toEqual([422, expect.stringMatching(/newer \(version \d+\) than this program .* Nothing was changed\.$/)]);
    expect(await names()).toEqual(was);
    expect((await api.post('/api/v1/copies/nothing.db/restore')).status).toBe(404);
    rmSync(path);
  });

  test('one that was taken away is brought again and becomes a copy; what is none is refused in words', async () => {
    const { body: copy } = await api.post('/api/v1/copies').expect(201);
    const bytes = await take(`/api/v1/copies/${copy.name}`);
    const { body: brought } = await bring(bytes).expect(201);
    expect(brought.name).toMatch(/^brought-.*\.db$/);
    expect((await api.get(`/api/v1/copies/${brought.name}/holds`)).body.copy).toEqual(lookInto(join(h.folder, 'copies', copy.name)));
    const armed = join(folder(), 'armed.db');
    writeFileSync(armed, bytes);
    const db = new Database(armed);
    db.exec('CREATE TRIGGER boom AFTER INSERT ON planting BEGIN DELETE FROM treatment; END');
    db.close();
    for (const [wrong, words] of [
      [Buffer.from('nothing'), /neither a copy .* nor a garden file/],
      [Buffer.alloc(0), /neither a copy/],
      [bytes.subarray(0, bytes.length / 2), /damaged|no garden/],
      [readFileSync(armed), /no garden of this program \(“boom” in it\)/],
    ] as [Buffer, RegExp][]) {
      const res = await bring(wrong);
      expect([res.status, res.body.errors?.[0]?.message]).toEqual([422, expect.stringMatching(words)]);
    }
    expect(readdirSync(join(h.folder, 'copies')).filter((f) => /half/.test(f))).toEqual([]);
  });
});
