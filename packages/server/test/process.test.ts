import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planting } from './harness';

const ENTRY = join(__dirname, '../src/main.ts');
const TSX = require.resolve('tsx');
const folders: string[] = [];
const folder = () => {
  const f = mkdtempSync(join(tmpdir(), 'sleetbrook-proc-'));
  folders.push(f);
  return f;
};
afterAll(() => folders.forEach((f) => rmSync(f, { recursive: true, force: true })));

const launch = (env: Record<string, string>) =>
  spawn(process.execPath, ['--import', TSX, ENTRY], { env: { PATH: process.env['PATH'] ?? '', PORT: '0', ...env } });

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

describe('the server as a process', () => {
  test('killed in the middle of writing, it has everything it confirmed', async () => {
    const data = folder();
    const child = launch({ SLEETBROOK_DATA: data });
    const base = await ready(child);
    const confirmed: string[] = [];
    const writer = async () => {
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
    };
    let stopped = false;
    const writers = [writer(), writer(), writer()].map((w) =>
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
  ] as [string, (f: string) => Record<string, string>, RegExp][])('%s is one clear line', async (_what, prepare, message) => {
    const f = folder();
    const { code, err } = await ended(launch({ SLEETBROOK_DATA: f, ...prepare(f) }));
    expect(code).toBe(1);
    expect(err).toMatch(message);
    expect(err.split('\n')).toHaveLength(1);
  });

  test('a household passcode is asked for', async () => {
    const child = launch({ SLEETBROOK_DATA: folder(), SLEETBROOK_PASSCODE: 'moss and stone' });
    const base = await ready(child);
    const ask = (user?: string) => fetch(`${base}/api/v1/health`, user ? { headers: { Authorization: `Basic ${Buffer.from(user).toString('base64')}` } } : {});
    expect([(await ask()).status, (await ask('x:wrong')).status, (await ask('x:moss and stone')).status]).toEqual([401, 401, 200]);
    const left = ended(child);
    child.kill('SIGTERM');
    await left;
  });
});
