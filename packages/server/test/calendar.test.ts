import type { Case, SeasonView } from '@sleetbrook/core/api';
import { factsOf, seasonOf } from '@sleetbrook/core/season';
import ICAL from 'ical.js';
import { v7 } from 'uuid';
import { harness, planting, treatment } from './harness';

const API = '/api/v1';
const NOW = '2026-06-14T17:00:00.000Z';
const HEAD = 'at,temperatureC,humidityPct,windMs,rainMm,cloud';

/** A garden in which leeks get Bt every few days; one round was done. */
async function running() {
  const h = harness({ demo: false, now: NOW });
  let api = h.start();
  const get = async <T = Record<string, unknown>>(path: string) => (await api.get(`${API}${path}`).expect(200)).body as T;
  const put = (path: string, body: object) => api.put(`${API}${path}`).send(body);
  await put('/garden', { ...(await get('/garden')), latitude: 54.9, longitude: -1.6, zone: 'Europe/London', country: 'GB', setUp: true }).expect(200);
  const bed = planting({ name: 'Leeks, north', hostId: 'leek', stage: 'growing', place: 'Bed 3', areaM2: 6, pickFrom: '2026-09-01', pickUntil: '2026-10-01' });
  await put(`/plantings/${bed.id}`, bed).expect(200);
  const rows = Array.from({ length: 24 * 12 }, (_, i) => `${new Date(Date.parse('2026-06-10T00:00:00Z') + i * 3_600_000).toISOString()},15,65,2,0,0.6`);
  await api
    .put(`${API}/weather/file`)
    .set('Content-Type', 'text/csv')
    .send([HEAD, ...rows].join('\n'))
    .expect(200);
  const look = { id: v7(), plantingId: bed.id, caseId: null, at: '2026-06-10T08:00:00.000Z', answers: [], count: { affected: 6, looked: 30 }, note: '' };
  await put(`/looks/${look.id}`, look).expect(200);
  const lap = {
    controlId: 'bt-spray',
    sheetId: null,
    also: [],
    whyHigher: '',
    decidedAt: look.at,
    mixedAt: look.at,
    plannedFor: null,
    treatmentId: null as string | null,
    lookAgainOn: null as string | null,
    afterLookId: null,
    effectPercent: null,
  };
  const found = {
    id: v7(),
    revision: 0,
    plantingId: bed.id,
    troubleId: 'leek-moth',
    confidence: 1,
    lookId: look.id,
    purpose: 'seen',
    stageSeen: null,
    openedAt: look.at,
    status: 'open',
    closedAt: null,
    laps: [lap],
  };
  await put(`/cases/${found.id}`, found).expect(200);
  const done = treatment(bed.id, found.id, { controlId: 'bt-spray', finishedAt: '2026-06-12T19:30:00.000Z', areaM2: 6, amount: null, waterMl: null });
  await put(`/treatments/${done.id}`, done).expect(200);
  const read = async () => (await get<{ case: Case }>(`/cases/${found.id}`)).case;
  const kept = await read();
  await put(`/cases/${found.id}`, { ...kept, laps: [{ ...lap, treatmentId: done.id, lookAgainOn: '2026-06-20' }] }).expect(200);
  return { h, bed, caseId: found.id, get, put, read, api: () => api, to: (at: string) => (api = h.restart(at)) };
}

/** What a calendar makes of the feed. */
async function events(api: Awaited<ReturnType<typeof running>>['api'], path: string) {
  const res = await api().get(path).expect(200);
  expect(res.headers['content-type']).toMatch(/^text\/calendar/);
  const calendar = new ICAL.Component(ICAL.parse(res.text) as string);
  return calendar.getAllSubcomponents('vevent').map((v) => ({
    uid: String(v.getFirstPropertyValue('uid')),
    status: String(v.getFirstPropertyValue('status')),
    sequence: Number(v.getFirstPropertyValue('sequence')),
    title: String(v.getFirstPropertyValue('summary')),
    text: String(v.getFirstPropertyValue('description')),
    start: (v.getFirstPropertyValue('dtstart') as InstanceType<typeof ICAL.Time>).toJSDate(),
    day: (v.getFirstPropertyValue('dtstart') as InstanceType<typeof ICAL.Time>).isDate,
    rings: v.getAllSubcomponents('valarm').map((a) => String(a.getFirstPropertyValue('trigger'))),
    place: v.getFirstPropertyValue('location'),
  }));
}
const make = async (api: Awaited<ReturnType<typeof running>>['api']) => (await api().post(`${API}/calendar`).expect(200)).body.path as string;

test('the rounds ahead stand in the feed with their hour, their words, their ring and their look', async () => {
  const { h, api, caseId, get } = await running();
  expect(await get('/calendar')).toEqual({ madeAt: null, path: null });
  const path = await make(api);
  const told = await events(api, path);
  const season = seasonOf(factsOf(await get<SeasonView>('/season')));
  const rounds = season.courses.flatMap((c) => c.rounds);
  expect(rounds.length).toBeGreaterThan(1);
  const first = told.find((e) => e.uid.startsWith(`round-${caseId}-2@`));
  expect(first).toMatchObject({ title: 'Leeks, north: 2nd round, Bt spray', place: 'Bed 3', rings: ['-PT60M'], status: 'CONFIRMED' });
  expect(first?.start.getTime()).toBe(rounds[0]?.from);
  expect(first?.text).toMatch(/look at the sky before mixing.*The label decides\./);
  expect(told.find((e) => e.uid.startsWith(`look-${caseId}`))).toMatchObject({ day: true, rings: [] });
  expect(told.filter((e) => e.uid.startsWith('round-'))).toHaveLength(rounds.length);
  const one = await api().get(`${API}/calendar/event/round-${caseId}-2`).expect(200);
  expect(new ICAL.Component(ICAL.parse(one.text) as string).getAllSubcomponents('vevent')).toHaveLength(1);
  await api().get(`${API}/calendar/event/round-${caseId}-99`).expect(404);
  h.stop();
});

test('a move keeps its id with a higher count, what is off is called off, and what was done is left alone', async () => {
  const { h, api, caseId, read, put, to } = await running();
  const path = await make(api);
  const before = await events(api, path);
  to('2026-06-14T17:20:00.000Z');
  const c = await read();
  await put(`/cases/${caseId}`, { ...c, course: { state: 'on', saidAt: NOW, fixed: ['2026-06-19'] } }).expect(200);
  const moved = await events(api, path);
  const of = (list: typeof before, n: number) => list.find((e) => e.uid.startsWith(`round-${caseId}-${String(n)}@`));
  expect(of(moved, 2)?.uid).toBe(of(before, 2)?.uid);
  expect(of(moved, 2)?.sequence).toBeGreaterThan(of(before, 2)?.sequence ?? Infinity);
  const paused = await read();
  await put(`/cases/${caseId}`, { ...paused, course: { state: 'paused', saidAt: NOW, fixed: [] } }).expect(200);
  const off = (await events(api, path)).filter((e) => e.uid.startsWith('round-'));
  expect(off.length).toBeGreaterThan(0);
  expect(off.every((e) => e.status === 'CANCELLED' && e.rings.length === 0)).toBe(true);
  // taken up again it is on again, under the same id
  const up = await read();
  await put(`/cases/${caseId}`, { ...up, course: { state: 'on', saidAt: NOW, fixed: [] } }).expect(200);
  expect(of(await events(api, path), 2)?.status).toBe('CONFIRMED');
  h.stop();
});

test('the address is its key: a new one ends the old, ended it opens nothing, and no guess does', async () => {
  const { h, api } = await running();
  const first = await make(api);
  const second = await make(api);
  await api().get(first).expect(404);
  await api().get(second).expect(200);
  await api()
    .get(`${second.slice(0, -8)}AAAA.ics`)
    .expect(404);
  await api().get(`${API}/calendar/feed/short.ics`).expect(404);
  await api().delete(`${API}/calendar`).expect(204);
  await api().get(second).expect(404);
  h.stop();
});

test('what the season is laid out from counts clean looks and walks together, and leaves out what waits to be decided', async () => {
  const { h, get, put, bed, caseId, read } = await running();
  const view = await get<SeasonView>('/season');
  expect(view.courses).toHaveLength(1);
  expect(view.courses[0]).toMatchObject({ cleanCounts: 0, planting: { id: bed.id } });
  const walk = (at: string, affected: number) => {
    const id = v7();
    return put(`/walks/${id}`, {
      id,
      revision: 0,
      startedAt: at,
      finishedAt: at,
      stops: [{ plantingId: bed.id, state: affected > 0 ? 'found' : 'clear', at, tallies: [{ troubleId: 'leek-moth', affected, looked: 30 }], note: '' }],
    }).expect(200);
  };
  await walk('2026-06-13T08:00:00.000Z', 0);
  await walk('2026-06-14T08:00:00.000Z', 0);
  const clean = await get<SeasonView>('/season');
  expect(clean.courses[0]?.cleanCounts).toBe(2);
  expect(seasonOf(factsOf(clean)).courses[0]).toMatchObject({ state: 'over', rounds: [] });
  const looked = v7();
  await put(`/looks/${looked}`, { id: looked, plantingId: bed.id, caseId, at: NOW, answers: [], count: { affected: 0, looked: 30 }, note: '' }).expect(200);
  const c = await read();
  await put(`/cases/${caseId}`, { ...c, laps: c.laps.map((l) => ({ ...l, afterLookId: looked, effectPercent: 100 })) }).expect(200);
  expect((await get<SeasonView>('/season')).courses).toEqual([]);
  h.stop();
});

test('days away and how a course stands are there after a restart; what is the wrong way round is refused', async () => {
  const { h, get, put, caseId, read, to } = await running();
  const garden = await get('/garden');
  const refused = await put('/garden', { ...garden, away: [{ from: '2026-06-20', to: '2026-06-18' }] }).expect(422);
  expect(refused.body.errors[0]).toEqual({ field: 'away.0.to', message: 'The last day is before the first.' });
  await put('/garden', { ...garden, away: [{ from: '2026-06-16', to: '2026-06-25' }] }).expect(200);
  await put(`/cases/${caseId}`, { ...(await read()), course: { state: 'paused', saidAt: NOW, fixed: [] } }).expect(200);
  to('2026-06-15T17:00:00.000Z');
  expect((await get<{ away: unknown }>('/garden')).away).toEqual([{ from: '2026-06-16', to: '2026-06-25' }]);
  expect((await read()).course).toEqual({ state: 'paused', saidAt: NOW, fixed: [] });
  h.stop();
});
