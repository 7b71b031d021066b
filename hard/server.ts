import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const MAIN = join(__dirname, '../packages/server/dist/main.js');
export const NOW = '2026-05-24T18:10:00Z';

/** The built server on a folder of its own, as a household would run it. */
export class Server {
  private child: ChildProcess | null = null;
  readonly folder = mkdtempSync(join(tmpdir(), 'sleetbrook-hard-'));
  base = '';

  constructor(public env: Readonly<Record<string, string>> = {}) {}

  async start(): Promise<this> {
    const child = spawn(process.execPath, [MAIN], {
      env: {
        PATH: process.env['PATH'] ?? '',
        PORT: this.base ? new URL(this.base).port : '0',
        LOG_LEVEL: 'silent',
        // as npm start does
        MALLOC_ARENA_MAX: '2',
        SLEETBROOK_DATA: this.folder,
        SLEETBROOK_NOW: NOW,
        SLEETBROOK_REQUESTS_A_MINUTE: '10000000',
        ...this.env,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    this.base = await new Promise<string>((resolve, reject) => {
      let out = '';
      child.stdout?.on('data', (d: Buffer) => {
        out += d.toString();
        const m = /^Sleetbrook is ready at (http:\S+)$/m.exec(out);
        if (m?.[1]) resolve(m[1]);
      });
      child.once('exit', (code) => reject(new Error(`the server left with ${code}`)));
    });
    return this;
  }
  private async end(signal: NodeJS.Signals): Promise<void> {
    const child = this.child;
    this.child = null;
    if (!child || child.exitCode !== null) return;
    await new Promise((resolve) => {
      child.once('exit', resolve);
      child.kill(signal);
    });
  }
  readonly kill = () => this.end('SIGKILL');
  /** The lines it ends with, where it does not start. */
  async refused(): Promise<string> {
    const child = spawn(process.execPath, [MAIN], {
      env: { PATH: process.env['PATH'] ?? '', PORT: '0', LOG_LEVEL: 'silent', ...this.env },
      stdio: ['ignore', 'ignore', 'pipe'],
    });
    let err = '';
    child.stderr.on('data', (d: Buffer) => (err += d.toString()));
    const code = await new Promise((resolve) => child.once('exit', resolve));
    return code === 0 ? '' : err.trim();
  }
  /** The most memory it ever held, MB; null where the machine does not say. */
  mostMb(): number | null {
    const m = /VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${this.child?.pid}/status`, 'utf8'));
    return m ? Math.round(Number(m[1]) / 1024) : null;
  }
  async stop(): Promise<void> {
    await this.end('SIGTERM');
    rmSync(this.folder, { recursive: true, force: true });
  }

  ask(method: string, path: string, body?: unknown, type = 'application/json'): Promise<Response> {
    return fetch(`${this.base}/api/v1${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'Content-Type': type }, body: body instanceof Uint8Array || typeof body === 'string' ? (body as BodyInit) : JSON.stringify(body) }),
    });
  }
  /** What is at an address; a list by all its parts. */
  async read<T>(path: string): Promise<T> {
    const res = await this.ask('GET', path);
    const told = (await res.json()) as T;
    const next = /^<\/api\/v1([^>]+)>; rel="next"$/.exec(res.headers.get('Link') ?? '')?.[1];
    return next === undefined ? told : ([...(told as unknown[]), ...(await this.read<unknown[]>(next))] as T);
  }
}

/** Random figures that are the same each time. */
export function randomFrom(start: number) {
  let seed = start;
  const next = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
  return { next, one: <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T, upTo: (n: number) => Math.floor(next() * n) };
}

/** Runs beside: what holds this process must not be taken for what holds the server. */
const WATCHER = `
let longest = 0;
const base = process.argv[1];
process.on('SIGTERM', () => { process.stdout.write(String(longest)); process.exit(0); });
(async () => {
  for (let n = 0; ; n++) {
    const from = performance.now();
    await fetch(base + '/api/v1/pulse').then((r) => r.arrayBuffer()).catch(() => undefined);
    // the first ones open the line
    if (n === 5) process.stderr.write('.');
    if (n > 5) longest = Math.max(longest, performance.now() - from);
    await new Promise((r) => setTimeout(r, 4));
  }
})();`;

/**
 * Asks a small thing over and over while something else goes on: the longest answer is how long the loop was held.
 * @returns how to stop, and the longest wait, ms
 */
export async function watchLoop(server: Server): Promise<() => Promise<number>> {
  const child = spawn(process.execPath, ['-e', WATCHER, server.base], { stdio: ['ignore', 'pipe', 'pipe'] });
  let out = '';
  child.stdout.on('data', (d: Buffer) => (out += d.toString()));
  await new Promise((resolve) => child.stderr.once('data', resolve));
  return async () => {
    const gone = new Promise((resolve) => child.once('exit', resolve));
    child.kill('SIGTERM');
    await gone;
    return Math.round(Number(out));
  };
}
