import { setTimeout as wait } from 'node:timers/promises';
import { decode, encode } from 'jpeg-js';
import type { Photo, Walk, WalkPlan } from '@sleetbrook/core/api';
import { v7 } from 'uuid';
import { shrink } from '../src/photos/shrink';
import { harness, planting } from './harness';

const server = harness();
const api = server.start();
afterAll(() => server.stop());
const get = (path: string) => api.get(`/api/v1${path}`);
const put = (path: string, body: object) => api.put(`/api/v1${path}`).send(body);
const NOW = '2026-05-24T18:00:00.000Z';
const stopOf = (plantingId: string) => ({ plantingId, state: 'to-do' as const, at: null, tallies: [], note: '' });
const walk = (plantingIds: string[]): Walk => ({ id: v7(), revision: 0, startedAt: NOW, finishedAt: null, stops: plantingIds.map(stopOf) });

describe('a walk', () => {
  test('is kept as it goes, taken up again and finished', async () => {
    const beds = [planting(), planting(), planting()];
    for (const b of beds) await put(`/plantings/${b.id}`, b).expect(200);
    const w = walk(beds.map((b) => b.id));
    const begun = (await put(`/walks/${w.id}`, w).expect(200)).body as Walk;
    expect(begun.stops.map((s) => s.plantingId)).toEqual(beds.map((b) => b.id));

    const half: Walk = {
      ...begun,
      stops: begun.stops.map((s, i) =>
        i === 0 ? { ...s, state: 'found', at: NOW, tallies: [{ troubleId: 'black-bean-aphid', affected: 3, looked: 10 }], note: 'south side' } : s,
      ),
    };
    await put(`/walks/${w.id}`, half).expect(200);
    const again = (await get(`/walks/${w.id}`)).body as Walk;
    expect(again.stops[0]).toMatchObject({ state: 'found', note: 'south side', tallies: [{ troubleId: 'black-bean-aphid', affected: 3, looked: 10 }] });
    expect(again.finishedAt).toBeNull();

    await put(`/walks/${w.id}`, { ...again, finishedAt: '2026-05-24T18:20:00.000Z' }).expect(200);
    expect(((await get('/walks')).body as Walk[])[0]).toMatchObject({ id: w.id, finishedAt: '2026-05-24T18:20:00.000Z' });
  });

  test('sent again is one walk; changed elsewhere is a conflict', async () => {
    const p = planting();
    await put(`/plantings/${p.id}`, p);
    const w = walk([p.id]);
    await put(`/walks/${w.id}`, w).expect(200);
    expect((await put(`/walks/${w.id}`, w).expect(200)).body.revision).toBe(1);
    await put(`/walks/${w.id}`, { ...w, revision: 1, finishedAt: NOW }).expect(200);
    await put(`/walks/${w.id}`, { ...w, revision: 1 }).expect(409);
  });

  test.each([
    ['more affected than looked at', { tallies: [{ troubleId: 'slugs', affected: 5, looked: 2 }] }],
    ['a trouble nobody knows', { tallies: [{ troubleId: 'triffid', affected: 1, looked: 2 }] }],
    ['a planting that is not there', { plantingId: v7() }],
    ['a state nobody knows', { state: 'lost' }],
  ])('with %s is refused at its field', async (_what, change) => {
    const p = planting();
    await put(`/plantings/${p.id}`, p);
    const w = walk([p.id]);
    const res = await put(`/walks/${w.id}`, { ...w, stops: [{ ...w.stops[0], ...change }] }).expect(422);
    expect(res.body.errors[0].field).toMatch(/^stops\.0/);
    await get(`/walks/${w.id}`).expect(404);
  });

  test('a planting twice on the way, or an end before the beginning', async () => {
    const p = planting();
    await put(`/plantings/${p.id}`, p);
    const w = walk([p.id, p.id]);
    await put(`/walks/${w.id}`, w).expect(422);
    await put(`/walks/${w.id}`, { ...walk([p.id]), id: w.id, finishedAt: '2020-01-01T00:00:00.000Z' }).expect(422);
  });
});

describe('what to look for', () => {
  test('the usual of plant and month, then what was found before, with the last count', async () => {
    const p = planting({ hostId: 'broad-bean' });
    await put(`/plantings/${p.id}`, p);
    const watchOf = async (except = '') => ((await get(`/walk-plan?except=${except}`)).body as WalkPlan).find((x) => x.plantingId === p.id)?.watch ?? [];
    const before = await watchOf();
    expect(before.length).toBeGreaterThan(2);
    expect(before.every((w) => w.before === null && w.question.endsWith('?'))).toBe(true);

    const w = {
      ...walk([p.id]),
      stops: [{ ...stopOf(p.id), state: 'found' as const, at: NOW, tallies: [{ troubleId: 'chocolate-spot', affected: 2, looked: 9 }] }],
    };
    await put(`/walks/${w.id}`, w).expect(200);
    expect((await watchOf())[0]).toMatchObject({ troubleId: 'chocolate-spot', why: 'found-before', before: { affected: 2, looked: 9 } });
    expect((await watchOf(w.id)).some((x) => x.before !== null)).toBe(false);
  });

  test('a grower who bears more has a higher threshold', async () => {
    const easy = planting({ hostId: 'rose', tolerance: 'easy-going' });
    const strict = planting({ hostId: 'rose', tolerance: 'spotless' });
    for (const p of [easy, strict]) await put(`/plantings/${p.id}`, p).expect(200);
    const plan = (await get('/walk-plan')).body as WalkPlan;
    const threshold = (id: string) => plan.find((x) => x.plantingId === id)?.watch.find((w) => w.troubleId === 'greenfly')?.threshold ?? 0;
    expect(threshold(easy.id)).toBe(4 * threshold(strict.id));
  });
});

const send = (id: string, lookId: string, bytes: Buffer, type = 'image/jpeg') =>
  api.put(`/api/v1/photos/${id}?lookId=${lookId}&takenAt=${NOW}`).set('Content-Type', type).send(bytes);
/** A picture whose upper left quarter is red, the rest green, so that it can be seen which way up it is. */
const picture = async (width: number, height: number) => {
  const data = Buffer.alloc(width * height * 4, 255);
  for (let i = 0; i < width * height; i++) {
    const red = i % width < width / 2 && i < (width * height) / 2;
    data.set(red ? [200, 20, 20] : [20, 160, 20], i * 4);
  }
  return encode({ data, width, height }, 90).data;
};
/** The same picture with a place and time hidden in it: an APP1 segment straight after the start. */
const withHiddenData = (jpeg: Buffer, orientation = 1) => {
  const tiff = Buffer.from([0x4d, 0x4d, 0, 0x2a, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, orientation, 0, 0, 0, 0, 0, 0]);
  const payload = Buffer.concat([Buffer.from('Exif\0\0'), tiff, Buffer.from('GPS 55.2 -1.9 Larkfold')]);
  const length = payload.length + 2;
  return Buffer.concat([jpeg.subarray(0, 2), Buffer.from([0xff, 0xe1, length >> 8, length & 255]), payload, jpeg.subarray(2)]);
};

describe('photographs', () => {
  test('are kept smaller and without their hidden data', async () => {
    const look = v7();
    const id = v7();
    const sent = withHiddenData(await picture(2400, 1200));
    const kept = (await send(id, look, sent).expect(200)).body as Photo;
    expect(kept).toMatchObject({ id, lookId: look, width: 1600, height: 800 });
    const back = (await get(`/photos/${id}`).expect(200)).body as Buffer;
    expect(back.includes('Larkfold')).toBe(false);
    expect(back.includes('Exif')).toBe(false);
    expect(back.length).toBe(kept.bytes);
    expect((await get(`/photos?look=${look}`)).body).toHaveLength(1);
  });

  test('taken on its side is turned upright', async () => {
    const { width, height, jpeg } = await shrink(withHiddenData(await picture(400, 200), 6));
    expect([width, height]).toEqual([200, 400]);
    // orientation 6: the stored picture's left edge is the top, so red has come to the upper right
    const { data } = decode(jpeg);
    const red = (x: number, y: number) => (data[(y * width + x) * 4] ?? 0) > 128;
    expect([red(150, 50), red(50, 50), red(150, 350), red(50, 350)]).toEqual([true, false, false, false]);
  });

  test('sent twice is one; another picture under the same id is a conflict', async () => {
    const look = v7();
    const id = v7();
    const one = await picture(300, 200);
    await send(id, look, one).expect(200);
    await send(id, look, one).expect(200);
    await send(id, look, await picture(301, 200)).expect(409);
    expect((await get(`/photos?look=${look}`)).body).toHaveLength(1);
  });

  test('a text file named .jpg, an empty body and a broken picture are refused in words', async () => {
    const look = v7();
    for (const bytes of [Buffer.from('this is a shopping list'), Buffer.alloc(0), (await picture(300, 200)).subarray(0, 200)]) {
      const res = await send(v7(), look, bytes).expect(422);
      expect(res.body.errors[0].message).toMatch(/picture|photograph/);
    }
    expect((await get(`/photos?look=${look}`)).body).toEqual([]);
  });

  test('12 MB is refused with its limit, and nothing else is changed', async () => {
    const look = v7();
    await send(v7(), look, await picture(300, 200)).expect(200);
    const res = await send(v7(), look, Buffer.alloc(12_000_000, 1)).expect(413);
    expect(res.body.detail).toMatch(/over 10 MB/);
    expect((await get(`/photos?look=${look}`)).body).toHaveLength(1);
  });

  test('forty at once: twelve are kept, the others are said to be too many', async () => {
    const look = v7();
    const one = await picture(200, 150);
    // who is one too many at this moment comes again, as the app does
    const sent = async () => {
      const id = v7();
      for (;;) {
        const answer = await send(id, look, one);
        if (answer.status !== 429) return answer;
        await wait(50);
      }
    };
    const answers = await Promise.all(Array.from({ length: 40 }, sent));
    expect(answers.filter((a) => a.status === 200)).toHaveLength(12);
    for (const a of answers.filter((x) => x.status !== 200)) expect(a.body.errors[0].message).toMatch(/12 photographs at most/);
    expect((await get(`/photos?look=${look}`)).body).toHaveLength(12);
  });

  test('removed, it is gone; the removal can be taken back', async () => {
    const look = v7();
    const id = v7();
    await send(id, look, await picture(200, 150)).expect(200);
    await api.delete(`/api/v1/photos/${id}`).expect(204);
    await get(`/photos/${id}`).expect(404);
    await api.post(`/api/v1/photos/${id}/restore`).expect(200);
    await get(`/photos/${id}`).expect(200);
  });

  test('of a look stand in its case', async () => {
    const p = planting();
    await put(`/plantings/${p.id}`, p);
    const look = { id: v7(), plantingId: p.id, caseId: null, at: NOW, answers: [{ signId: 'dark-crowd', seen: true }], count: null, note: '' };
    await put(`/looks/${look.id}`, look).expect(200);
    await send(v7(), look.id, await picture(200, 150)).expect(200);
    const lap = {
      controlId: null,
      sheetId: null,
      also: [],
      whyHigher: '',
      decidedAt: null,
      mixedAt: null,
      plannedFor: null,
      treatmentId: null,
      lookAgainOn: null,
      afterLookId: null,
      effectPercent: null,
    };
    const id = v7();
    await put(`/cases/${id}`, {
      id,
      revision: 0,
      plantingId: p.id,
      troubleId: 'black-bean-aphid',
      confidence: 0.9,
      lookId: look.id,
      stageSeen: null,
      openedAt: NOW,
      status: 'open',
      closedAt: null,
      laps: [lap],
    }).expect(200);
    expect((await get(`/cases/${id}`)).body.photos).toHaveLength(1);
  });

  test('a look with a sign that nobody knows is refused', async () => {
    const p = planting();
    await put(`/plantings/${p.id}`, p);
    const id = v7();
    const res = await put(`/looks/${id}`, {
      id,
      plantingId: p.id,
      caseId: null,
      at: NOW,
      answers: [{ signId: 'no-such-sign', seen: true }],
      count: null,
      note: '',
    }).expect(422);
    expect(res.body.errors[0].field).toBe('answers.0.signId');
  });
});
