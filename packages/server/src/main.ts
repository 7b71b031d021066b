import { existsSync, mkdirSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import pino from 'pino';
import { createApp } from './app';
import { fixedClock, runningClock, systemClock } from './clock';
import { copyNightly, lookInto, newestVersion, NoCopy, restore, sayHolds, sweepHalves } from './db/copies';
import { FolderTaken, lockFolder } from './db/lock';
import type { Db } from './db/db';
import { Damaged, openDatabase } from './db/open';
import { spoiltIn } from './db/readable';
import { copiesIn, COPIES } from './db/safe-copy';
import { seedLarkfold } from './demo/larkfold';
import { announce } from './household/announce';
import { hostsHere, openHousehold, secureSide, type SecureSide } from './household/start';
import { Serving, type Opened } from './serving';
import { fail, readSettings } from './settings';
import { workInLanes } from './threads/lanes';
import { pollStation } from './weather/station';

const here = dirname(fileURLToPath(import.meta.url));
const MIGRATIONS = join(here, '..', 'migrations');
const settings = readSettings();
const { folder, host, port } = settings;

// what is in the folder is the household's alone
process.umask(0o077);
const log = pino({ level: settings.logLevel }, pino.destination({ dest: 2, sync: true }));

/** With --restore: says what a copy holds, and puts it in the place of the database when that was wanted. */
function putBack(): void {
  if (!settings.restore) return;
  const { from, yes } = settings.restore;
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
    if (!yes) {
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

/** Whatever stands against opening the folder is one clear line. */
function orFail<T>(run: () => T): T {
  try {
    return run();
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

const clockOf = (db: Db) => {
  if (!settings.now) return systemClock;
  // stood still, or running from that moment on
  return settings.runningClock ? runningClock(settings.now) : fixedClock(settings.now, db);
};

// bundled it has a thread beside it; run from its sources everything is done in this one
const worker = join(here, 'worker.js');
const work = existsSync(worker) ? workInLanes(pathToFileURL(worker), log) : Object.assign((await import('./threads/jobs')).workHere, { end: () => undefined });

function openGarden(): Opened {
  const db = openDatabase(folder, MIGRATIONS, (numbers, copy) => log.info({ migrations: numbers, copy }, 'database brought up to date'));
  const endCopies = copyNightly(db, folder, log);
  // a row that can not be read is noticed at the start, beside everything else
  const spoilt = spoiltIn(db);
  spoilt.onFound = (one) => log.error(one, 'a row can not be read');
  void work('lookThrough', join(folder, 'sleetbrook.db')).then(
    (found) => found.forEach((one) => spoilt.add(one)),
    (err: unknown) => log.warn({ err }, 'the garden was not looked through'),
  );
  const context = { db, folder, migrations: MIGRATIONS, clock: clockOf(db), log, demo: settings.demo, seed: 6, work };
  if (settings.demo) seedLarkfold(context);
  const station = settings.stationUrl === undefined ? undefined : pollStation(context, settings.stationUrl);
  return {
    context: { ...context, ...(station ? { station } : {}) },
    close: () => {
      station?.end();
      endCopies();
      try {
        db.pragma('wal_checkpoint(TRUNCATE)');
      } catch (err) {
        // a copy may be reading on: the journal stays beside the file, and nothing of it is lost
        log.warn({ err }, 'the journal was not folded in');
      }
      db.close();
    },
  };
}

const letGo = orFail(() => {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const freed = lockFolder(folder);
  sweepHalves(folder);
  putBack();
  return freed;
});
const webDir = resolve(settings.web ?? join(here, '../../app/dist'));
if (!existsSync(join(webDir, 'index.html'))) log.warn({ webDir }, 'the app is not built: only the API is served');

const household = settings.forHousehold || settings.passcode !== undefined ? await openHousehold(folder, work, settings.passcode) : null;
const hosts = hostsHere();
const certificate = settings.forHousehold ? await (await import('./household/certificate')).certificateFor(folder, hosts.all) : null;
let secure: SecureSide | null = null;
let stopping = false;
const serving = orFail(
  () =>
    new Serving(openGarden, (context) =>
      createApp(context, {
        webDir,
        stopping: () => stopping,
        secureUrl: () => secure?.url() ?? null,
        ...(household ? { household: household.household } : {}),
        ...(certificate ? { root: certificate.root } : {}),
        ...(settings.requestsPerMinute ? { requestsPerMinute: settings.requestsPerMinute } : {}),
      }),
    ),
);
const server = createServer(serving.handle);
if (certificate) secure = secureSide(certificate, hosts.likeliest, settings.securePort, serving.handle);
const sides: readonly { readonly server: Server; readonly port: number; readonly setting: string }[] = [
  { server, port, setting: 'PORT' },
  ...(secure ? [{ server: secure.server, port: secure.port, setting: 'SLEETBROOK_SECURE_PORT' }] : []),
];

const portOf = (of: Server) => {
  const address = of.address();
  return typeof address === 'object' && address ? address.port : port;
};
const listening = ({ server: of, port: at, setting }: (typeof sides)[number]) =>
  new Promise<void>((resolved) => {
    // a garden of ten years is brought over a slow line
    of.requestTimeout = 600_000;
    of.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code === 'EADDRINUSE') fail(`Port ${at} on ${host} is taken. Set ${setting} to another one, for example ${setting}=${at + 1}.`);
      if (error.code === 'EACCES') fail(`Port ${at} is not allowed for you. Set ${setting} to one above 1023.`);
      fail(`The server could not start: ${error.message}.`);
    });
    of.listen(at, host, resolved);
  });
/** Running requests get so long; then their lines are cut, and what was not confirmed was not written. */
const LAST_MS = 2000;

/** Takes nothing new, lets running requests end, and closes the database whole: one file, without its journal. */
function stop(signal: string): void {
  if (stopping) return;
  stopping = true;
  log.info({ signal }, 'stopping');
  // a line that has just become idle would be asked on
  const idle = setInterval(() => sides.forEach((s) => s.server.closeIdleConnections()), 20);
  void Promise.all(sides.map((s) => new Promise((closed) => s.server.close(closed)))).then(() => {
    clearInterval(idle);
    work.end();
    serving.close();
    household?.keys.close();
    letGo();
    log.info('stopped');
    process.exit(0);
  });
  sides.forEach((s) => s.server.closeIdleConnections());
  setTimeout(() => sides.forEach((s) => s.server.closeAllConnections()), LAST_MS).unref();
}
process.on('SIGINT', stop);
process.on('SIGTERM', stop);

await Promise.all(sides.map(listening));
log.info({ host, port: portOf(server), secure: secure?.url() ?? null, folder, demo: settings.demo, passcode: household !== null }, 'started');
process.stdout.write(`Sleetbrook is ready at http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${portOf(server)}\n`);
if (secure && household && certificate) {
  const words = household.household.pair().words;
  const plain = `http://${hosts.likeliest}:${portOf(server)}`;
  process.stdout.write(await announce({ secure: secure.url() ?? '', plain, words, drawn: household.drawn, root: certificate.root, fresh: certificate.fresh }));
} else if (household?.drawn) process.stdout.write(`The household’s passcode, shown this once: ${household.drawn}\n`);
