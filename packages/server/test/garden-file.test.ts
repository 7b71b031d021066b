import { createWriteStream, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import fc from 'fast-check';
import { encode } from 'jpeg-js';
import { fromBuffer, type Entry, type ZipFile as Zip } from 'yauzl';
import { ZipFile } from 'yazl';
import { Refusal } from '@sleetbrook/core/house';
import { GARDEN_FILE_VERSION, gardenFileJsonSchema, KIND_NAMES, type Manifest } from '@sleetbrook/core/garden-file';
import { gardenIn } from '../src/garden-file/in';
import { gardenOut } from '../src/garden-file/out';
import { harness, larkfold, MIGRATIONS, NOW, ownSheet, planting } from './harness';

const h = harness();
let api: ReturnType<typeof h.start>;
const folders: string[] = [];
const folder = () => {
  const f = mkdtempSync(join(tmpdir(), 'sleetbrook-garden-file-'));
  folders.push(f);
  return f;
};
afterAll(() => {
  h.stop();
  folders.forEach((f) => rmSync(f, { recursive: true, force: true }));
});

/** What a file holds, by name. */
async function unzip(bytes: Buffer): Promise<Map<string, Buffer>> {
  const files = new Map<string, Buffer>();
  const zip = await new Promise<Zip>((resolve, reject) => fromBuffer(bytes, { lazyEntries: true }, (e, z) => (e ? reject(e) : resolve(z))));
  await new Promise<void>((resolve, reject) => {
    zip.on('end', resolve);
    zip.on('error', reject);
    zip.on('entry', (entry: Entry) =>
      zip.openReadStream(entry, (e, stream) => {
        if (e) return reject(e);
        void buffer(stream).then((b) => {
          files.set(entry.fileName, b);
          zip.readEntry();
        }, reject);
      }),
    );
    zip.readEntry();
  });
  return files;
}
async function zipped(files: Iterable<readonly [string, Buffer]>): Promise<string> {
  const zip = new ZipFile();
  for (const [name, bytes] of files) zip.addBuffer(bytes, name);
  zip.end();
  const to = join(folder(), 'garden.zip');
  await pipeline(zip.outputStream, createWriteStream(to));
  return to;
}

/** Every row of every table, but for what belongs to one house alone. */
function rowsOf(path: string): Record<string, unknown[]> {
  const db = new Database(path, { readonly: true });
  const tables = db.prepare<[], { name: string }>("SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name").all();
  // documents are compared by what they say, not by the order of their fields
  const read = (row: Record<string, unknown>) => (typeof row['document'] === 'string' ? { ...row, document: JSON.parse(row['document']) as unknown } : row);
  const rows = Object.fromEntries(
    tables
      .filter((t) => t.name !== 'demo_clock')
      .map(({ name }) => [name, db.prepare<[], Record<string, unknown>>(`SELECT * FROM ${name} ORDER BY 1, 2`).all().map(read)]),
  );
  db.close();
  return rows;
}

let first: Buffer;
let made: Manifest;
const OUT = join(folder(), 'first.zip');
beforeAll(async () => {
  api = h.start();
  // one of everything that the demonstration does not have
  const p = planting({ name: '=SUM(A1)' });
  await api.put(`/api/v1/plantings/${p.id}`).send(p).expect(200);
  const gone = planting({ name: 'Gone' });
  await api.put(`/api/v1/plantings/${gone.id}`).send(gone).expect(200);
  await api.delete(`/api/v1/plantings/${gone.id}`).expect(204);
  const look = {
    id: larkfold(900),
    plantingId: p.id,
    caseId: null,
    at: '2026-05-24T17:00:00.000Z',
    answers: [],
    count: null,
    note: '“quoted”, and\na second line',
  };
  await api.put(`/api/v1/looks/${look.id}`).send(look).expect(200);
  const jpeg = Buffer.from(encode({ data: Buffer.alloc(60 * 40 * 4, 120), width: 60, height: 40 }, 70).data);
  for (const n of [901, 902])
    await api
      .put(`/api/v1/photos/${larkfold(n)}?lookId=${look.id}&takenAt=2026-05-24T17:00:0${n - 900}.000Z`)
      .set('Content-Type', 'image/jpeg')
      .send(jpeg)
      .expect(200);
  await api.delete(`/api/v1/photos/${larkfold(902)}`).expect(204);
  const hours = ['2026-05-24T10:00:00.000Z', '2026-05-24T11:00:00.000Z'].map((at, i) => `${at},${11 + i},70,1.8,0,0.6`);
  await api
    .put('/api/v1/weather/file')
    .set('Content-Type', 'text/csv')
    .send(['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...hours].join('\n'))
    .expect(200);
  const walk = {
    id: larkfold(904),
    revision: 0,
    startedAt: '2026-05-24T16:00:00.000Z',
    finishedAt: '2026-05-24T16:20:00.000Z',
    stops: [
      { plantingId: p.id, state: 'found', at: '2026-05-24T16:05:00.000Z', tallies: [{ troubleId: 'black-bean-aphid', affected: 3, looked: 10 }], note: '' },
    ],
  };
  await api.put(`/api/v1/walks/${walk.id}`).send(walk).expect(200);
  const sky = {
    id: larkfold(903),
    at: '2026-05-24T17:30:00.000Z',
    temperatureC: 14,
    wind: 'leaves-rustle',
    leaf: 'dry',
    sky: 'half',
    rainTonight: 'no',
    twoDays: null,
  };
  await api.put(`/api/v1/weather/sky/${sky.id}`).send(sky).expect(200);
  const reading = { id: '2026-05-24', revision: 0, at: '2026-05-24T07:00:00.000Z', leastC: 6.5, mostC: 19, rainMm: 3, rainFell: 'night' };
  await api.put(`/api/v1/readings/${reading.id}`).send(reading).expect(200);
  const seen = { id: larkfold(905), revision: 0, plantingId: p.id, what: 'emerged', on: '2026-04-20' };
  await api.put(`/api/v1/milestones/${seen.id}`).send(seen).expect(200);
  const hush = { id: larkfold(906), revision: 0, plantingId: p.id, modelId: 'scab-mills', until: null, on: true };
  await api.put(`/api/v1/hushes/${hush.id}`).send(hush).expect(200);
  const [record] = (await api.get('/api/v1/treatments')).body.treatments as { id: string }[];
  await api.put(`/api/v1/treatments/${record?.id}/strike`).send({ at: '2026-05-24T18:00:00.000Z', reason: 'Written twice' }).expect(200);
  const sheet = ownSheet();
  await api.put(`/api/v1/sheets/${sheet.id}`).send(sheet).expect(200);
  await api
    .put(`/api/v1/sheets/${sheet.id}`)
    .send({ ...sheet, version: 2, name: 'A second pack' })
    .expect(200);
  await api.delete(`/api/v1/sheets/${sheet.id}`).expect(204);
  made = await gardenOut({ from: join(h.folder, 'sleetbrook.db'), to: OUT });
  first = readFileSync(OUT);
});

const takeIn = async (path: string) => {
  const to = join(folder(), 'taken.db');
  await gardenIn({ path, to, migrations: MIGRATIONS });
  return to;
};

describe('a garden file', () => {
  test('holds every row of every table, and gives each back as it was; made again of that it is the same, byte for byte', async () => {
    expect(made.leftOut).toEqual([]);
    for (const kind of KIND_NAMES) expect([kind, made.lines[kind] > 0]).toEqual([kind, true]);
    const taken = await takeIn(OUT);
    expect(rowsOf(taken)).toEqual(rowsOf(join(h.folder, 'sleetbrook.db')));
    const again = join(folder(), 'again.zip');
    await gardenOut({ from: taken, to: again });
    expect(readFileSync(again).equals(first)).toBe(true);
  });

  test('is made of open formats: JSON Lines, JPEG, and CSV in which no cell is run', async () => {
    const files = await unzip(first);
    for (const kind of KIND_NAMES) {
      const lines = (files.get(`${kind}.jsonl`)?.toString('utf8') ?? '').split('\n').slice(0, -1);
      expect(lines).toHaveLength(made.lines[kind]);
      for (const line of lines) expect(() => JSON.parse(line) as unknown).not.toThrow();
    }
    expect([...files.keys()].filter((f) => f.startsWith('photographs/')).sort()).toEqual([901, 902].map((n) => `photographs/${larkfold(n)}.jpg`));
    expect(files.get('tables/plantings.csv')?.toString('utf8')).toMatch(/^'=SUM\(A1\),/m);
    const done = files.get('tables/treatments.csv')?.toString('utf8').trim().split('\n') ?? [];
    expect(done.length - 1).toBe(made.lines.treatments);
    expect(done[0]).toMatch(/^finished_at,planting,crop,place,control,label,area_m2,amount,unit,/);
  });

  test('its schema is published as it is', () => {
    const published: unknown = JSON.parse(readFileSync(join(__dirname, '../../../docs/garden-file.schema.json'), 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(gardenFileJsonSchema())));
  });

  test('goes out over the wire and in again as a copy, which takes the place of the garden on a word only', async () => {
    const raw = async () =>
      (
        await api
          .get('/api/v1/garden-file')
          .buffer(true)
          .parse(((res: NodeJS.ReadableStream, done: (e: Error | null, b: Buffer) => void) => void buffer(res).then((b) => done(null, b))) as never)
          .expect(200)
      ).body as Buffer;
    const before = await raw();
    const p = planting({ name: 'Later' });
    await api.put(`/api/v1/plantings/${p.id}`).send(p).expect(200);
    const { body: copy } = await api.post('/api/v1/copies/file').set('Content-Type', 'application/zip').send(before).expect(201);
    expect((await api.get(`/api/v1/plantings/${p.id}`)).status).toBe(200);
    await api.post(`/api/v1/copies/${copy.name}/restore`).expect(200);
    expect((await api.get(`/api/v1/plantings/${p.id}`)).status).toBe(404);
    expect((await raw()).equals(before)).toBe(true);
    expect(readdirSync(join(h.folder, 'copies')).filter((f) => f.endsWith('.half'))).toEqual([]);
  });

  test('what can not be read in the garden is left out and named, and the rest is there', async () => {
    const spoilt = join(folder(), 'spoilt.db');
    const db = new Database(join(h.folder, 'sleetbrook.db'));
    db.prepare('VACUUM INTO ?').run(spoilt);
    db.close();
    const open = new Database(spoilt);
    const { id } = open.prepare<[], { id: string }>('SELECT id FROM treatment LIMIT 1').get() as { id: string };
    open.prepare(`UPDATE treatment SET document = '{"id":1}' WHERE id = ?`).run(id);
    open.close();
    const to = join(folder(), 'rest.zip');
    const manifest = await gardenOut({ from: spoilt, to });
    expect(manifest.leftOut).toEqual([{ kind: 'treatments', id, why: expect.any(String) }]);
    expect(manifest.lines.treatments).toBe(made.lines.treatments - 1);
    expect(rowsOf(await takeIn(to))['treatment']).toHaveLength(made.lines.treatments - 1);
  });
});

describe('what is no garden file', () => {
  const changed = (change: (files: Map<string, Buffer>) => void) => async () => {
    const files = await unzip(first);
    change(files);
    return zipped(files);
  };
  const manifest = (change: object) => changed((f) => f.set('manifest.json', Buffer.from(JSON.stringify({ ...made, ...change }))));
  const line = (file: string, text: string) => changed((f) => f.set(file, Buffer.concat([f.get(file) ?? Buffer.alloc(0), Buffer.from(text)])));
  const bytes = (spoil: (b: Buffer) => Buffer) => async () => {
    const to = join(folder(), 'spoilt.zip');
    writeFileSync(to, spoil(Buffer.from(first)));
    return to;
  };
  const renamed = (from: string, to: string) =>
    bytes((b) => {
      // of the same length, so that the rest stays where it is
      for (let at = b.indexOf(from); at >= 0; at = b.indexOf(from, at + 1)) b.write(to, at, 'latin1');
      return b;
    });

  test('of the first version, without what came later, is taken in', async () => {
    const { milestones: _m, hushes: _h, readings: _r, ...lines } = made.lines;
    const older = changed((f) => {
      f.set('manifest.json', Buffer.from(JSON.stringify({ ...made, version: 1, lines })));
      for (const kind of ['milestones', 'hushes', 'readings']) f.delete(`${kind}.jsonl`);
    });
    const rows = rowsOf(await takeIn(await older()));
    expect([rows['reading'], rows['milestone'], rows['hush']]).toEqual([[], [], []]);
    expect(rows['planting']).toEqual(rowsOf(join(h.folder, 'sleetbrook.db'))['planting']);
  });

  test.each([
    [
      'of a newer kind',
      manifest({ version: GARDEN_FILE_VERSION + 1 }),
      /of a newer kind \(3\) than this program reads \(2\): bring the program up to date first/,
    ],
    ['of something else', manifest({ format: 'something-else' }), /manifest says what can not be/],
    ['without a manifest', changed((f) => f.delete('manifest.json')), /manifest\.json is missing/],
    ['whose manifest is none', changed((f) => f.set('manifest.json', Buffer.from('{'))), /manifest can not be read/],
    ['without a part', changed((f) => f.delete('treatments.jsonl')), /“treatments\.jsonl” is missing/],
    ['cut in half', bytes((b) => b.subarray(0, b.length / 2)), /no garden file, or not all of it is there/],
    ['with bytes turned over', bytes((b) => (b.fill(0x55, 400, 700), b)), /damaged|can not be unpacked|can not be read|manifest/],
    ['empty', bytes(() => Buffer.alloc(0)), /no garden file/],
    ['with a path that leads out', renamed('tables/cases.csv', '../../cases.csv!'), /damaged|not of a garden/],
    ['with an absolute path', renamed('tables/cases.csv', '/tmp/s/cases.csv'), /damaged|not of a garden/],
    ['with something else in it', changed((f) => f.set('run-me.sh', Buffer.from('rm'))), /“run-me\.sh” in it is not of a garden/],
    ['a bomb', changed((f) => f.set('weather.jsonl', Buffer.alloc(300_000_000, 32))), /would unpack to 300 MB: no garden is packed so tightly/],
    [
      'one endless line',
      changed((f) => f.set('weather.jsonl', Buffer.from(Array.from({ length: 400_000 }, (_, i) => (i * 7919).toString(36)).join(' ')))),
      /line of “weather\.jsonl” is longer than any is/,
    ],
    ['a line that is no JSON', line('shed.jsonl', 'bleach\n'), /^Line \d+ of “shed\.jsonl” is no JSON/],
    ['a field that is not known', line('sprayers.jsonl', '{"id":"x","poison":1}\n'), /^Line \d+ of “sprayers\.jsonl” can not be/],
    ['fewer lines than it says', changed((f) => f.set('walks.jsonl', Buffer.alloc(0))), /“walks\.jsonl” has 0 lines, and the manifest says/],
    [
      'a look at a planting that is not there',
      line('looks.jsonl', `${JSON.stringify({ id: larkfold(905), plantingId: larkfold(906), caseId: null, at: NOW, answers: [], count: null, note: '' })}\n`),
      /names something that is not in the file/,
    ],
    [
      'a thing twice',
      changed((f) => f.set('treatments.jsonl', Buffer.concat([f.get('treatments.jsonl') ?? Buffer.alloc(0), f.get('treatments.jsonl') ?? Buffer.alloc(0)]))),
      /is there already/,
    ],
    ['without a picture', changed((f) => f.delete(`photographs/${larkfold(901)}.jpg`)), /photographs\/.*901\.jpg” is missing/],
    [
      'with a picture that is none',
      changed((f) => f.set(`photographs/${larkfold(901)}.jpg`, Buffer.from('<svg onload="x">'))),
      /is not the picture that it is said to be/,
    ],
    [
      'with a picture of another size',
      changed((f) => f.set(`photographs/${larkfold(901)}.jpg`, Buffer.from(encode({ data: Buffer.alloc(64 * 4), width: 8, height: 8 }, 50).data))),
      /is not the picture/,
    ],
    ['with a picture of nothing', changed((f) => f.set(`photographs/${larkfold(999)}.jpg`, Buffer.from('x'))), /belongs to nothing/],
  ] as [string, () => Promise<string>, RegExp][])('%s: refused in words, and nothing is left of it', async (_what, make, words) => {
    const path = await make();
    const to = join(folder(), 'taken.db');
    const refusal = await gardenIn({ path, to, migrations: MIGRATIONS }).then(
      () => null,
      (e: unknown) => e,
    );
    expect(refusal).toBeInstanceOf(Refusal);
    const [error] = (refusal as Refusal).errors ?? [];
    expect(error).toMatchObject({ field: 'file', message: expect.stringMatching(words) });
    expect(error?.message).toMatch(/Nothing was changed\.$/);
    expect(existsSync(to)).toBe(false);
  });

  test('however it is spoilt, it is refused in words or read whole', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(fc.tuple(fc.nat(first.length - 1), fc.nat(255)), { minLength: 1, maxLength: 12 }), async (turned) => {
        const path = join(folder(), 'turned.zip');
        const copy = Buffer.from(first);
        for (const [at, to] of turned) copy[at] = to;
        writeFileSync(path, copy);
        const to = join(folder(), 'taken.db');
        try {
          await gardenIn({ path, to, migrations: MIGRATIONS });
          expect(existsSync(to)).toBe(true);
        } catch (e) {
          expect(e).toBeInstanceOf(Refusal);
          expect(existsSync(to)).toBe(false);
        }
      }),
      { numRuns: 60 },
    );
  }, 60_000);
});
