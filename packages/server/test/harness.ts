import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino from 'pino';
import request from 'supertest';
import { v7 } from 'uuid';
import { freshLap } from '@sleetbrook/core/api';
import { createApp } from '../src/app';
import { fixedClock } from '../src/clock';
import { openDatabase, type Db } from '../src/db/open';
import { seedLarkfold } from '../src/demo/larkfold';
import { workHere } from '../src/threads/jobs';

export const MIGRATIONS = join(__dirname, '../migrations');
export const NOW = '2026-05-24T18:10:00.000Z';

/** A server on a real file in a folder of its own; `restart` opens the same file again. */
export function harness(options: { demo?: boolean; now?: string; requestsPerMinute?: number } = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-test-'));
  let db: Db;
  const start = (now = options.now ?? NOW) => {
    db = openDatabase(folder, MIGRATIONS);
    const context = {
      db,
      folder,
      clock: fixedClock(new Date(now), db),
      log: pino({ level: 'silent' }),
      demo: options.demo ?? true,
      seed: 6,
      work: workHere,
    };
    if (context.demo) seedLarkfold(context);
    return request(createApp(context, options.requestsPerMinute ? { requestsPerMinute: options.requestsPerMinute } : {}));
  };
  return {
    folder,
    start,
    restart: (now?: string) => {
      db.close();
      return start(now);
    },
    stop: () => {
      db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export const larkfold = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

export const planting = (change: object = {}) => ({
  id: v7(),
  revision: 0,
  name: 'Peas',
  hostId: 'broad-bean',
  place: 'Bed 1',
  site: 'outdoors',
  stage: 'fruiting',
  edible: true,
  dense: false,
  tolerance: 'usual',
  areaM2: 4,
  heightM: null,
  trunkCm: null,
  about: [],
  pickFrom: null,
  pickUntil: null,
  ...change,
});

export const look = (plantingId: string, change: object = {}) => ({
  id: v7(),
  plantingId,
  caseId: null,
  at: NOW,
  answers: [{ signId: 'dark-crowd', seen: true }],
  count: { affected: 9, looked: 20 },
  note: '',
  ...change,
});

export const caseOf = (plantingId: string, lookId: string, change: object = {}) => ({
  id: v7(),
  revision: 0,
  plantingId,
  troubleId: 'black-bean-aphid',
  confidence: 0.94,
  lookId,
  stageSeen: null,
  openedAt: NOW,
  status: 'open',
  closedAt: null,
  laps: [freshLap()],
  ...change,
});

export const treatment = (plantingId: string, caseId: string | null, change: object = {}) => ({
  id: v7(),
  caseId,
  plantingId,
  controlId: 'soap-spray',
  finishedAt: NOW,
  areaM2: 20,
  amount: 120,
  waterMl: 8000,
  by: 'You',
  why: 'Black bean aphid',
  ...change,
});
