import { createServer } from 'node:http';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import pino from 'pino';
import { createApp } from './app';
import { fixedClock, runningClock, systemClock } from './clock';
import { openDatabase, type Db } from './db/open';
import { seedLarkfold } from './demo/larkfold';
import { shrinkInThread } from './photos/thread';

const here = dirname(fileURLToPath(import.meta.url));
const env = process.env;

/** One clear line, then out. */
function fail(line: string): never {
  process.stderr.write(`${line}\n`);
  process.exit(1);
}

function readPort(): number {
  const port = Number(env['PORT'] ?? 4173);
  if (!Number.isInteger(port) || port < 0 || port > 65535) fail(`PORT must be a whole number from 0 to 65535, not "${env['PORT'] ?? ''}".`);
  return port;
}

function readNow(): Date | null {
  const text = env['SLEETBROOK_NOW'];
  if (!text) return null;
  const at = new Date(text);
  if (Number.isNaN(at.getTime())) fail(`SLEETBROOK_NOW must be an instant such as 2026-05-24T18:10:00Z, not "${text}".`);
  return at;
}

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|localhost|::1)$/;

function open(folder: string): Db {
  try {
    return openDatabase(folder, join(here, '..', 'migrations'));
  } catch (error) {
    const e = error as NodeJS.ErrnoException;
    const why = e.code === 'ENOSPC' || e.code === 'SQLITE_FULL' ? 'the disk is full' : e.message;
    fail(`The database in ${folder} can not be opened: ${why}. Move it aside or set SLEETBROOK_DATA to another folder.`);
  }
}

const host = env['HOST'] ?? '127.0.0.1';
const port = readPort();
const passcode = env['SLEETBROOK_PASSCODE'];
if (!LOOPBACK.test(host) && !passcode) fail(`HOST is ${host}: set SLEETBROOK_PASSCODE, so that not everyone on the network can open your garden.`);

const log = pino({ level: env['LOG_LEVEL'] ?? 'warn' }, pino.destination(2));
const demo = env['SLEETBROOK_DEMO'] === '1';
const db = open(resolve(env['SLEETBROOK_DATA'] ?? '.data/garden'));
const base = readNow();
// stood still, or running from that moment on
const clock = base ? (env['SLEETBROOK_CLOCK'] === 'running' ? runningClock(base) : fixedClock(base, db)) : systemClock;
const context = { db, clock, log, demo, seed: 6, shrinkPhoto: shrinkInThread(new URL('./photo-worker.js', import.meta.url)) };
if (demo) seedLarkfold(context);

const server = createServer(createApp(context, { webDir: resolve(env['SLEETBROOK_WEB'] ?? join(here, '../../app/dist')), ...(passcode ? { passcode } : {}) }));
server.requestTimeout = 30_000;
server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE') fail(`Port ${port} on ${host} is taken. Set PORT to another one, for example PORT=${port + 1}.`);
  if (error.code === 'EACCES') fail(`Port ${port} is not allowed for you. Set PORT to one above 1023.`);
  fail(`The server could not start: ${error.message}.`);
});
server.listen(port, host, () => {
  const address = server.address();
  const bound = typeof address === 'object' && address ? address.port : port;
  process.stdout.write(`Sleetbrook is ready at http://${host}:${bound}\n`);
});

/** Lets running requests end, then closes the database. */
function stop(): void {
  server.close(() => {
    db.close();
    process.exit(0);
  });
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 5000).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
