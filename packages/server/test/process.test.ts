import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { migrate } from '../src/db/migrate';
import { openDatabase } from '../src/db/open';
import { copiesIn, copyTo } from '../src/db/safe-copy';
import { MIGRATIONS, planting } from './harness';

// the server as it is shipped, bundled once: to read its sources anew takes some seconds at each of twenty starts
const ENTRY = join(__dirname, '../dist/main.js');
beforeAll(() => {
  const built = spawnSync(process.execPath, [join(__dirname, '../../../scripts/build-server.mjs')], { encoding: 'utf8' });
  if (built.status !== 0) throw new Error(built.stderr);
});
const folders: string[] = [];
const folder = () => {
  const f = mkdtempSync(join(tmpdir(), 'sleetbrook-proc-'));
  folders.push(f);
  return f;
};
afterAll(() => folders.forEach((f) => rmSync(f, { recursive: true, force: true })));

// what the app is built to need not be there: a page in its place
const WEB = folder();
writeFileSync(join(WEB, 'index.html'), '<!doctype html>');
const launch = (env: Record<string, string>) =>
  spawn(process.execPath, [ENTRY], { env: { PATH: process.env['PATH'] ?? '', PORT: '0', LOG_LEVEL: 'warn', SLEETBROOK_WEB: WEB, ...env } });

/** Waits for the ready line; gives the address. */
const ready = (child: ChildProcess) =>
  new Promise<string>((resolve, reject) => {
    let out = '';
    child.stdout?.on('data', (d: Buffer) => {
      out += d.toString();
      const m = /^Sleetbrook is ready at (http:\S+)$/m.exec(out);
      if (m?.[1]) resolve(m[1]);
    });
    child.once('exit', (code) => reject(new Error(`left with ${code}: ${out}`)));
  });
const ended = (child: ChildProcess) =>
  new Promise<{ code: number | null; err: string }>((resolve) => {
    let err = '';
    child.stderr?.on('data', (d: Buffer) => (err += d.toString()));
    child.once('exit', (code) => resolve({ code, err: err.trim() }));
  });

/** Writes plantings one after the other until the server is gone; notes those that were confirmed. */
async function writer(base: string, confirmed: string[]): Promise<never> {
  for (;;) {
    const p = planting();
    const res = await fetch(`${base}/api/v1/plantings/${p.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(p),
    });
    if (!res.ok) throw new Error(await res.text());
    confirmed.push(p.id);
  }
}

describe('the server as a process', () => {
  test('killed in the middle of writing, it has everything it confirmed', async () => {
    const data = folder();
    const child = launch({ SLEETBROOK_DATA: data });
    const base = await ready(child);
    const confirmed: string[] = [];
    let stopped = false;
    const writers = [writer(base, confirmed), writer(base, confirmed), writer(base, confirmed)].map((w) =>
      w.catch(() => {
        stopped = true;
      }),
    );
    while (confirmed.length < 40 && !stopped) await new Promise((r) => setTimeout(r, 5));
    child.kill('SIGKILL');
    await Promise.all(writers);
    expect(confirmed.length).toBeGreaterThanOrEqual(40);

    const again = launch({ SLEETBROOK_DATA: data });
    const list = (await (await fetch(`${await ready(again)}/api/v1/plantings`)).json()) as { id: string }[];
    expect(list.map((p) => p.id)).toEqual(expect.arrayContaining(confirmed));
    const left = ended(again);
    again.kill('SIGTERM');
    expect((await left).code).toBe(0);
  });

  test('a busy port is one clear line', async () => {
    const holder = createServer().listen(0, '127.0.0.1');
    await new Promise((r) => holder.once('listening', r));
    const { port } = holder.address() as { port: number };
    const { code, err } = await ended(launch({ SLEETBROOK_DATA: folder(), PORT: String(port) }));
    holder.close();
    expect(code).toBe(1);
    expect(err).toBe(`Port ${port} on 127.0.0.1 is taken. Set PORT to another one, for example PORT=${port + 1}.`);
  });

  test.each([
    [
      'an unreadable database',
      (f: string) => {
        writeFileSync(join(f, 'sleetbrook.db'), 'no database '.repeat(200));
        return {};
      },
      /can not be opened: file is not a database/,
    ],
    ['a port that is none', () => ({ PORT: 'http' }), /PORT must be a whole number/],
    ['a time that is none', () => ({ SLEETBROOK_NOW: 'tea time' }), /SLEETBROOK_NOW must be an instant/],
    ['an open door', () => ({ HOST: '0.0.0.0' }), /SLEETBROOK_PASSCODE/],
    ['a passcode of one letter', () => ({ SLEETBROOK_PASSCODE: '1' }), /SLEETBROOK_PASSCODE has 1 letters: take 8 or more/],
  ] as [string, (f: string) => Record<string, string>, RegExp][])('%s is one clear line', async (_what, prepare, message) => {
    const f = folder();
    const { code, err } = await ended(launch({ SLEETBROOK_DATA: f, ...prepare(f) }));
    expect(code).toBe(1);
    expect(err).toMatch(message);
    expect(err.split('\n')).toHaveLength(1);
  });

  test('for the household it listens on the network, over both lines, prints the way in, and draws its passcode once', async () => {
    const data = folder();
    const env = { SLEETBROOK_DATA: data, SLEETBROOK_HOUSEHOLD: '1', SLEETBROOK_SECURE_PORT: '0', LOG_LEVEL: 'info' };
    const said = async () => {
      const child = launch(env);
      let out = '';
      child.stdout.on('data', (d: Buffer) => (out += d.toString()));
      let err = '';
      child.stderr.on('data', (d: Buffer) => (err += d.toString()));
      const base = await ready(child);
      while (!out.includes('Where that fails')) await new Promise((r) => setTimeout(r, 10));
      return { child, base, out, err: () => err };
    };
    const first = await said();
    const passcode = /shown this once\. Write it down:\n {2}([a-z ]+)\n/.exec(first.out)?.[1] ?? '';
    const words = /and type: ([a-z ]+)\n/.exec(first.out)?.[1] ?? '';
    expect([passcode.split(' ').length, words.split(' ').length]).toEqual([6, 3]);
    const knock = (base: string, secret: string) =>
      fetch(`${base}/api/v1/door`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ secret, name: 'Phone' }) });
    expect((await fetch(`${first.base}/api/v1/health`)).status).toBe(401);
    expect((await fetch(`${first.base}/household.crt`)).headers.get('content-type')).toMatch(/x-x509-ca-cert/);
    expect((await knock(first.base, words)).status).toBe(200);
    const cookie = (await knock(first.base, passcode)).headers.get('set-cookie')?.split(';')[0] ?? '';
    const left = ended(first.child);
    first.child.kill('SIGTERM');
    expect((await left).code).toBe(0);
    // neither passcode nor words stand in the log
    expect(first.err()).toMatch(/"started"/);
    for (const secret of [passcode, words]) expect(first.err()).not.toContain(secret);

    const second = await said();
    expect(second.out).not.toMatch(/Write it down/);
    expect((await fetch(`${second.base}/api/v1/health`, { headers: { Cookie: cookie } })).status).toBe(200);
    const ending = ended(second.child);
    second.child.kill('SIGTERM');
    await ending;
  }, 40_000);

  test('a second server on one folder is turned away in one line, and let in when the first has gone, however it went', async () => {
    const data = folder();
    const first = launch({ SLEETBROOK_DATA: data });
    const base = await ready(first);
    const second = await ended(launch({ SLEETBROOK_DATA: data }));
    expect(second.code).toBe(1);
    expect(second.err).toMatch(/^Another Sleetbrook has the folder .* open\. End that one first, or set SLEETBROOK_DATA/);
    expect((await fetch(`${base}/api/v1/health`)).status).toBe(200);
    const killed = ended(first);
    first.kill('SIGKILL');
    await killed;
    const third = launch({ SLEETBROOK_DATA: data });
    await ready(third);
    const left = ended(third);
    third.kill('SIGTERM');
    expect((await left).code).toBe(0);
  });

  test('told to stop in the middle of writing it takes no more, keeps what it confirmed, and leaves one whole file within three seconds', async () => {
    const data = folder();
    const child = launch({ SLEETBROOK_DATA: data, LOG_LEVEL: 'info' });
    const base = await ready(child);
    const confirmed: string[] = [];
    const writers = [writer(base, confirmed), writer(base, confirmed), writer(base, confirmed), writer(base, confirmed)].map((w) => w.catch(() => undefined));
    while (confirmed.length < 30) await new Promise((r) => setTimeout(r, 5));
    const left = ended(child);
    const from = Date.now();
    child.kill('SIGTERM');
    const { code, err } = await left;
    expect(code).toBe(0);
    expect(Date.now() - from).toBeLessThan(3000);
    await Promise.all(writers);
    const said = err.split('\n').map((line) => (JSON.parse(line) as { msg: string }).msg);
    expect(said).toEqual(['database brought up to date', 'started', 'stopping', 'stopped']);
    expect(readdirSync(data).sort()).toEqual(['in-use.lock', 'sleetbrook.db']);
    // a copy of the file alone is the whole garden
    const copy = folder();
    copyFileSync(join(data, 'sleetbrook.db'), join(copy, 'sleetbrook.db'));
    const db = new Database(join(copy, 'sleetbrook.db'), { readonly: true });
    const ids = db.prepare<[], { id: string }>('SELECT id FROM planting').all();
    db.close();
    expect(ids.map((r) => r.id)).toEqual(expect.arrayContaining(confirmed));
  });

  test('nobody else on the machine may read the garden', async () => {
    const data = join(folder(), 'garden');
    const child = launch({ SLEETBROOK_DATA: data });
    await ready(child);
    const mode = (path: string) => statSync(path).mode & 0o777;
    expect(mode(data)).toBe(0o700);
    for (const file of readdirSync(data)) expect([file, mode(join(data, file))]).toEqual([file, 0o600]);
    const left = ended(child);
    child.kill('SIGTERM');
    await left;
  });

  test('a damaged page is noticed at the start, nothing is changed, and the newest copy is named', async () => {
    const data = folder();
    const db = openDatabase(data, MIGRATIONS);
    const add = db.prepare("INSERT INTO own_sheet (id, version, document, saved_at) VALUES (?, 1, ?, '2026-05-24')");
    for (let i = 0; i < 60; i++) add.run(`sheet-${i}`, JSON.stringify({ note: 'x'.repeat(3000) }));
    copyTo(db, data, 'before-version-0009.db');
    db.pragma('wal_checkpoint(TRUNCATE)');
    db.close();
    const path = join(data, 'sleetbrook.db');
    const bytes = readFileSync(path);
    // the head of a page in the middle of the file
    bytes.fill(0xff, 4096 * 30, 4096 * 30 + 16);
    writeFileSync(path, bytes);
    const { code, err } = await ended(launch({ SLEETBROOK_DATA: data }));
    expect(code).toBe(1);
    expect(err).toMatch(/is damaged \(.*\)\. Nothing was changed\. The newest copy is copies\/before-version-0009\.db/);
    expect(err.split('\n')).toHaveLength(1);
    expect(readFileSync(path).equals(bytes)).toBe(true);
  });
});

describe('put back from a copy', () => {
  /** What it says until it leaves, or is ready and told to stop. */
  const said = async (env: Record<string, string>) => {
    const child = launch(env);
    let out = '';
    child.stdout.on('data', (d: Buffer) => {
      out += d.toString();
      if (out.includes('is ready at')) child.kill('SIGTERM');
    });
    const { code, err } = await ended(child);
    return { code, lines: out.trim().split('\n'), err };
  };

  test('is looked at first, done on a word, and can be taken back', async () => {
    const data = folder();
    const db = openDatabase(data, MIGRATIONS);
    db.prepare("INSERT INTO sprayer (id, revision, name, capacity_ml, for_weedkiller) VALUES ('a', 0, 'Knapsack', 12000, 0)").run();
    const copy = copyTo(db, data, 'now-1.db');
    db.exec('DELETE FROM sprayer');
    db.close();
    const sprayers = () => {
      const now = new Database(join(data, 'sleetbrook.db'), { readonly: true });
      const n = now.prepare<[], { n: number }>('SELECT count(*) AS n FROM sprayer').get()?.n;
      now.close();
      return n;
    };
    const look = await said({ SLEETBROOK_DATA: data, SLEETBROOK_RESTORE: copy });
    expect(look.code).toBe(0);
    expect(look.lines[0]).toMatch(/holds 0 plantings, 0 cases, 0 treatments\.$/);
    expect(look.lines.at(-1)).toBe('Nothing was changed. Add --yes to put it in the place of the garden here.');
    expect(sprayers()).toBe(0);
    const done = await said({ SLEETBROOK_DATA: data, SLEETBROOK_RESTORE: copy, SLEETBROOK_RESTORE_YES: '1' });
    expect(done.code).toBe(0);
    expect(done.lines.find((l) => l.startsWith('It is put back.'))).toMatch(/before-restore-.*\.db: restore that to take this back\.$/);
    expect(sprayers()).toBe(1);
    const back = join(data, 'copies', copiesIn(data).find((f) => f.startsWith('before-restore-')) ?? '');
    await said({ SLEETBROOK_DATA: data, SLEETBROOK_RESTORE: back, SLEETBROOK_RESTORE_YES: '1' });
    expect(sprayers()).toBe(0);
    const wrong = await said({ SLEETBROOK_DATA: data, SLEETBROOK_RESTORE: join(data, 'nowhere.db'), SLEETBROOK_RESTORE_YES: '1' });
    expect(wrong.code).toBe(1);
    expect(wrong.err).toMatch(/can not be put back: there is no file .*\. Nothing was changed\.$/);
  });
});

describe('before a migration', () => {
  test('the whole is copied, and the copy is what it was', () => {
    const data = folder();
    const old = new Database(join(data, 'sleetbrook.db'));
    migrate(old, MIGRATIONS, { upTo: 5 });
    old.prepare("INSERT INTO sprayer (id, revision, name, capacity_ml, for_weedkiller) VALUES ('a', 0, 'Knapsack', 12000, 0)").run();
    old.close();
    const done: unknown[] = [];
    openDatabase(data, MIGRATIONS, (numbers, copy) => done.push(numbers.length > 0, copy)).close();
    expect(done).toEqual([true, join(data, 'copies', 'before-version-0006.db')]);
    expect(copiesIn(data)).toEqual(['before-version-0006.db']);
    const copy = new Database(join(data, 'copies', 'before-version-0006.db'), { readonly: true });
    expect(copy.pragma('user_version', { simple: true })).toBe(5);
    expect(copy.prepare('SELECT name FROM sprayer').all()).toEqual([{ name: 'Knapsack' }]);
    copy.close();
    // and nothing is copied when nothing is to be done
    openDatabase(data, MIGRATIONS, () => done.push('again')).close();
    expect(done).toHaveLength(2);
    expect(copiesIn(folder())).toEqual([]);
  });
});
