import { existsSync, mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import pino from 'pino';
import { createApp } from './app';
import { fixedClock, runningClock, systemClock } from './clock';
import { copyNightly, lookInto, newestVersion, NoCopy, restore, sayHolds } from './db/copies';
import { FolderTaken, lockFolder } from './db/lock';
import { Damaged, openDatabase, type Db } from './db/open';
import { copiesIn, COPIES } from './db/safe-copy';
import { seedLarkfold } from './demo/larkfold';
import { passcodeFault } from './http/passcode';
import { workInThread } from './threads/thread';

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

/** Requests a minute from one address; a household never comes near what is usual. */
function readLimit(): number | null {
  const text = env['SLEETBROOK_REQUESTS_A_MINUTE'];
  if (!text) return null;
  const n = Number(text);
  if (!Number.isInteger(n) || n < 60) fail(`SLEETBROOK_REQUESTS_A_MINUTE must be a whole number from 60 up, not "${text}".`);
  return n;
}

function readNow(): Date | null {
  const text = env['SLEETBROOK_NOW'];
  if (!text) return null;
  const at = new Date(text);
  if (Number.isNaN(at.getTime())) fail(`SLEETBROOK_NOW must be an instant such as 2026-05-24T18:10:00Z, not "${text}".`);
  return at;
}

const LOOPBACK = /^(127\.\d+\.\d+\.\d+|localhost|::1)$/;

const MIGRATIONS = join(here, '..', 'migrations');

/** With SLEETBROOK_RESTORE: says what a copy holds, and puts it in the place of the database when that was wanted. */
function putBack(folder: string): void {
  const from = env['SLEETBROOK_RESTORE'];
  if (!from) return;
  const say = (line: string) => process.stdout.write(`${line}\n`);
  try {
    const holds = lookInto(resolve(from));
    say(`${from} holds ${sayHolds(holds)}.`);
    const now = join(folder, 'sleetbrook.db');
    if (existsSync(now)) {
      try {
        say(`The garden here holds ${sayHolds(lookInto(now))}.`);
      } catch {
        say('The garden here can not be read.');
      }
    }
    if (env['SLEETBROOK_RESTORE_YES'] !== '1') {
      say('Nothing was changed. Add --yes to put it in the place of the garden here.');
      process.exit(0);
    }
    const before = restore(folder, resolve(from), newestVersion(MIGRATIONS), new Date());
    say(before ? `It is put back. What was here is ${join(folder, COPIES, before)}: restore that to take this back.` : 'It is put back.');
  } catch (error) {
    if (error instanceof NoCopy) fail(`${from} can not be put back: ${error.message}. Nothing was changed.`);
    throw error;
  }
}

/** The folder for this server alone, and what is in it. */
function open(folder: string): { readonly db: Db; readonly letGo: () => void } {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    const letGo = lockFolder(folder);
    putBack(folder);
    return {
      db: openDatabase(folder, MIGRATIONS, (numbers, copy) => log.info({ migrations: numbers, copy }, 'database brought up to date')),
      letGo,
    };
  } catch (error) {
    if (error instanceof FolderTaken) fail(`Another Sleetbrook has the folder ${folder} open. End that one first, or set SLEETBROOK_DATA to another folder.`);
    if (error instanceof Damaged) {
      const [newest] = copiesIn(folder);
      fail(
        `The database in ${folder} is damaged (${error.message.split('\n').join(' ')}). Nothing was changed. ${newest ? `The newest copy is ${join(COPIES, newest)}: ` : 'If you have a copy: '}move sleetbrook.db aside and put the copy in its place.`,
      );
    }
    const e = error as NodeJS.ErrnoException;
    const why = e.code === 'ENOSPC' || e.code === 'SQLITE_FULL' ? 'the disk is full' : e.message;
    fail(`The database in ${folder} can not be opened: ${why}. Move it aside or set SLEETBROOK_DATA to another folder.`);
  }
}

const host = env['HOST'] ?? '127.0.0.1';
const port = readPort();
const passcode = env['SLEETBROOK_PASSCODE'];
if (!LOOPBACK.test(host) && !passcode) fail(`HOST is ${host}: set SLEETBROOK_PASSCODE, so that not everyone on the network can open your garden.`);

if (passcode) {
  const fault = passcodeFault(passcode);
  if (fault) fail(fault);
}

// what is in the folder is the household's alone
process.umask(0o077);
const log = pino({ level: env['LOG_LEVEL'] ?? 'info' }, pino.destination({ dest: 2, sync: true }));
const demo = env['SLEETBROOK_DEMO'] === '1';
const folder = resolve(env['SLEETBROOK_DATA'] ?? '.data/garden');
const { db, letGo } = open(folder);
const base = readNow();
// stood still, or running from that moment on
const clock = base ? (env['SLEETBROOK_CLOCK'] === 'running' ? runningClock(base) : fixedClock(base, db)) : systemClock;
const work = workInThread(new URL('./worker.js', import.meta.url), undefined, log);
const context = { db, folder, clock, log, demo, seed: 6, work };
if (demo) seedLarkfold(context);

const webDir = resolve(env['SLEETBROOK_WEB'] ?? join(here, '../../app/dist'));
if (!existsSync(join(webDir, 'index.html'))) log.warn({ webDir }, 'the app is not built: only the API is served');
let stopping = false;
const endCopies = copyNightly(db, folder, log);
const requestsPerMinute = readLimit();
const server = createServer(
  createApp(context, { webDir, stopping: () => stopping, ...(passcode ? { passcode } : {}), ...(requestsPerMinute ? { requestsPerMinute } : {}) }),
);
server.requestTimeout = 30_000;
server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE') fail(`Port ${port} on ${host} is taken. Set PORT to another one, for example PORT=${port + 1}.`);
  if (error.code === 'EACCES') fail(`Port ${port} is not allowed for you. Set PORT to one above 1023.`);
  fail(`The server could not start: ${error.message}.`);
});
server.listen(port, host, () => {
  const address = server.address();
  const bound = typeof address === 'object' && address ? address.port : port;
  log.info({ host, port: bound, folder, demo, passcode: passcode !== undefined }, 'started');
  process.stdout.write(`Sleetbrook is ready at http://${host}:${bound}\n`);
});

/** Running requests get so long; then their lines are cut, and what was not confirmed was not written. */
const LAST_MS = 2000;

/** Takes nothing new, lets running requests end, and closes the database whole: one file, without its journal. */
function stop(signal: string): void {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  server.close(() => {
    clearInterval(idle);
    endCopies();
    work.end();
    try {
      db.pragma('wal_checkpoint(TRUNCATE)');
    } catch (err) {
      // a copy may be reading on: the journal stays beside the file, and nothing of it is lost
      log.warn({ err }, 'the journal was not folded in');
    }
    db.close();
    letGo();
    log.info('stopped');
    process.exit(0);
  });
  // a line that has just become idle would be asked on
  const idle = setInterval(() => server.closeIdleConnections(), 20);
  server.closeIdleConnections();
  setTimeout(() => server.closeAllConnections(), LAST_MS).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
