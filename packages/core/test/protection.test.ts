import fc from 'fast-check';
import { instant } from '../src/measure';
import { protectionLeft, sayProtection, sayWashedOff, washedOffBy, wear } from '../src/schedule';
import { findSheet, SHEETS } from '../src/label/sheets';
import { activesOf, type LabelSheet } from '../src/label';
import type { HourlyWeather } from '../src/weather';
import { runs } from './runs';

const PLACE = { latitude: 45, longitude: 0, zone: 'UTC' };
const DONE = instant(Date.parse('2026-06-10T18:00:00Z'));
const HOUR = 3_600_000;
const DAY = 24 * HOUR;

const hours = (n: number, of: (i: number) => Partial<HourlyWeather> = () => ({})): HourlyWeather[] =>
  Array.from({ length: n }, (_, i) => ({
    at: new Date(DONE + i * HOUR).toISOString(),
    temperatureC: 18,
    humidityPct: 60,
    windMs: 2,
    rainMm: 0,
    cloud: 1,
    ...of(i),
  }));
const sheetOf = (active: string): LabelSheet => {
  const found = SHEETS.find((s) => activesOf(s).some((a) => a.id === active));
  if (!found) throw new Error(active);
  return found;
};
const left = (sheet: LabelSheet, after: number, told: readonly HourlyWeather[], change: object = {}) => {
  const line = sheet.lines[0];
  if (!line) throw new Error('no line');
  return protectionLeft({ sheet, line, finishedAt: DONE, now: instant(DONE + after), place: PLACE, outdoors: true, growing: false, hours: told, ...change });
};
/** Guards for a week, and loses half by 25 mm: from memory, as growers’ tables have it. */
const MANCOZEB = sheetOf('mancozeb');

describe('washed off', () => {
  // common practice: halved by 25 mm and gone by 50 mm once it has dried
  test.each([
    [0, 1],
    [10, 0.8],
    [25, 0.5],
    [40, 0.2],
    [50, 0],
    [80, 0],
  ])('%i mm leave %d', (mm, share) => {
    const p = left(
      MANCOZEB,
      3 * DAY,
      hours(72, (i) => ({ rainMm: i === 60 ? mm : 0 })),
    );
    expect(p?.likely).toBeCloseTo(share, 9);
    expect(p?.mm).toBe(mm);
  });

  test('before it has held a drop takes twice as much, and under a roof none does', () => {
    const early = hours(72, (i) => ({ rainMm: i === 0 ? 10 : 0 }));
    expect(left(MANCOZEB, 3 * DAY, early)?.likely).toBeCloseTo(MANCOZEB.rainfastHours > 0 ? 0.6 : 0.8, 9);
    expect(left(MANCOZEB, 3 * DAY, early, { outdoors: false })).toMatchObject({ least: 1, likely: 1, most: 1 });
  });

  test('what nobody told of may have been rain: the least is nothing, and the likely stays', () => {
    const gaps = left(MANCOZEB, 3 * DAY, hours(40));
    expect(gaps).toMatchObject({ least: 0, likely: 1, unknownHours: 32 });
    const unread = left(
      MANCOZEB,
      3 * DAY,
      hours(72, () => ({ unread: ['rain', 'wind', 'cloud'] })),
    );
    expect(unread?.least).toBe(0);
    expect(left(MANCOZEB, 3 * DAY, hours(72))?.least).toBe(1);
  });
});

describe('spoilt by sun', () => {
  const BT = sheetOf('bt');
  const days = (n: number, cloud: number) =>
    left(
      BT,
      n * DAY,
      hours(24 * n, () => ({ cloud })),
    );

  // from memory: half of it in one to three days of full sun
  test('two days of clear sky leave half, between a quarter and two thirds', () => {
    const p = days(2, 0);
    expect(p?.sun.likely).toBeCloseTo(0.5, 1);
    expect(p?.sun.least).toBeCloseTo(0.25, 1);
    expect(p?.sun.most).toBeCloseTo(0.5 ** (2 / 3), 1);
  });

  test('a grey sky takes less, a roof none, and an unseen sky is between the two', () => {
    const [clear, grey] = [days(2, 0)?.sun.likely ?? 0, days(2, 1)?.sun.likely ?? 0];
    expect(grey).toBeGreaterThan(clear + 0.15);
    const unseen = left(
      BT,
      2 * DAY,
      hours(48, () => ({ cloud: 0, unread: ['cloud', 'wind'] })),
    );
    expect(unseen?.sun.likely).toBeGreaterThan(clear);
    expect(unseen?.sun.likely).toBeLessThan(grey);
    expect(
      left(
        BT,
        2 * DAY,
        hours(48, () => ({ cloud: 0 })),
        { outdoors: false },
      )?.sun.likely,
    ).toBe(1);
  });

  test('what bears the sun loses nothing to it', () =>
    expect(
      left(
        MANCOZEB,
        2 * DAY,
        hours(48, () => ({ cloud: 0 })),
      )?.sun.least,
    ).toBe(1));
});

test('new leaves are bare: in growth half is outgrown after 7 to 10 days (common practice)', () => {
  const bordeaux = sheetOf('bordeaux');
  const p = left(bordeaux, 8.5 * DAY, hours(204), { growing: true });
  expect(p?.growth.likely).toBeCloseTo(0.5, 9);
  expect(p?.growth.least).toBeCloseTo(0.5 ** (8.5 / 7), 9);
  expect(p?.growth.most).toBeCloseTo(0.5 ** 0.85, 9);
  expect(left(bordeaux, 8.5 * DAY, hours(204))?.growth.likely).toBe(1);
});

test('it is over with its days, and there is none of what leaves nothing behind', () => {
  expect(left(MANCOZEB, 7 * DAY, hours(168))?.likely).toBe(1);
  expect(left(MANCOZEB, 7 * DAY + HOUR, hours(169))).toMatchObject({ least: 0, likely: 0, most: 0 });
  expect(left(sheetOf('soap'), DAY, hours(24))).toBeNull();
  expect(left(sheetOf('oil'), DAY, hours(24))).toBeNull();
  expect(left(MANCOZEB, -HOUR, [])).toBeNull();
  expect(left({ ...MANCOZEB, lastsDays: 14 }, 10 * DAY, hours(240))?.likely).toBe(1);
});

test('whatever comes, it never rises without a round, more rain never leaves more, and its range holds what is likely', () => {
  const sheets = ['mancozeb', 'bt', 'bordeaux', 'sulfur', 'pyrethrins', 'azadirachtin'].flatMap((a) =>
    SHEETS.filter((s) => activesOf(s).some((x) => x.id === a)).slice(0, 1),
  );
  const weather = fc.array(fc.tuple(fc.constantFrom(0, 0, 0, 1, 8), fc.double({ min: 0, max: 1, noNaN: true }), fc.boolean()), {
    minLength: 24,
    maxLength: 240,
  });
  fc.assert(
    fc.property(fc.constantFrom(...sheets), weather, fc.boolean(), fc.integer({ min: 1, max: 20 }), (sheet, list, growing, more) => {
      const told = hours(list.length, (i) => ({ rainMm: list[i]?.[0] ?? 0, cloud: list[i]?.[1] ?? 0 })).filter((_, i) => list[i]?.[2] ?? true);
      let before = { least: 1, likely: 1, most: 1 };
      for (let h = 0; h <= list.length; h += 6) {
        const p = left(sheet, h * HOUR, told, { growing });
        if (!p) return;
        expect(p.least).toBeLessThanOrEqual(p.likely + 1e-9);
        expect(p.likely).toBeLessThanOrEqual(p.most + 1e-9);
        for (const k of ['least', 'likely', 'most'] as const) {
          expect(p[k]).toBeLessThanOrEqual(before[k] + 1e-9);
          expect(p[k]).toBeGreaterThanOrEqual(0);
        }
        const wetter = left(
          sheet,
          h * HOUR,
          told.map((x) => ({ ...x, rainMm: x.rainMm + more })),
          { growing },
        );
        expect(wetter?.likely ?? 0).toBeLessThanOrEqual(p.likely + 1e-9);
        expect(sayProtection(p, '3 mm')).not.toMatch(/NaN|undefined/);
        before = p;
      }
    }),
    { numRuns: runs(1000) },
  );
});

test('it is said with its range, what took it, and what is not known', () => {
  const p = left(
    MANCOZEB,
    3 * DAY,
    hours(72, (i) => ({ rainMm: i === 60 ? 24 : 0 })),
  );
  expect(p && sayProtection(p, '24 mm')).toBe('About half of it is left, between a third and half: 24 mm of rain.');
  const unknown = left(MANCOZEB, 3 * DAY, hours(48));
  expect(unknown && sayProtection(unknown, '0 mm')).toBe(
    'Nearly all of it is left, between next to nothing and nearly all. 24 hours since then are not known.',
  );
  const wears = [0.5, 0.49, 0.25, 0.24].map((likely) => wear({ least: 0, likely, most: 1 }));
  expect(wears).toEqual(['holds', 'wearing-off', 'wearing-off', 'gone']);
  expect(findSheet(MANCOZEB.id)).toBe(MANCOZEB);
});

test('watering from above is said with the rain that it is counted with', () => {
  const p = left(
    MANCOZEB,
    3 * DAY,
    hours(72, (i) => ({ rainMm: i === 60 ? 25 : 0 })),
  );
  if (!p) throw new Error('nothing');
  expect(sayProtection(p, '25 mm', true)).toContain(': 25 mm of rain and watering.');
  expect(sayProtection(p, '25 mm')).toContain(': 25 mm of rain.');
});

describe('days whose rain took a good part of it', () => {
  const facts = (told: readonly HourlyWeather[], days: number, change: object = {}) => {
    const line = MANCOZEB.lines[0];
    if (!line) throw new Error('no line');
    return { sheet: MANCOZEB, line, finishedAt: DONE, now: instant(DONE + days * DAY), place: PLACE, outdoors: true, growing: false, hours: told, ...change };
  };
  /** Rain at three in the morning of a day after, by days since it was put on. */
  const nights = (mm: readonly number[]) => hours(24 * 10, (i) => ({ rainMm: (i + 18) % 24 === 3 ? (mm[Math.floor((i + 18) / 24)] ?? 0) : 0 }));

  test('each by itself, with what it took of the whole; a drizzle is not worth a line', () => {
    const days = washedOffBy(facts(nights([0, 0, 15, 5, 20]), 6), 'UTC');
    expect(days.map((w) => [w.day, w.mm])).toEqual([
      ['2026-06-12', 15],
      ['2026-06-14', 20],
    ]);
    // halved by 25 mm, gone by 50: each millimetre takes a fiftieth
    expect(days.map((w) => w.share)).toEqual([expect.closeTo(0.3, 9), expect.closeTo(0.4, 9)]);
    expect(days.map((w) => sayWashedOff(w, `${w.mm} mm`))).toEqual(['15 mm washed about a third of it off', '20 mm washed about a third of it off']);
  });

  test('it goes by the garden’s own days, and today counts up to now', () => {
    const rain = nights([0, 0, 20]);
    expect(washedOffBy(facts(rain, 6), 'America/Los_Angeles').map((w) => w.day)).toEqual(['2026-06-11']);
    const early = instant(Date.parse('2026-06-12T03:30:00Z'));
    expect(washedOffBy(facts(rain, 6, { now: early }), 'UTC')).toEqual([]);
    expect(washedOffBy(facts(rain, 6, { now: instant(early + HOUR / 2) }), 'UTC')).toHaveLength(1);
  });

  test('under a roof and of what never wears off there are none', () => {
    expect(washedOffBy(facts(nights([0, 40]), 4, { outdoors: false }), 'UTC')).toEqual([]);
    const soap = SHEETS.find((s) => s.control === 'soap-spray');
    if (!soap) throw new Error('no soap');
    expect(washedOffBy(facts(nights([0, 40]), 4, { sheet: soap, line: soap.lines[0] }), 'UTC')).toEqual([]);
  });

  test('together they never took more than there was', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 60, noNaN: true }), { minLength: 1, maxLength: 8 }), (mm) => {
        const days = washedOffBy(facts(nights([0, 0, ...mm]), 10), 'UTC');
        expect(days.reduce((sum, w) => sum + w.share, 0)).toBeLessThanOrEqual(1 + 1e-9);
        for (const w of days) expect(w.share).toBeGreaterThanOrEqual(0.2);
      }),
      { numRuns: runs(200) },
    );
  });
});

test('the rain of the very hour in which it has held is no early rain', () => {
  const slow = { ...MANCOZEB, rainfastHours: 4 };
  const at = (n: number) =>
    left(
      slow,
      3 * DAY,
      hours(72, (i) => ({ rainMm: i === n ? 10 : 0 })),
    )?.likely;
  expect(at(3)).toBeCloseTo(0.6, 9);
  expect(at(4)).toBeCloseTo(0.8, 9);
  expect(at(5)).toBeCloseTo(0.8, 9);
});

test('an hour that nobody told of is enough to know nothing of the rain', () => {
  const one = left(
    MANCOZEB,
    24 * HOUR,
    hours(24).filter((_, i) => i !== 12),
  );
  expect([one?.unknownHours, one?.least, one?.likely]).toEqual([1, 0, 1]);
  expect(left(MANCOZEB, 24 * HOUR, hours(24))?.least).toBe(1);
});
