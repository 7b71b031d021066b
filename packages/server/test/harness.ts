import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pino, { type Logger } from 'pino';
import request from 'supertest';
import { v7 } from 'uuid';
import { freshLap } from '@sleetbrook/core/api';
import type { LabelSheet } from '@sleetbrook/core/label';
import { SHEETS } from '@sleetbrook/core/sheets';
import { createApp, type AppOptions } from '../src/app';
import { fixedClock } from '../src/clock';
import type { Db } from '../src/db/db';
import { openDatabase } from '../src/db/open';
import { seedLarkfold } from '../src/demo/larkfold';
import { Serving, type Opened } from '../src/serving';
import { workHere } from '../src/threads/jobs';

export const MIGRATIONS = join(__dirname, '../migrations');
export const NOW = '2026-05-24T18:10:00.000Z';

interface HarnessOptions extends AppOptions {
  readonly demo?: boolean;
  readonly now?: string;
  readonly log?: Logger;
}

/** A server on a real file in a folder of its own; `restart` opens the same file again. */
export function harness({ demo = true, now: usual = NOW, log = pino({ level: 'silent' }), ...options }: HarnessOptions = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'sleetbrook-test-'));
  let serving: Serving;
  const open = (now: string, prepare: (db: Db) => void): Opened => {
    const db = openDatabase(folder, MIGRATIONS);
    prepare(db);
    const context = { db, folder, migrations: MIGRATIONS, clock: fixedClock(new Date(now), db), log, demo, seed: 6, work: workHere };
    if (demo) seedLarkfold(context);
    return { context, close: () => db.close() };
  };
  const start = (now = usual, prepare: (db: Db) => void = () => undefined) => {
    serving = new Serving(
      () => open(now, prepare),
      (context) => createApp(context, options),
    );
    return request(serving.handle);
  };
  return {
    folder,
    start,
    restart: (now?: string) => {
      serving.close();
      return start(now);
    },
    /** Lets go of the file; `start` opens it again. */
    stopServing: () => serving.close(),
    stop: () => {
      serving.close();
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

/** A label of the grower's own, typed over a specimen. */
export const ownSheet = (from: LabelSheet = SHEETS[0] as LabelSheet, change: object = {}) => ({
  ...from,
  id: `own-${v7()}`,
  version: 1,
  specimen: false,
  basedOn: from.id,
  name: `My ${from.name}`,
  ...change,
});
