import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';

const MAIN = join(__dirname, '../packages/server/dist/main.js');

/** A port that nobody listens at. */
export async function freePort(): Promise<number> {
  const free = createServer();
  await new Promise<void>((listening) => free.listen(0, '127.0.0.1', listening));
  const { port } = free.address() as AddressInfo;
  await new Promise((closed) => free.close(closed));
  return port;
}

export const baseOf = (port: number) => `http://127.0.0.1:${port}`;

/** The real server with a database of its own on a free port. */
export class TestServer {
  private child: ChildProcess | null = null;
  private readonly data = mkdtempSync(join(tmpdir(), 'sleetbrook-e2e-'));
  base: string;
  /** What it printed for whoever started it. */
  printed = '';
  /** While it is down the page's own refreshing gets no answer. */
  restarted = false;

  /** @param demo false for an empty database @param running a clock that runs on from where it is started @param port any that is free, unless it is said */
  constructor(
    private readonly demo = true,
    private readonly running = false,
    private readonly env: Readonly<Record<string, string>> = {},
    port?: number,
  ) {
    this.base = port ? baseOf(port) : '';
  }

  async start(now = '2026-05-24T18:10:00Z'): Promise<void> {
    const port = this.base ? new URL(this.base).port : '0';
    const child = spawn(process.execPath, [MAIN], {
      env: {
        PATH: process.env['PATH'] ?? '',
        PORT: port,
        LOG_LEVEL: 'warn',
        SLEETBROOK_DATA: this.data,
        SLEETBROOK_NOW: now,
        ...(this.demo ? { SLEETBROOK_DEMO: '1' } : {}),
        ...(this.running ? { SLEETBROOK_CLOCK: 'running' } : {}),
        ...this.env,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.child = child;
    this.base = await new Promise<string>((resolve, reject) => {
      this.printed = '';
      child.stdout?.on('data', (d: Buffer) => {
        this.printed += d.toString();
        const m = /^Sleetbrook is ready at (http:\S+)$/m.exec(this.printed);
        if (m?.[1]) resolve(m[1]);
      });
      child.once('exit', (code) => reject(new Error(`the server left with ${code}`)));
    });
  }

  /** Ends it the hard way: what was confirmed must still be there. */
  async kill(): Promise<void> {
    const child = this.child;
    this.child = null;
    if (!child || child.exitCode !== null) return;
    await new Promise((resolve) => {
      child.once('exit', resolve);
      child.kill('SIGKILL');
    });
  }

  async restart(now?: string): Promise<void> {
    this.restarted = true;
    await this.kill();
    await this.start(now);
  }

  async stop(): Promise<void> {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }
}
