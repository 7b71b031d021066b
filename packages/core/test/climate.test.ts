import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import type { WeatherDayView } from '../src/api';
import { apartInYear, middleWarmth, normalDay, ownDay, weeksOf } from '../src/climate';
import { yearsBefore } from '../src/house';
import { instant } from '../src/measure';
import { chancesOf, type WarningFacts } from '../src/warn';
import type { HourlyWeather } from '../src/weather';
import { plantingOf } from './planting-of';

const SEATTLE = { latitude: 47.6, longitude: -122.3, country: 'US' };
const NEW_YORK = { latitude: 40.7, longitude: -74, country: 'US' };
/** Four years of days, 2012 to 2015 (vega-datasets, after NOAA; public domain). */
const MEASURED = readFileSync(join(__dirname, '../../../node_modules/vega-datasets/data/weather.csv'), 'utf8')
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => line.split(','))
  .map(([location, date, , most, least]) => ({ location, day: String(date), mostC: Number(most), leastC: Number(least) }));

const day = (on: string, change: Partial<WeatherDayView> = {}): WeatherDayView => ({
  day: on,
  leastC: 5,
  mostC: 15,
  rainMm: 0,
  wetHours: 0,
  warmth: 2,
  whole: true,
  sure: 'known',
  ...change,
});
const run = (from: string, n: number, of: (i: number) => Partial<WeatherDayView> = () => ({})) =>
  Array.from({ length: n }, (_, i) => day(new Date(Date.parse(`${from}T00:00:00Z`) + i * 86_400_000).toISOString().slice(0, 10), of(i)));

describe('where nobody ever measured', () => {
  // eight of ten days should lie between: the figures are from memory, so seven have to
  test.each([
    ['Seattle', SEATTLE],
    ['New York', NEW_YORK],
  ])('four years of %s lie mostly within what is usual at its latitude', (location, place) => {
    const days = MEASURED.filter((d) => d.location === location);
    expect(days.length).toBeGreaterThan(1400);
    const within = (of: 'leastC' | 'mostC', usual: 'least' | 'most') =>
      days.filter((d) => {
        const { low, high } = normalDay(place, d.day)[usual];
        return d[of] >= low && d[of] <= high;
      }).length / days.length;
    expect(within('mostC', 'most')).toBeGreaterThan(0.7);
    expect(within('leastC', 'least')).toBeGreaterThan(0.7);
  });

  test('the seasons turn round south of the equator, and at it there are none', () => {
    const likely = (latitude: number, on: string) => normalDay({ latitude, longitude: 175, country: 'NZ' }, on).most.likely;
    expect(likely(-41, '2026-01-20')).toBeGreaterThan(likely(-41, '2026-07-20') + 8);
    expect(normalDay({ latitude: 51, longitude: 0, country: 'GB' }, '2026-07-20').most.likely).toBeGreaterThan(
      normalDay({ latitude: 51, longitude: 0, country: 'GB' }, '2026-01-20').most.likely + 12,
    );
    expect(
      Math.abs(
        normalDay({ latitude: 0.5, longitude: 37, country: 'KE' }, '2026-01-20').most.likely -
          normalDay({ latitude: 0.5, longitude: 37, country: 'KE' }, '2026-07-20').most.likely,
      ),
    ).toBeLessThan(1);
  });

  test('anywhere on any day: low, likely and high in their order, the least below the most, and a figure', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -70, max: 70, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.integer({ min: 0, max: 364 }),
        (latitude, longitude, n) => {
          const usual = normalDay({ latitude, longitude, country: '' }, new Date(Date.UTC(2026, 0, 1 + n)).toISOString().slice(0, 10));
          for (const u of [usual.least, usual.most]) {
            expect(u.low).toBeLessThan(u.likely);
            expect(u.likely).toBeLessThan(u.high);
            expect(u.low).toBeGreaterThan(-60);
            expect(u.high).toBeLessThan(50);
          }
          expect(usual.least.likely).toBeLessThan(usual.most.likely);
        },
      ),
    );
  });
});

describe('by this garden’s own years', () => {
  test('nine days of ten, and the middle one, of days within a week of it in the round of the year', () => {
    // 15 days a year about 1 January, of two years, with leasts of 0 … 14 twice over
    const near = [
      ...run('2023-12-25', 15, (i) => ({ leastC: i, mostC: i + 10, rainMm: i % 3 })),
      ...run('2024-12-25', 15, (i) => ({ leastC: i, mostC: i + 10, rainMm: i % 3 })),
    ];
    const usual = ownDay([...near, ...run('2024-06-01', 60, () => ({ leastC: 30, mostC: 40 }))], '2026-01-01');
    expect(usual?.least.likely).toBeCloseTo(7, 9);
    expect(usual?.least.low).toBeCloseTo(1, 0);
    expect(usual?.most.high).toBeCloseTo(23, 0);
    // two of three days have a millimetre or more
    expect(usual?.wetInTen).toBe(7);
  });

  test('too few days say nothing, days with gaps do not count, and without a gauge nobody knows of rain', () => {
    expect(ownDay(run('2024-05-25', 15), '2026-06-01')).toBeNull();
    expect(ownDay([...run('2024-05-25', 15), ...run('2023-05-25', 15, () => ({ whole: false }))], '2026-06-01')).toBeNull();
    const dry = [...run('2024-05-25', 15, () => ({ rainMm: null })), ...run('2023-05-25', 15)];
    expect(ownDay(dry, '2026-06-01')?.wetInTen).toBeNull();
  });

  test('days of the year lie apart the shorter way round', () => {
    expect(apartInYear('2024-12-30', '2026-01-02')).toBeCloseTo(3, 0);
    expect(apartInYear('2020-07-01', '2026-07-01')).toBeLessThan(1);
    expect(apartInYear('2025-01-01', '2026-07-02')).toBeGreaterThan(180);
  });

  test('a day so many years ago, also where it was none', () => {
    expect(yearsBefore('2026-05-10', 3)).toBe('2023-05-10');
    expect(yearsBefore('2024-02-29', 1)).toBe('2023-02-28');
    expect(yearsBefore('2024-02-29', 4)).toBe('2020-02-29');
  });
});

describe('the same weeks of other years', () => {
  test('in sums: rain, warmth day by day, frosts; not where a tenth of the days is missing', () => {
    const weeks = weeksOf(
      2025,
      run('2025-04-01', 10, (i) => ({ leastC: i - 1, rainMm: i })),
      10,
    );
    expect(weeks).toEqual({ year: 2025, days: 10, rainMm: 45, warmth: [2, 4, 6, 8, 10, 12, 14, 16, 18, 20], frosts: 2 });
    expect(weeksOf(2025, run('2025-04-01', 9), 10)?.days).toBe(9);
    expect(weeksOf(2025, run('2025-04-01', 8), 10)).toBeNull();
    expect(weeksOf(2025, [], 0)).toBeNull();
    expect(
      weeksOf(
        2025,
        run('2025-04-01', 10, (i) => ({ rainMm: i === 3 ? null : 1 })),
        10,
      )?.rainMm,
    ).toBeNull();
  });

  test('the middle one of several, as long as the shortest', () => {
    const year = (warmth: number[]) => ({ year: 2025, days: warmth.length, rainMm: 0, warmth, frosts: 0 });
    expect(middleWarmth([])).toEqual([]);
    expect(middleWarmth([year([1, 5, 9]), year([3, 3]), year([2, 9, 9])])).toEqual([2, 5]);
    expect(middleWarmth([year([1]), year([3])])).toEqual([2]);
  });
});

describe('chances where nobody foretells', () => {
  const NOW = instant(Date.parse('2026-05-10T08:00:00Z'));
  const HOUR = 3_600_000;
  const weather = (from: number, n: number, rain: (i: number) => number = () => 0): HourlyWeather[] =>
    Array.from({ length: n }, (_, i) => ({
      at: new Date(from + i * HOUR).toISOString(),
      temperatureC: 14,
      humidityPct: 60,
      windMs: 2,
      rainMm: rain(i),
      cloud: 0.5,
      certainty: from + i * HOUR < NOW ? ('known' as const) : ('forecast' as const),
    }));
  const facts = (foretold: number, rain: (i: number) => number = () => 0): WarningFacts => ({
    now: NOW,
    place: { latitude: 51.3, longitude: 0.5, zone: 'Europe/London', country: 'GB' },
    units: 'metric',
    plantings: [plantingOf('a', 'apple'), plantingOf('b', 'apple', { site: 'under-glass' as never }), plantingOf('c', 'leek')],
    hours: weather(NOW - 20 * 24 * HOUR, 20 * 24 + foretold, (i) => rain(i - 20 * 24)),
    milestones: [{ id: 'm', revision: 1, plantingId: 'a', what: 'green-tip', on: '2026-04-25' }],
    hushes: [],
    treatments: [],
  });
  /** A coming week with a wet day on the fifth, or none. */
  const year = (wet: boolean) => weather(NOW - 8 * HOUR, 240, (i) => (wet && i >= 110 && i < 125 ? 1 : 0));
  const scab = (years: HourlyWeather[][], of = facts(48)) => chancesOf(of, years).filter((c) => c.troubleId === 'apple-scab');

  test('counts the years whose weather would let it in, on what is open to it', () => {
    expect(scab([year(true), year(false), year(true), year(false)])).toEqual([
      { plantingId: 'a', troubleId: 'apple-scab', model: expect.any(String), years: 2 },
    ]);
    expect(scab([year(false), year(false), year(false)])).toEqual([]);
    expect(scab([])).toEqual([]);
  });

  test('days that are foretold go by their forecast, whatever other years had', () => {
    // five and a half days are foretold, and dry
    expect(scab([year(true), year(true), year(true)], facts(132))).toEqual([]);
  });

  test('what is coming by what is foretold is left to its warning', () => {
    const wetAhead = facts(48, (i) => (i >= 20 && i < 40 ? 1 : 0));
    expect(scab([year(true), year(true), year(true)], wetAhead)).toEqual([]);
  });
});
