import type { ClimateView, SeasonView, Warnings } from '@sleetbrook/core/api';
import { PDFDocument } from 'pdf-lib';
import { v7 } from 'uuid';
import { plantingOf } from '../../core/test/planting-of';
import { courseFacts } from '../../core/test/season-of';
import { boardPdf } from '../src/print/board';
import { harness, planting, treatment } from './harness';

const NOW = '2026-05-10T08:00:00.000Z';
const HEAD = 'at,temperatureC,humidityPct,windMs,rainMm,cloud';
const KENT = { latitude: 51.3, longitude: 0.5, zone: 'Europe/London', country: 'GB', units: 'metric', setUp: true };
const API = '/api/v1';

async function orchard(now = NOW) {
  const h = harness({ demo: false, now });
  let api = h.start();
  const get = async <T = Record<string, unknown>>(path: string) => (await api.get(`${API}${path}`).expect(200)).body as T;
  const put = (path: string, body: object) => api.put(`${API}${path}`).send(body);
  await put('/garden', { ...(await get('/garden')), ...KENT }).expect(200);
  const tree = planting({ name: 'Old apple', hostId: 'apple', stage: 'growing' });
  await put(`/plantings/${tree.id}`, tree).expect(200);
  const load = (from: string, n: number, of: (i: number) => string) =>
    api
      .put(`${API}/weather/file`)
      .set('Content-Type', 'text/csv')
      .send([HEAD, ...Array.from({ length: n }, (_, i) => `${new Date(Date.parse(from) + i * 3_600_000).toISOString()},${of(i)}`)].join('\n'))
      .expect(200);
  const pdf = (path: string) => api.get(`${API}${path}`).expect(200);
  return { h, tree, get, put, pdf, load, remove: (path: string) => api.delete(`${API}${path}`), to: (at: string) => (api = h.restart(at)) };
}
const reading = (change: object = {}) => ({
  id: '2026-05-10',
  revision: 0,
  at: '2026-05-10T07:00:00.000Z',
  leastC: 5,
  mostC: 17,
  rainMm: 0,
  rainFell: null,
  ...change,
});

describe('what is read off by hand', () => {
  test('is kept by its day, corrected by who has seen it, and there after a restart', async () => {
    const { h, get, put, remove, to } = await orchard();
    await put('/readings/2026-05-10', reading()).expect(200, reading({ revision: 1 }));
    // sent again it is the same
    await put('/readings/2026-05-10', reading()).expect(200, reading({ revision: 1 }));
    await put('/readings/2026-05-10', reading({ leastC: 4 })).expect(409);
    await put('/readings/2026-05-10', reading({ revision: 1, leastC: 4 })).expect(200);
    to('2026-05-11T08:00:00.000Z');
    expect(await get('/readings')).toEqual([reading({ revision: 2, leastC: 4 })]);
    await remove('/readings/2026-05-10').expect(204);
    await remove('/readings/2026-05-10').expect(404);
    h.stop();
  });

  test.each([
    ['the least above the most', { leastC: 18 }, 'leastC'],
    ['rain below nothing', { rainMm: -1 }, 'rainMm'],
    ['a flood', { rainMm: 1001 }, 'rainMm'],
    ['hotter than anywhere', { mostC: 61 }, 'mostC'],
    ['of another day', { at: '2026-05-09T22:30:00.000Z' }, 'at'],
    ['still to come', { id: '2026-05-10', at: '2026-05-10T09:00:00.000Z' }, 'at'],
    ['rain at no time of day', { rainFell: 'noon' }, 'rainFell'],
    ['of a day that is none', { id: '2026-05-32' }, 'id'],
  ])('%s is refused where it stands', async (_, change, field) => {
    const { h, put, get } = await orchard();
    const sent = reading(change);
    const res = await put(`/readings/${sent.id}`, sent).expect(422);
    expect(res.body.errors[0].field).toBe(field);
    expect(await get('/readings')).toEqual([]);
    h.stop();
  });

  test('just before midnight by the garden’s clock it is of that day', async () => {
    const { h, put } = await orchard('2026-05-10T22:59:30.000Z');
    await put('/readings/2026-05-10', reading({ at: '2026-05-10T22:59:00.000Z' })).expect(200);
    h.stop();
  });
});

describe('whose hour it is', () => {
  const at = async (get: <T>(path: string) => Promise<T>, iso: string) =>
    (await get<{ hours: { at: string; source: string; certainty: string; temperatureC: number; rainMm: number }[] }>(`/weather?from=${iso}&hours=1`)).hours[0];

  test('a forecast gives way to a reading, that to a look at the sky in its hour, and all to what was measured', async () => {
    const { h, get, put, load, to } = await orchard('2026-05-09T12:00:00.000Z');
    const HOUR = '2026-05-10T05:00:00.000Z';
    await load('2026-05-09T06:00:00.000Z', 48, () => '30,40,1,0,0');
    expect(await at(get, HOUR)).toMatchObject({ source: 'file', certainty: 'forecast', temperatureC: 30 });
    to(NOW);
    await put('/readings/2026-05-10', reading({ rainMm: 6, rainFell: 'night' })).expect(200);
    expect(await at(get, HOUR)).toMatchObject({ source: 'reading', certainty: 'reckoned', rainMm: 1 });
    // hours that were measured when they were loaded stay what they are
    expect(await at(get, '2026-05-09T11:00:00.000Z')).toMatchObject({ source: 'file', certainty: 'known', temperatureC: 30 });
    const sky = {
      id: v7(),
      at: '2026-05-10T05:30:00.000Z',
      temperatureC: 6,
      wind: 'leaves-rustle',
      leaf: 'wet',
      sky: 'overcast',
      rainTonight: 'yes',
      twoDays: null,
    };
    await put(`/weather/sky/${sky.id}`, sky).expect(200);
    expect(await at(get, HOUR)).toMatchObject({ source: 'seen', certainty: 'known', temperatureC: 6 });
    // what the look guessed of later hours gives way to what was read of them
    expect((await at(get, '2026-05-10T06:00:00.000Z'))?.source).toBe('reading');
    await load('2026-05-10T04:00:00.000Z', 3, () => '9,80,2,0.2,1');
    expect(await at(get, HOUR)).toMatchObject({ source: 'file', certainty: 'known', temperatureC: 9 });
    h.stop();
  });

  test('files add up: measured hours are never forgotten for a forecast, and a later forecast takes the place of an earlier one', async () => {
    const { h, get, load, to } = await orchard('2026-05-09T12:00:00.000Z');
    await load('2026-05-08T00:00:00.000Z', 96, () => '10,60,2,0,0.5');
    to('2026-05-09T18:00:00.000Z');
    await load('2026-05-09T18:00:00.000Z', 48, () => '12,60,2,0,0.5');
    const span = await get('/weather/file');
    expect(span).toEqual({ first: '2026-05-08T00:00:00.000Z', last: '2026-05-11T23:00:00.000Z', hours: 96 });
    expect([(await at(get, '2026-05-09T11:00:00.000Z'))?.temperatureC, (await at(get, '2026-05-10T11:00:00.000Z'))?.temperatureC]).toEqual([10, 12]);
    // an older clock's forecast of an hour that was measured meanwhile
    to('2026-05-10T12:00:00.000Z');
    await load('2026-05-10T00:00:00.000Z', 10, () => '20,60,2,0,0.5');
    to('2026-05-09T20:00:00.000Z');
    await load('2026-05-10T00:00:00.000Z', 10, () => '5,60,2,0,0.5');
    to('2026-05-10T12:00:00.000Z');
    expect(await at(get, '2026-05-10T05:00:00.000Z')).toMatchObject({ temperatureC: 20, certainty: 'known' });
    h.stop();
  });

  test('a record keeps no weather that only a thermometer and a gauge told of: nobody read the wind', async () => {
    const { h, put, tree } = await orchard();
    await put('/readings/2026-05-10', reading()).expect(200);
    const t = treatment(tree.id, null, { controlId: 'captan-spray', amount: 20, waterMl: 4000, finishedAt: '2026-05-10T06:30:00.000Z' });
    expect((await put(`/treatments/${t.id}`, t).expect(200)).body.weather).toBeNull();
    h.stop();
  });
});

describe('what the weather lets in', () => {
  const scab = async (get: <T>(path: string) => Promise<T>) => (await get<Warnings>('/warnings')).warnings.find((w) => w.troubleId === 'apple-scab');

  test('is told of the plants that grow here, hushed, and carried along by a device', async () => {
    const { h, tree, get, put, load } = await orchard();
    expect((await get<Warnings>('/warnings')).blind).toContainEqual(expect.objectContaining({ why: 'No weather is known here.' }));
    await load('2026-05-10T00:00:00.000Z', 96, (i) => `14,60,2,${i >= 54 && i < 66 ? 1 : 0},0.5`);
    expect(await scab(get)).toMatchObject({ is: 'coming', sure: 'forecast', at: '2026-05-12T13:00:00.000Z', plantingId: tree.id });
    const hush = { id: v7(), revision: 0, plantingId: tree.id, modelId: 'scab-mills', until: '2026-05-12T08:00:00.000Z', on: true };
    await put(`/hushes/${hush.id}`, hush).expect(200);
    expect((await scab(get))?.hushed).toEqual({ until: '2026-05-12T08:00:00.000Z' });
    await put(`/hushes/${hush.id}`, { ...hush, revision: 1, on: false }).expect(200);
    expect((await scab(get))?.hushed).toBeNull();
    const copy = await get<{ warnings: Warnings; readings: unknown[]; hushes: unknown[] }>('/snapshot');
    expect(copy.warnings.warnings.some((w) => w.troubleId === 'apple-scab')).toBe(true);
    expect(copy.hushes).toHaveLength(1);
    await put(`/hushes/${v7()}`, hush).expect(422);
    const nobody = { ...hush, id: v7(), plantingId: v7() };
    await put(`/hushes/${nobody.id}`, nobody).expect(422);
    h.stop();
  });

  test('warmth is counted from the day that was said, and that day can be taken back', async () => {
    const { h, tree, get, put, load } = await orchard();
    await load('2026-04-01T00:00:00.000Z', 40 * 24, (i) => `${i % 24 < 12 ? 12 : 24},60,2,0,0.5`);
    const asks = async () => (await get<Warnings>('/warnings')).blind.some((b) => b.troubleId === 'codling-moth' && b.asks === 'first-moth');
    expect(await asks()).toBe(true);
    const seen = { id: v7(), revision: 0, plantingId: tree.id, what: 'first-moth', on: '2026-04-18' };
    await put(`/milestones/${seen.id}`, { ...seen, on: '2026-05-11' }).expect(422);
    await put(`/milestones/${seen.id}`, seen).expect(200);
    expect(await asks()).toBe(false);
    const hatch = (await get<Warnings>('/warnings')).warnings.find((w) => w.troubleId === 'codling-moth');
    expect(hatch).toMatchObject({ is: 'due', sure: 'known' });
    // 8 °C-days a day since 18 April, the first of them in the sum: the eighteenth is the first with 139
    expect(hatch?.at).toBe('2026-05-04T23:00:00.000Z');
    await put(`/milestones/${seen.id}`, { ...seen, revision: 1, on: null }).expect(200);
    expect(await asks()).toBe(true);
    h.stop();
  });

  test('days are told in figures, as far back as is asked, and no further than a screen can show', async () => {
    const { h, get, load } = await orchard();
    await load('2026-05-08T23:00:00.000Z', 48, (i) => `${i % 24 < 12 ? 8 : 20},60,2,${i === 3 ? 2 : 0},0.5`);
    const days = await get<Record<string, unknown>[]>('/weather/days?back=3');
    expect(days.map((d) => [d['day'], d['rainMm'], d['whole'], d['sure']])).toEqual([
      ['2026-05-09', 2, true, 'known'],
      ['2026-05-10', 0, true, 'forecast'],
    ]);
    await expect(get('/weather/days?back=801')).rejects.toThrow();
    h.stop();
  });
});

describe('where nobody foretells', () => {
  const of = (i: number) => `${i % 24 < 12 ? 6 : 16},60,2,${i % 72 === 40 ? 3 : 0},0.5`;

  test('a new garden goes by its latitude, and says so; no rain is made up', async () => {
    const { h, get } = await orchard();
    const usual = await get<ClimateView>('/weather/climate');
    expect(usual).toMatchObject({ basis: 'normal', years: 0, earlier: [], chances: [], thisYear: null });
    expect(usual.ahead.map((d) => d.day)[0]).toBe('2026-05-10');
    expect(usual.ahead).toHaveLength(10);
    for (const d of usual.ahead) expect([d.wetInTen, d.least.low < d.most.high]).toEqual([null, true]);
    await expect(get('/weather/climate?back=0')).rejects.toThrow();
    h.stop();
  });

  test('with three years of its own it goes by them, lays them beside this one, and says what they would let in', async () => {
    const { h, get, load } = await orchard();
    for (const year of [2023, 2024, 2025]) await load(`${year}-04-01T00:00:00.000Z`, 60 * 24, of);
    // this year the last fortnight, and two days foretold
    await load('2026-04-20T00:00:00.000Z', 22 * 24, of);
    const usual = await get<ClimateView>('/weather/climate?back=14');
    expect(usual.basis).toBe('own');
    expect(usual.years).toBe(3);
    expect(usual.earlier.map((y) => [y.year, y.days])).toEqual([
      [2025, 14],
      [2024, 14],
      [2023, 14],
    ]);
    expect(usual.thisYear?.days).toBe(14);
    expect(usual.usualWarmth).toHaveLength(14);
    // 6 and 16 °C: what was, is what is usual
    expect(usual.ahead.map((d) => d.day)[0]).toBe('2026-05-12');
    for (const d of usual.ahead) {
      expect(d.least.likely).toBeCloseTo(6, 0);
      expect(d.most.likely).toBeCloseTo(16, 0);
      expect([3, 4]).toContain(d.wetInTen);
    }
    expect(usual.chances.every((c) => c.years >= 1 && c.years <= 3)).toBe(true);
    h.stop();
  });
});

describe('the season on paper', () => {
  const pageOf = async (bytes: Buffer) => {
    const doc = await PDFDocument.load(bytes);
    const [page] = doc.getPages();
    return { pages: doc.getPageCount(), title: doc.getTitle(), wide: (page?.getWidth() ?? 0) > (page?.getHeight() ?? 0) };
  };

  test('is one page lying on its side, with nothing on it or with thirty courses, and names that no printer has a shape for', async () => {
    const { h, get } = await orchard();
    const view = await get<SeasonView>('/season');
    const empty = await boardPdf({ ...view, garden: { ...view.garden, name: 'Creek Lot' } });
    expect(await pageOf(Buffer.from(empty))).toEqual({ pages: 1, title: 'Creek Lot: the season from Sun 10 May', wide: true });
    const leek = plantingOf('p', 'leek', { name: 'Порей 🌱 with a name that is longer than any column could hold, whatever its letters' });
    const many = Array.from({ length: 30 }, (_, i) =>
      courseFacts({ id: `c${i}`, planting: { ...leek, id: `p${i}` }, trouble: 'leek-moth', control: 'bt-spray', done: ['2026-05-02T19:00:00.000Z'] }),
    );
    const courses = many as unknown as SeasonView['courses'];
    const full = await boardPdf({ ...view, courses });
    expect(full.length).toBeGreaterThan(empty.length);
    expect((await pageOf(Buffer.from(full))).pages).toBe(1);
    h.stop();
  });

  test('is served to whoever asks for it', async () => {
    const { h, pdf } = await orchard();
    const res = await pdf('/season/board.pdf');
    expect(res.type).toBe('application/pdf');
    expect((await pageOf(res.body as Buffer)).pages).toBe(1);
    h.stop();
  });
});
