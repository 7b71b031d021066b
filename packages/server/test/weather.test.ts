import fc from 'fast-check';
import { hourlyWeatherSchema } from '@sleetbrook/core/weather';
import { parseWeatherCsv } from '../src/weather/csv';
import { standInWeather } from '../src/weather-station/stand-in';
import { harness, planting, treatment } from './harness';
import { runs } from '../../core/test/runs';

const LARKFOLD = { latitude: 55.2, longitude: -1.9 };
const HEAD = 'at,temperatureC,humidityPct,windMs,rainMm,cloud';
const rows = (from: string, n: number) => Array.from({ length: n }, (_, i) => `${new Date(Date.parse(from) + i * 3_600_000).toISOString()},12,70,3,0,0.5`);
const mean = (ns: number[]) => ns.reduce((a, b) => a + b, 0) / ns.length;

describe('the stand-in', () => {
  test('is the same for the same seed, another for another, and one series however it is cut', () => {
    const a = standInWeather(new Date('2026-05-24T18:10:00Z'), 72, LARKFOLD, 6);
    expect(standInWeather(new Date('2026-05-24T18:59:00Z'), 72, LARKFOLD, 6)).toEqual(a);
    expect(standInWeather(new Date('2026-05-25T18:00:00Z'), 48, LARKFOLD, 6)).toEqual(a.slice(24));
    expect(standInWeather(new Date('2026-05-24T18:10:00Z'), 72, LARKFOLD, 7)).not.toEqual(a);
  });

  test('has plausible days, seasons and rain in a cool-temperate place', () => {
    const year = standInWeather(new Date('2026-01-01T00:00:00Z'), 8760, LARKFOLD, 6);
    const month = (m: number) => year.filter((h) => new Date(h.at).getUTCMonth() === m);
    expect(mean(month(6).map((h) => h.temperatureC))).toBeGreaterThan(mean(month(0).map((h) => h.temperatureC)) + 8);
    const at = (hour: number) =>
      mean(
        month(5)
          .filter((h) => new Date(h.at).getUTCHours() === hour)
          .map((h) => h.temperatureC),
      );
    expect(at(14)).toBeGreaterThan(at(3) + 4);
    // from memory: about 600 to 1,100 mm a year in such places
    const rain = year.reduce((s, h) => s + h.rainMm, 0);
    expect(rain > 500 && rain < 1300).toBe(true);
  });

  test('is warm in January in the south', () => {
    const south = (m: string) => mean(standInWeather(new Date(`2026-${m}-10T00:00:00Z`), 480, { latitude: -42, longitude: 147 }, 6).map((h) => h.temperatureC));
    expect(south('01')).toBeGreaterThan(south('07') + 5);
  });

  test('every hour anywhere fits the documented shape', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -89, max: 89 }),
        fc.integer({ min: -179, max: 179 }),
        fc.integer({ min: 0, max: 4_000_000_000 }),
        fc.integer({ min: 0, max: 1000 }),
        (latitude, longitude, s, seed) => {
          for (const hour of standInWeather(new Date(s * 1000), 6, { latitude, longitude }, seed))
            expect(hourlyWeatherSchema.safeParse(hour).error).toBeUndefined();
        },
      ),
      { numRuns: runs(200) },
    );
  });
});

const done = async (api: ReturnType<ReturnType<typeof harness>['start']>) => {
  const bed = planting();
  await api.put(`/api/v1/plantings/${bed.id}`).send(bed).expect(200);
  const t = treatment(bed.id, null, { finishedAt: '2026-05-24T18:00:00.000Z' });
  return (await api.put(`/api/v1/treatments/${t.id}`).send(t).expect(200)).body;
};

describe('a look at the sky', () => {
  const look = {
    at: '2026-05-24T18:10:00.000Z',
    temperatureC: 16,
    wind: 'leaves-rustle',
    leaf: 'dry',
    sky: 'half',
    rainTonight: 'no',
    twoDays: null,
  };
  const ID = '0197a000-0000-7000-8000-00000000f001';

  test('opens the evening of a garden without weather, once, and stays after a restart', async () => {
    const h = harness({ demo: false });
    const api = h.start();
    expect((await api.get('/api/v1/weather?hours=240')).body.source).toBe('none');
    await api.put(`/api/v1/weather/sky/${ID}`).send(look).expect(200);
    await api
      .put(`/api/v1/weather/sky/${ID}`)
      .send({ ...look, temperatureC: 30 })
      .expect(200);
    const { body } = await h.restart().get('/api/v1/weather?from=2026-05-24T15:00:00.000Z&hours=240');
    expect(body).toMatchObject({ source: 'seen', seenAt: look.at });
    // the first answer counts: the same look sent again is the same look
    expect(body.hours.find((x: { at: string }) => x.at === '2026-05-24T18:00:00.000Z')).toMatchObject({ temperatureC: 16, windMs: 3.3, source: 'seen' });
    expect(Date.parse(body.holdsUntil)).toBeGreaterThanOrEqual(Date.parse(look.at) + 12 * 3_600_000);
    expect(body.hours.length).toBeLessThan(24);
    h.stop();
  });

  test('gives way to a loaded file, and a record says that it was seen', async () => {
    const h = harness({ demo: false });
    const api = h.start();
    await api.put(`/api/v1/weather/sky/${ID}`).send(look).expect(200);
    expect((await done(api)).weather).toMatchObject({ temperatureC: 16, source: 'seen' });
    await api
      .put('/api/v1/weather/file')
      .set('Content-Type', 'text/csv')
      .send([HEAD, ...rows('2026-05-24T18:00:00Z', 3)].join('\n'))
      .expect(200);
    expect((await api.get('/api/v1/weather?from=2026-05-24T18:00:00.000Z&hours=6')).body).toMatchObject({ source: 'file', seenAt: null });
    h.stop();
  });

  test.each([
    ['no thermometer', { temperatureC: null }, 'temperatureC'],
    ['a wind of another kind', { wind: 'brisk' }, 'wind'],
    ['a chance of rain in percent', { rainTonight: 40 }, 'rainTonight'],
  ])('%s is refused at its field', async (_what, change, field) => {
    const h = harness({ demo: false });
    const refused = await h
      .start()
      .put(`/api/v1/weather/sky/${ID}`)
      .send({ ...look, ...change })
      .expect(422);
    expect(refused.body.errors[0]).toMatchObject({ field });
    h.stop();
  });
});

describe('hours from a file', () => {
  test('are served as far as they reach, and nothing else in a real garden', async () => {
    const h = harness({ demo: false });
    const api = h.start();
    const csv = [HEAD, ...rows('2026-05-24T18:00:00Z', 24)].join('\n');
    await api
      .put('/api/v1/weather/file')
      .set('Content-Type', 'text/csv')
      .send(csv)
      .expect(200, { first: '2026-05-24T18:00:00.000Z', last: '2026-05-25T17:00:00.000Z', hours: 24, added: 24 });
    expect((await api.get('/api/v1/weather?hours=24')).body).toMatchObject({
      source: 'file',
      hours: expect.arrayContaining([expect.objectContaining({ temperatureC: 12 })]),
    });
    // behind the file nothing is known, and nothing is made up
    expect((await api.get('/api/v1/weather?hours=48')).body).toMatchObject({ source: 'file', holdsUntil: '2026-05-25T18:00:00.000Z' });
    expect((await api.get('/api/v1/weather?hours=48')).body.hours).toHaveLength(24);

    const gap = csv
      .split('\n')
      .filter((_, i) => i !== 10)
      .join('\n');
    const refused = await api.put('/api/v1/weather/file').set('Content-Type', 'text/csv').send(gap).expect(422);
    expect(refused.body.errors[0]).toMatchObject({ field: 'at', line: 11, message: expect.stringContaining('missing') });
    expect((await api.get('/api/v1/weather/file')).body.hours).toBe(24);

    await api.delete('/api/v1/weather/file').expect(204);
    expect((await api.get('/api/v1/weather?hours=24')).body).toEqual({ source: 'none', holdsUntil: null, seenAt: null, hours: [] });
    await api.get('/api/v1/weather?hours=5000').expect(422);
    await api.get('/api/v1/weather?from=yesterday').expect(422);
    h.stop();
  });

  test.each([
    ['a missing column', 'at,temperatureC\n2026-05-24T18:00:00Z,12', 1, /lacks humidityPct/],
    ['no hours', HEAD, 2, /no hours/],
    ['a word for a number', `${HEAD}\n2026-05-24T18:00:00Z,warm,70,3,0,0.5`, 2, /“warm”/],
    ['damp over 100', `${HEAD}\n2026-05-24T18:00:00Z,12,170,3,0,0.5`, 2, /“170”/],
    ['half past', `${HEAD}\n2026-05-24T18:30:00Z,12,70,3,0,0.5`, 2, /on the hour/],
    ['no zone', `${HEAD}\n2026-05-24 18:00,12,70,3,0,0.5`, 2, /“2026-05-24 18:00”/],
    ['hours out of order', [HEAD, ...rows('2026-05-24T18:00:00Z', 3).reverse()].join('\n'), 3, /out of order/],
  ])('%s is refused with its line', (_what, csv, line, message) => {
    try {
      parseWeatherCsv(csv);
      throw new Error('it was taken');
    } catch (error) {
      expect((error as { errors?: object[] }).errors?.[0]).toMatchObject({ line, message: expect.stringMatching(message) });
    }
  });
});

describe('the air in a record', () => {
  test('what nobody measured is not written down, and leaves take the longer time to dry', async () => {
    const h = harness({ demo: false });
    const record = await done(h.start());
    expect(record).toMatchObject({ weather: null, keepOutUntil: '2026-05-24T22:00:00.000Z' });
    h.stop();
  });
  test('a loaded hour is, as what it is', async () => {
    const h = harness({ demo: false });
    const api = h.start();
    await api
      .put('/api/v1/weather/file')
      .set('Content-Type', 'text/csv')
      .send([HEAD, ...rows('2026-05-24T18:00:00Z', 24)].join('\n'))
      .expect(200);
    expect((await done(api)).weather).toMatchObject({ temperatureC: 12, source: 'file' });
    h.stop();
  });
  test('the demonstration’s is called so', async () => {
    const h = harness();
    expect((await done(h.start())).weather).toMatchObject({ source: 'demonstration', windMs: expect.any(Number) });
    h.stop();
  });
});
