import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { openDatabase } from '../packages/server/src/db/open';
import { caseStore } from '../packages/server/src/cases/store';
import { lookStore } from '../packages/server/src/looks/store';
import { plantingStore } from '../packages/server/src/plantings/store';
import { treatmentStore } from '../packages/server/src/treatments/store';
import { walkStore } from '../packages/server/src/walks/store';
import { COURSE_ON, freshLap } from '../packages/core/src/api';
import { plantingNamed } from './garden';
import { Server } from './server';

const MIGRATIONS = join(__dirname, '../packages/server/migrations');
const TO = Date.parse('2026-05-23T00:00:00Z');
const YEAR = 365.25 * 86_400_000;
const id = (n: number) => `0197b000-0000-7000-8000-${n.toString().padStart(12, '0')}`;
const HOSTS = ['broad-bean', 'tomato', 'apple', 'rose', 'pea', 'potato', 'cabbage', 'carrot', 'lettuce', 'onion'];

/** A busy garden of so many years: 60 plantings, and a year 300 treatments, 60 cases, 50 walks with their counts. */
export function fill(folder: string, years: number): void {
  const db = openDatabase(folder, MIGRATIONS);
  const plantings = plantingStore(db);
  const treatments = treatmentStore(db);
  const [model] = treatments.newest({ after: null, limit: 50 }).filter((t) => t.sheet);
  const [bed] = plantings.list();
  if (!model || !bed) throw new Error('nothing to copy');
  db.transaction(() => {
    for (let i = 0; i < 60; i++) plantings.save({ ...bed, id: id(900_000 + i), name: `Bed ${i}`, hostId: HOSTS[i % HOSTS.length] ?? 'pea' });
    for (let i = 0; i < years * 300; i++) {
      const at = new Date(TO - i * (YEAR / 300)).toISOString();
      const plantingId = id(900_000 + (i % 60));
      const caseId = i % 5 === 0 ? id(i) : null;
      if (caseId) {
        lookStore(db).add({ id: id(100_000 + i), plantingId, caseId, at, answers: [], count: { affected: 3, looked: 20 }, note: '' });
        caseStore(db).save({
          id: caseId,
          revision: 1,
          plantingId,
          troubleId: 'black-bean-aphid',
          confidence: 0.9,
          lookId: id(100_000 + i),
          purpose: 'seen',
          stageSeen: null,
          openedAt: at,
          status: 'cleared',
          closedAt: at,
          laps: [freshLap()],
          course: COURSE_ON,
        });
      }
      treatments.add({ ...model, id: id(200_000 + i), plantingId, caseId, finishedAt: at, keepOutUntil: at, pickFrom: at });
    }
    for (let i = 0; i < years * 50; i++) {
      const at = new Date(TO - i * (YEAR / 50)).toISOString();
      walkStore(db).save({
        id: id(500_000 + i),
        revision: 1,
        startedAt: at,
        finishedAt: at,
        stops: Array.from({ length: 60 }, (_, s) => ({
          plantingId: id(900_000 + s),
          state: 'found' as const,
          at,
          note: '',
          tallies: [{ troubleId: 'black-bean-aphid', affected: (i + s) % 5, looked: 20 }],
        })),
      });
    }
  })();
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
}

export const READS = [
  '/garden',
  '/plantings',
  '/cases',
  '/cases?status=cleared',
  '/today',
  '/treatments',
  '/weather?hours=240',
  '/warnings',
  '/season',
  '/walks',
  '/shed-items',
  '/sheets',
  '/pulse',
];

/** What is worked out anew after each write: of the season, since the year began. */
const ANEW = ['/today', '/warnings', '/season', '/weather/climate?back=30'];

/** @param before each time, not counted */
export async function p99(server: Server, path: string, times = 200, before: () => Promise<unknown> = () => Promise.resolve()): Promise<number> {
  for (let i = 0; i < Math.min(20, times); i++) await (await server.ask('GET', path)).arrayBuffer();
  const took: number[] = [];
  for (let i = 0; i < times; i++) {
    await before();
    const from = performance.now();
    await (await server.ask('GET', path)).arrayBuffer();
    took.push(performance.now() - from);
  }
  took.sort((a, b) => a - b);
  return took[Math.floor(times * 0.99)] ?? Number.NaN;
}

/** A year at a time, as a station keeps them. */
const HOURS_A_FILE = 24 * 365;

/** Hours of every year, with the round of the day and of the year, and a wet spell in each fortnight. */
async function weatherOf(server: Server, n: number): Promise<void> {
  const end = Date.parse('2026-05-29T00:00:00Z');
  for (let year = n; year > 0; year--) {
    const first = end - year * HOURS_A_FILE * 3_600_000;
    const lines = Array.from({ length: HOURS_A_FILE }, (_, i) => {
      const at = new Date(first + i * 3_600_000);
      const season = -Math.cos((2 * Math.PI * (at.getTime() - Date.parse('2026-01-15T00:00:00Z'))) / YEAR);
      const warm = 10 + 8 * season - 4 * Math.cos((2 * Math.PI * (at.getUTCHours() - 3)) / 24);
      const wet = i % 336 < 20;
      return `${at.toISOString()},${warm.toFixed(1)},${wet ? 95 : 70},1.8,${wet ? 0.8 : 0},0.6`;
    });
    await server.ask('PUT', '/weather/file', ['at,temperatureC,humidityPct,windMs,rainMm,cloud', ...lines].join('\n'), 'text/csv');
  }
}

/** @returns the slowest p99 of the main reads, that of what is worked out anew after a write, and that of the walk plan and of a device's copy, ms */
export async function years(n: number): Promise<{ reads: number; walkPlan: number; snapshot: number; slowest: string; anew: readonly string[] }> {
  const server = await new Server({ SLEETBROOK_DEMO: '1' }).start();
  await server.kill();
  fill(server.folder, n);
  // a garden like any other: nothing of its weather is made up
  server.env = {};
  await server.start();
  await weatherOf(server, Math.min(n, 20));
  let reads = 0;
  let slowest = '';
  for (const path of READS) {
    const took = await p99(server, path);
    if (took > reads) [reads, slowest] = [took, path];
  }
  const walkPlan = await p99(server, '/walk-plan?except=none');
  const snapshot = await p99(server, '/snapshot', 20);
  const anew: string[] = [];
  for (const path of ANEW) {
    const took = await p99(server, path, 30, () => {
      const p = plantingNamed(randomUUID());
      return server.ask('PUT', `/plantings/${p.id}`, p);
    });
    anew.push(`${path} ${took.toFixed(0)}`);
  }
  await server.stop();
  return { reads, walkPlan, snapshot, slowest, anew };
}
