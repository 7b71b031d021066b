import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { recentWords } from '../src/diagnose';
import { daySummaries } from '../src/warn';
import { hoursOfReadings, tellsFrom, wetIn, type HourlyWeather, type Reading } from '../src/weather';

const SEATTLE = { latitude: 47.61, longitude: -122.33, zone: 'America/Los_Angeles' };
const HOUR = 3_600_000;
const DAY = 24 * HOUR;

const reading = (at: string, leastC: number, mostC: number, change: Partial<Reading> = {}): Reading => ({
  id: at.slice(0, 10),
  revision: 1,
  at,
  leastC,
  mostC,
  rainMm: 0,
  rainFell: null,
  ...change,
});

describe('against hours that were measured (NOAA normals of Seattle, in vega-datasets)', () => {
  /** Local standard time, 8 hours behind. */
  const measured = readFileSync(join(__dirname, '../../../node_modules/vega-datasets/data/seattle-weather-hourly-normals.csv'), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => {
      const [date, , temperature] = line.split(',');
      return { at: Date.parse(`${date}-08:00`), c: Number(temperature) };
    });
  /** Read at one hour of each day: the least and the most of the hours since the day before. */
  const readAt = (hour: number): Reading[] =>
    Array.from({ length: 364 }, (_, d) => Date.UTC(2010, 0, 2 + d, hour + 8)).flatMap((at) => {
      const since = measured.filter((h) => h.at >= at - DAY && h.at < at).map((h) => h.c);
      return since.length < 24 ? [] : [reading(new Date(at).toISOString(), Math.min(...since), Math.max(...since))];
    });
  const errors = (readings: readonly Reading[]) => {
    const by = new Map(measured.map((h) => [h.at, h.c]));
    return hoursOfReadings(readings, SEATTLE).flatMap((h) => {
      const was = by.get(Date.parse(h.at));
      return was === undefined ? [] : [h.temperatureC - was];
    });
  };
  const rms = (list: readonly number[]) => Math.sqrt(list.reduce((sum, e) => sum + e * e, 0) / list.length);

  test.each([7, 9, 19])('read at %i o’clock, the hours between are within a degree, and no worse on the one side', (hour) => {
    const e = errors(readAt(hour));
    expect(e.length).toBeGreaterThan(8600);
    // measured: 0.60 °C, 0.30 °C too warm on the whole
    expect(rms(e)).toBeLessThan(0.9);
    expect(Math.abs(e.reduce((a, b) => a + b, 0) / e.length)).toBeLessThan(0.5);
  });

  test('a flat day in its middle would be twice as wrong', () => {
    const readings = readAt(9);
    const flat = measured.flatMap((h) => {
      const own = readings.find((r) => h.at < Date.parse(r.at) && h.at >= Date.parse(r.at) - DAY);
      return own ? [(own.leastC + own.mostC) / 2 - h.c] : [];
    });
    expect(rms(errors(readings))).toBeLessThan(rms(flat) / 2);
  });
});

const DAYS = [
  reading('2026-05-08T12:00:00.000Z', 5, 17),
  reading('2026-05-09T12:00:00.000Z', 7, 19),
  reading('2026-05-10T12:00:00.000Z', 6, 22, { rainMm: 12, rainFell: 'night' }),
];
const VERMONT = { latitude: 44.3, longitude: -72.6, zone: 'America/New_York' };

test('every hour since the reading before is told, and none that nobody read', () => {
  const hours = hoursOfReadings(DAYS, VERMONT);
  expect([hours[0]?.at, hours.at(-1)?.at, hours.length]).toEqual(['2026-05-07T12:00:00.000Z', '2026-05-10T11:00:00.000Z', 72]);
  expect(new Set(hours.map((h) => h.certainty))).toEqual(new Set(['reckoned']));
  expect(hours.every((h) => h.unread?.includes('wind') && h.unread.includes('cloud') && !h.unread.includes('rain'))).toBe(true);
  // read at an odd minute: the hour that is not over is not told
  expect(hoursOfReadings([reading('2026-05-08T12:40:00.000Z', 5, 17)], VERMONT).map((h) => h.at.slice(11, 13))).toHaveLength(23);
});

test('read at odd minutes, no hour between two readings is missing, and none is told twice', () => {
  const odd = ['2026-05-08T12:40:00.000Z', '2026-05-09T11:05:00.000Z', '2026-05-10T12:59:00.000Z'].map((at) => reading(at, 6, 18, { rainMm: 4 }));
  const at = hoursOfReadings(odd, VERMONT).map((h) => Date.parse(h.at));
  expect(at.slice(1).every((t, i) => t - (at[i] ?? 0) === HOUR)).toBe(true);
  expect(hoursOfReadings(odd, VERMONT).reduce((mm, h) => mm + h.rainMm, 0)).toBeCloseTo(12, 1);
});

test('after days without a reading it tells of one day, within three of all that it covers', () => {
  const [a, b] = [DAYS[0] as Reading, reading('2026-05-11T12:00:00.000Z', 4, 20)];
  expect(tellsFrom(b, a)).toBe(Date.parse(a.at));
  expect(tellsFrom(reading('2026-05-11T12:01:00.000Z', 4, 20), a)).toBe(Date.parse('2026-05-10T12:01:00.000Z'));
  expect(tellsFrom(a, undefined)).toBe(Date.parse(a.at) - DAY);
});

test('one reading of three days has a warm afternoon and a cold morning on each of them', () => {
  const hours = hoursOfReadings([reading('2026-05-07T12:00:00.000Z', 5, 17), reading('2026-05-10T12:00:00.000Z', 4, 20)], VERMONT);
  for (const day of ['2026-05-07', '2026-05-08', '2026-05-09']) {
    const afternoon = hours.filter((h) => h.at >= `${day}T17` && h.at < `${day}T21`).map((h) => h.temperatureC);
    expect([day, Math.max(...afternoon) > 19]).toEqual([day, true]);
  }
  for (const day of ['2026-05-08', '2026-05-09', '2026-05-10']) {
    const morning = hours.filter((h) => h.at >= `${day}T08` && h.at < `${day}T11`).map((h) => h.temperatureC);
    expect([day, Math.min(...morning) < 5]).toEqual([day, true]);
  }
});

test('rain falls in its part of the day by the sun, and comes to what was in the gauge', () => {
  const wet = hoursOfReadings(DAYS, VERMONT).filter((h) => h.rainMm > 0);
  // midnight to six by the sun is 05 to 11 UTC there
  expect(wet.map((h) => h.at)).toEqual(Array.from({ length: 6 }, (_, i) => `2026-05-10T${String(5 + i).padStart(2, '0')}:00:00.000Z`));
  expect(wet.reduce((mm, h) => mm + h.rainMm, 0)).toBeCloseTo(12, 2);
  expect(wet.every((h) => h.humidityPct >= 95)).toBe(true);
  const onAndOff = hoursOfReadings([reading('2026-05-10T12:00:00.000Z', 6, 22, { rainMm: 12, rainFell: null })], VERMONT);
  expect(onAndOff.every((h) => Math.abs(h.rainMm - 0.5) < 1e-9)).toBe(true);
});

test('without a gauge rain is unread, and no day of it is called dry', () => {
  const hours = hoursOfReadings([reading('2026-05-10T12:00:00.000Z', 6, 22, { rainMm: null })], VERMONT);
  expect(hours.every((h) => h.unread?.includes('rain'))).toBe(true);
  expect(daySummaries(hours, VERMONT.zone).every((d) => d.rainMm === null)).toBe(true);
});

test('a fortnight without a gauge is neither dry nor wet to whoever names a trouble', () => {
  const fortnight = (rainMm: number | null) =>
    Array.from({ length: 14 }, (_, i) => reading(new Date(Date.UTC(2026, 4, 1 + i, 12)).toISOString(), 12, 24, { rainMm }));
  const words = (rainMm: number | null) => recentWords(hoursOfReadings(fortnight(rainMm), VERMONT));
  expect([words(0), words(6), words(2), words(null)]).toEqual([['dry', 'warm'], ['wet', 'warm'], ['warm'], ['warm']]);
});

test('the air is as damp as dew at the least, and drier the warmer it gets', () => {
  const hours = hoursOfReadings(DAYS, VERMONT);
  const coldest = hours.reduce((a, b) => (b.temperatureC < a.temperatureC ? b : a));
  const warmest = hours.reduce((a, b) => (b.temperatureC > a.temperatureC ? b : a));
  expect(coldest.humidityPct).toBeGreaterThanOrEqual(97);
  // 22 °C over a dew point of 6 °C: 35 % (Magnus)
  expect(Math.abs(warmest.humidityPct - 35)).toBeLessThanOrEqual(2);
  expect(wetIn(hours).filter(Boolean).length).toBeGreaterThan(0);
});

test('whatever is read, and wherever: hours lie within their reading, touch both its ends on a whole day, and follow on', () => {
  const place = fc.record({ latitude: fc.integer({ min: -65, max: 78 }), longitude: fc.integer({ min: -180, max: 180 }), zone: fc.constant('UTC') });
  const day = fc.record({
    least: fc.integer({ min: -30, max: 30 }),
    range: fc.integer({ min: 0, max: 25 }),
    hour: fc.integer({ min: 0, max: 23 }),
    rain: fc.constantFrom(null, 0, 3, 31),
  });
  fc.assert(
    fc.property(place, fc.array(day, { minLength: 1, maxLength: 8 }), (where, days) => {
      const readings = days.map((d, i) =>
        reading(new Date(Date.UTC(2026, 5, 1 + i, d.hour)).toISOString(), d.least, d.least + d.range, { rainMm: d.rain, rainFell: d.rain ? 'night' : null }),
      );
      const hours: HourlyWeather[] = hoursOfReadings(readings, where);
      for (let i = 1; i < hours.length; i++) expect((hours[i] as HourlyWeather).at > (hours[i - 1] as HourlyWeather).at).toBe(true);
      readings.forEach((r, i) => {
        const from = tellsFrom(r, readings[i - 1]);
        const own = hours.filter((h) => Date.parse(h.at) >= from && Date.parse(h.at) < Date.parse(r.at));
        for (const h of own) expect(h.temperatureC >= r.leastC - 0.06 && h.temperatureC <= r.mostC + 0.06).toBe(true);
        const mm = own.reduce((sum, h) => sum + h.rainMm, 0);
        if (own.length > 0) expect(mm).toBeCloseTo(r.rainMm ?? 0, 1);
      });
      expect(JSON.stringify(hours)).not.toMatch(/null|NaN/);
    }),
  );
});

test('read twice on one day: the afternoon has its least at an edge, the night its most', () => {
  const at = (hour: string) => `2026-05-08T${hour}:00:00.000Z`;
  // noon to six and six to midnight by the clock of Vermont: no morning in the one, no afternoon in the other
  const hours = hoursOfReadings(
    [reading(at('16'), 5, 15), { ...reading(at('22'), 12, 20), id: 'b' }, { ...reading('2026-05-09T04:00:00.000Z', 9, 14), id: 'c' }],
    VERMONT,
  );
  const between = (from: string, to: string) => hours.filter((h) => h.at >= from && h.at < to).map((h) => h.temperatureC);
  const afternoon = between(at('16'), at('22'));
  expect(Math.max(...afternoon)).toBeGreaterThan(19);
  expect(Math.min(...afternoon)).toBeLessThan(14);
  expect(Math.min(...afternoon)).toBeGreaterThanOrEqual(12);
  const night = between(at('22'), '2026-05-09T04:00:00.000Z');
  expect(night).toHaveLength(6);
  expect(Math.max(...night)).toBeGreaterThan(12.5);
  expect(Math.min(...night)).toBeLessThan(11);
});

test('a day is dry only where all of it was read: an hour without a gauge is enough to say nothing of it', () => {
  const day = (unread: (i: number) => boolean, rainMm = 0): HourlyWeather[] =>
    Array.from({ length: 24 }, (_, i) => ({
      at: new Date(Date.UTC(2026, 4, 10, i)).toISOString(),
      temperatureC: 10 + (i % 12),
      humidityPct: 60,
      windMs: 2,
      rainMm: i === 3 ? rainMm : 0,
      cloud: 0.5,
      ...(unread(i) ? { unread: ['rain' as const] } : {}),
    }));
  const rain = (hours: readonly HourlyWeather[]) => daySummaries(hours, 'UTC')[0]?.rainMm;
  expect([rain(day(() => false)), rain(day((i) => i === 20)), rain(day(() => true))]).toEqual([0, null, null]);
  // what fell in the hours that were read fell, whatever the others had
  expect(rain(day((i) => i === 20, 4))).toBe(4);
});
