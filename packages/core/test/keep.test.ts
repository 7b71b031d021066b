import fc from 'fast-check';
import { findSheet } from '../src/label/sheets';
import { sayDuration, sayWhen } from '../src/measure';
import { abbott, hendersonTilton, reduction } from '../src/record';
import { clocksFor, waitUntil } from '../src/schedule';
import { wilson } from '../src/scout';
import { at } from './situation';

const ZONE = 'Europe/London';
const value = (e: ReturnType<typeof reduction>) => (e.ok ? e.value.percent : Number.NaN);

describe('did it work', () => {
  // source: Abbott 1925: 30 of 100 alive against 100 of 100 untreated is 70 % control
  test('Abbott', () => expect(value(abbott(30, 100))).toBeCloseTo(70, 9));
  // source: Henderson & Tilton 1955, the formula worked by hand: (1 - 10 x 100 / (100 x 80)) x 100 = 87.5
  test('Henderson-Tilton', () => expect(value(hendersonTilton({ before: 100, after: 10 }, { before: 100, after: 80 }))).toBeCloseTo(87.5, 9));
  test('Henderson-Tilton is Abbott where both began alike', () => {
    const n = fc.integer({ min: 1, max: 1000 });
    fc.assert(
      fc.property(n, n, n, (before, t, c) => expect(value(hendersonTilton({ before, after: t }, { before, after: c }))).toBeCloseTo(value(abbott(t, c)), 6)),
    );
  });
  test('9 of 20 tips before, 1 of 20 after', () => expect(value(reduction(0.45, 0.05))).toBeCloseTo(88.89, 1));
  test('nothing before is not a hundred percent', () => expect(reduction(0, 3)).toMatchObject({ ok: false, reasons: [{ code: 'nothing-before' }] }));
  test.each([
    [-1, 2],
    [Number.NaN, 2],
    [1, Infinity],
  ])('%d and %d are no counts', (a, b) => expect(reduction(a, b).ok).toBe(false));
});

describe('Wilson interval', () => {
  // source: Wilson 1927; Newcombe 1998, Statistics in Medicine 17: 857-872, table I: 81 of 263 gives 0.2553 to 0.3662
  test('81 of 263', () => {
    const w = wilson(81, 263);
    expect(w.low).toBeCloseTo(0.2553, 4);
    expect(w.high).toBeCloseTo(0.3662, 4);
  });
  // source: Newcombe 1998, table I: 0 of 20 gives 0 to 0.1611
  test('0 of 20', () => expect(wilson(0, 20)).toMatchObject({ low: 0, high: expect.closeTo(0.1611, 4) }));
  test('holds the share, within 0 and 1', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 500 }), fc.integer({ min: 1, max: 500 }), (a, n) => {
        const w = wilson(Math.min(a, n), n);
        expect(w.low).toBeLessThanOrEqual(w.share + 1e-12);
        expect(w.high).toBeGreaterThanOrEqual(w.share - 1e-12);
      }),
    );
  });
});

describe('clocks', () => {
  const sheet = (id: string) => {
    const s = findSheet(id);
    const line = s?.lines[0];
    if (!s || !line) throw new Error(id);
    return { s, line };
  };
  const air = { temperatureC: 15, humidityPct: 60 };

  test('pyrethrin finished Sunday 18:40: out for 12 hours, picked a day later', () => {
    const { s, line } = sheet('pyrethrins');
    expect(clocksFor(s, line, at('2026-05-24T17:40:00Z'), air, ZONE)).toMatchObject({
      keepOutUntil: at('2026-05-25T05:40:00Z'),
      pickFrom: at('2026-05-25T17:40:00Z'),
    });
  });
  test('soap: until dry, longer in damp air, and no picking before that', () => {
    const { s, line } = sheet('potassium-soap');
    expect(clocksFor(s, line, at('2026-05-24T19:00:00Z'), air, ZONE)).toMatchObject({
      keepOutUntil: at('2026-05-24T21:00:00Z'),
      pickFrom: at('2026-05-24T21:00:00Z'),
    });
    expect(clocksFor(s, line, at('2026-05-24T19:00:00Z'), { temperatureC: 10, humidityPct: 88 }, ZONE).keepOutUntil).toBe(at('2026-05-24T23:00:00Z'));
    // near dew nothing dries before the sun is on it (from memory)
    expect(clocksFor(s, line, at('2026-05-24T19:00:00Z'), { temperatureC: 10, humidityPct: 97 }, ZONE).keepOutUntil).toBe(at('2026-05-25T07:00:00Z'));
  });
  test('what is not eaten has no picking clock', () => {
    const { s, line } = sheet('imidacloprid-drench');
    expect(clocksFor(s, line, at('2026-05-24T19:00:00Z'), air, ZONE).pickFrom).toBeNull();
  });
  test('a clock change never shortens a wait', () => {
    // clocks go forward on 29 March 2026 in London: seven calendar days are only 167 hours
    expect(waitUntil(at('2026-03-26T12:00:00Z'), 7, ZONE)).toBe(at('2026-04-02T12:00:00Z'));
    fc.assert(
      fc.property(fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2027, 0, 1) }), fc.integer({ min: 0, max: 60 }), (ms, days) => {
        expect(waitUntil(at(new Date(ms).toISOString()), days, ZONE) - ms).toBeGreaterThanOrEqual(days * 86_400_000);
      }),
    );
  });
});

describe('said as a person says it', () => {
  test.each([
    [342_000_000, '3 d 23 h'],
    [60_000, '1 min'],
    [5_400_000, '1 h 30 min'],
    [-5, '0 min'],
    [172_800_000, '2 d'],
  ])('%d ms', (ms, text) => expect(sayDuration(ms)).toBe(text));
  test('days go by the garden’s own midnight', () => {
    expect(sayWhen(at('2026-05-24T23:30:00Z'), at('2026-05-24T18:10:00Z'), ZONE)).toBe('tomorrow 00:30');
    expect(sayWhen(at('2026-05-28T17:40:00Z'), at('2026-05-24T18:10:00Z'), ZONE)).toBe('Thu 28 May 18:40');
  });
});
