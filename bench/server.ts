import { workHere } from '../packages/server/src/threads/jobs';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import express from 'express';
import pino from 'pino';
import { COURSE_ON, freshLap } from '../packages/core/src/api';
import { createApp } from '../packages/server/src/app';
import { caseStore } from '../packages/server/src/cases/store';
import { fixedClock } from '../packages/server/src/clock';
import type { Db } from '../packages/server/src/db/db';
import { openDatabase } from '../packages/server/src/db/open';
import { seedLarkfold } from '../packages/server/src/demo/larkfold';
import { lookStore } from '../packages/server/src/looks/store';
import { treatmentStore } from '../packages/server/src/treatments/store';
import { faster, under, type Figure } from './figure';

const YEARS = 20;
const A_YEAR = 300;
const READS = ['/garden', '/plantings', '/cases', '/cases?status=cleared', '/today', '/treatments', '/weather?hours=240'];

/** Twenty years of a busy garden: 6,000 treatments, 1,200 cleared cases. */
function fill(db: Db): void {
  const treatments = treatmentStore(db);
  const model = treatments.notToEatAt('2026-05-24T18:10:00.000Z').find((t) => t.sheet);
  if (!model) throw new Error('no treatment to copy');
  const cases = caseStore(db);
  const looks = lookStore(db);
  const uuid = (n: number) => `0197b000-0000-7000-8000-${n.toString().padStart(12, '0')}`;
  db.transaction(() => {
    for (let i = 0; i < YEARS * A_YEAR; i++) {
      const at = new Date(Date.parse('2026-05-23T00:00:00Z') - i * ((365.25 * 86_400_000) / A_YEAR)).toISOString();
      const caseId = i % 5 === 0 ? uuid(i) : null;
      if (caseId) {
        looks.add({ id: uuid(100_000 + i), plantingId: model.plantingId, caseId, at, answers: [], count: { affected: 3, looked: 20 }, note: '' });
        cases.save({
          id: caseId,
          revision: 1,
          plantingId: model.plantingId,
          troubleId: 'black-bean-aphid',
          confidence: 0.9,
          lookId: uuid(100_000 + i),
          purpose: 'seen' as const,
          stageSeen: null,
          openedAt: at,
          status: 'cleared',
          closedAt: at,
          laps: [freshLap()],
          course: COURSE_ON,
        });
      }
      treatments.add({ ...model, id: uuid(200_000 + i), caseId, finishedAt: at, keepOutUntil: at, pickFrom: at });
    }
  })();
}

const listen = (server: Server) =>
  new Promise<string>((resolve) => server.listen(0, '127.0.0.1', () => resolve(`http://127.0.0.1:${(server.address() as AddressInfo).port}`)));

async function timesOf(url: string, n: number): Promise<number[]> {
  const out: number[] = [];
  for (let i = 0; i < n; i++) {
    const from = performance.now();
    await (await fetch(url)).arrayBuffer();
    out.push(performance.now() - from);
  }
  return out.sort((a, b) => a - b);
}

async function perSecond(url: string, n: number, lanes = 8): Promise<number> {
  const from = performance.now();
  let left = n;
  await Promise.all(
    Array.from({ length: lanes }, async () => {
      while (left-- > 0) await (await fetch(url)).arrayBuffer();
    }),
  );
  return (n / (performance.now() - from)) * 1000;
}

const MIGRATIONS = join(import.meta.dirname ?? __dirname, '../packages/server/migrations');

/** The main reads with twenty years of records, on a real file. */
export async function serverFigures(): Promise<Figure[]> {
  const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-bench-'));
  const db = openDatabase(folder, MIGRATIONS);
  const context = {
    db,
    folder,
    migrations: MIGRATIONS,
    clock: fixedClock(new Date('2026-05-24T18:10:00Z'), db),
    log: pino({ level: 'silent' }),
    demo: true,
    seed: 6,
    work: workHere,
    exchange: () => Promise.reject(new Error('nothing is put back here')),
  };
  seedLarkfold(context);
  fill(db);
  const server = createServer(createApp(context, { requestsPerMinute: 10_000_000 }));
  const empty = createServer(express().get('/empty', (_req, res) => void res.json({})));
  const [base, reference] = [await listen(server), await listen(empty)];
  const figures: Figure[] = [];
  for (const path of READS) {
    await timesOf(`${base}/api/v1${path}`, 30);
    const times = await timesOf(`${base}/api/v1${path}`, 300);
    figures.push(under(`p99 GET ${path}`, times[Math.floor(times.length * 0.99)] ?? Number.NaN, 20, 'ms'));
  }
  await perSecond(`${reference}/empty`, 500);
  figures.push(
    faster(
      'reads of /plantings against an empty route',
      await perSecond(`${base}/api/v1/plantings`, 3000),
      await perSecond(`${reference}/empty`, 3000),
      'per s',
      0.7,
    ),
  );
  server.close();
  empty.close();
  db.close();
  rmSync(folder, { recursive: true, force: true });
  return figures;
}
