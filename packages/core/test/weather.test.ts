import { Body, Equator, Horizon, Observer } from 'astronomy-engine';
import fc from 'fast-check';
import { celsius, degrees, instant } from '../src/measure';
import { findControl, type Control, type HourNeeds } from '../src/catalogue';
import type { LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import {
  beesFly,
  certaintyOf,
  conditionsOver,
  deltaT,
  irradiance,
  needsOf,
  RAIN_THAT_COUNTS_MM,
  openHours,
  openSpans,
  reasonsAt,
  sunAltitude,
  wetBulb,
  type Conditions,
  type HourlyWeather,
  type Setting,
} from '../src/weather';
import { runs } from './runs';

const place = { latitude: 55.2, longitude: -1.9, zone: 'Europe/London' };
const at = (iso: string) => instant(Date.parse(iso));
const calm = { temperatureC: 15, humidityPct: 65, windMs: 2, rainMm: 0, cloud: 0.2 };
const hoursFrom = (iso: string, n: number, change: (i: number) => Partial<HourlyWeather> = () => ({})): HourlyWeather[] =>
  Array.from({ length: n }, (_, i) => ({ ...calm, at: new Date(Date.parse(iso) + i * 3_600_000).toISOString(), ...change(i) }));

describe('sun and air', () => {
  // the low-precision formula keeps within 0.4 degrees, less than two minutes of dusk
  test('the sun stands where astronomy-engine has it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2035, 0, 1) }),
        fc.integer({ min: -65, max: 65 }),
        fc.integer({ min: -179, max: 179 }),
        (ms, latitude, longitude) => {
          const observer = new Observer(latitude, longitude, 0);
          const equ = Equator(Body.Sun, new Date(ms), observer, true, true);
          const truth = Horizon(new Date(ms), observer, equ.ra, equ.dec).altitude;
          expect(Math.abs(sunAltitude(instant(ms), { latitude, longitude, zone: 'UTC' }) - truth)).toBeLessThan(0.4);
        },
      ),
      { numRuns: runs(200) },
    );
  });

  // source: Stull 2011, worked example: 20 °C and 50 % give 13.7 °C
  test('wet bulb', () => expect(wetBulb(celsius(20), 50)).toBeCloseTo(13.7, 1));
  test('delta T is dry minus wet bulb', () => expect(deltaT(celsius(20), 50)).toBeCloseTo(6.3, 1));

  // source: Kasten & Czeplak 1980: overcast lets a quarter through
  test('irradiance', () => {
    expect(irradiance(degrees(30), 0)).toBeCloseTo(425, 0);
    expect(irradiance(degrees(30), 1)).toBeCloseTo(425 / 4, 0);
    expect(irradiance(degrees(-5), 0)).toBe(0);
  });
});

describe('open hours', () => {
  const soap = { maxSunWm2: 200, maxTempC: 30, minTempC: 5, maxWindMs: 4.5, rainFreeHours: 1, bees: 'in-flower' as const, daylight: true };
  const inFlower = { site: 'outdoors' as const, inFlower: true };

  test('soap at 13:00 in full sun is closed and says why; the evening is open', () => {
    const slots = conditionsOver(hoursFrom('2026-05-24T12:00:00Z', 24), place, at('2026-05-24T12:00:00Z'));
    const hours = openHours(slots, soap, { ...inFlower, inFlower: false });
    expect(hours.closed[0]).toMatchObject({ from: at('2026-05-24T12:00:00Z'), reasons: [{ code: 'sun' }] });
    const first = hours.open[0];
    expect(first && first.from > at('2026-05-24T17:00:00Z') && first.to < at('2026-05-24T22:00:00Z')).toBe(true);
  });

  test('asked for alone, the open spans are those that are told with their reasons', () => {
    const hour = fc.record({
      temperatureC: fc.double({ min: -5, max: 38, noNaN: true }),
      humidityPct: fc.double({ min: 20, max: 100, noNaN: true }),
      windMs: fc.double({ min: 0, max: 9, noNaN: true }),
      rainMm: fc.constantFrom(0, 0, 0, 0, 0.1, 3),
      cloud: fc.constantFrom(0, 0.2, 0.8, 1),
    });
    const needs = fc.constantFrom<HourNeeds>(
      soap,
      {},
      { daylight: true },
      { maxWindMs: 3 },
      { rainFreeHours: 6, bees: 'always' },
      { minTempC: 12, maxTempC: 18, mildAhead: true },
    );
    fc.assert(
      fc.property(
        fc.array(hour, { minLength: 1, maxLength: 60 }),
        needs,
        fc.constantFrom('outdoors', 'tunnel', 'indoors' as const),
        fc.boolean(),
        (list, n, site, flower) => {
          const slots = conditionsOver(
            hoursFrom('2026-05-24T12:00:00Z', list.length, (i) => list[i] ?? {}),
            place,
            at('2026-05-24T12:00:00Z'),
          );
          const setting = { site, inFlower: flower };
          expect(openSpans(slots, n, setting)).toEqual(openHours(slots, n, setting).open);
          // a hole in what is known ends a span
          const holed = slots.filter((_, i) => i % 7 !== 3);
          expect(openSpans(holed, n, setting)).toEqual(openHours(holed, n, setting).open);
        },
      ),
      { numRuns: runs(300) },
    );
  });

  test('on flowers it waits for the bees, also when the sun is weak', () => {
    const slots = conditionsOver(
      hoursFrom('2026-05-24T12:00:00Z', 12, () => ({ cloud: 1 })),
      place,
      at('2026-05-24T12:00:00Z'),
    );
    expect(openHours(slots, soap, { ...inFlower, inFlower: false }).open[0]?.from).toBe(at('2026-05-24T12:00:00Z'));
    expect(openHours(slots, soap, inFlower).closed[0]?.reasons[0]?.code).toBe('bees');
    for (const span of openHours(slots, soap, inFlower).open) {
      for (const c of slots.filter((s) => s.at >= span.from && s.at < span.to)) expect(c.beesFlying).toBe(false);
    }
  });

  test('between two hours everything goes straight from the one to the other, up and down', () => {
    const two = hoursFrom('2026-05-24T12:00:00Z', 2, (i) =>
      i === 0
        ? { temperatureC: 10, humidityPct: 80, windMs: 4, cloud: 0.2, leastC: 8, rainMm: 1 }
        : { temperatureC: 20, humidityPct: 40, windMs: 2, cloud: 1, leastC: 16, rainMm: 0 },
    );
    const slots = conditionsOver(two, place, at('2026-05-24T12:00:00Z'));
    const figures = slots
      .slice(0, 5)
      .map((c) => [c.temperature, c.leastTemperature, c.humidityPct, c.wind, c.cloud, c.rainMm].map((x) => Math.round(x * 1000) / 1000));
    expect(figures).toEqual([
      [10, 8, 80, 4, 0.2, 1],
      [12.5, 10, 70, 3.5, 0.4, 1],
      [15, 12, 60, 3, 0.6, 1],
      [17.5, 14, 50, 2.5, 0.8, 1],
      [20, 16, 40, 2, 1, 0],
    ]);
  });

  // the borders as they stand in the docstring: from memory, on the cautious side
  test('bees fly up to each border and not on it', () => {
    const flying = { temperatureC: 9.01, sunAltitude: 3.01, windMs: 7.99, rainMm: 0 };
    expect(beesFly(flying)).toBe(true);
    for (const change of [{ temperatureC: 9 }, { sunAltitude: 3 }, { windMs: 8 }, { rainMm: RAIN_THAT_COUNTS_MM }])
      expect(beesFly({ ...flying, ...change })).toBe(false);
  });

  test('rain to come, wind, heat, cold and wet leaves close an hour', () => {
    const reasonOf = (change: (i: number) => Partial<HourlyWeather>, needs = {}) => {
      const slots = conditionsOver(hoursFrom('2026-05-24T19:00:00Z', 30, change), place, at('2026-05-24T20:00:00Z'));
      return openHours(slots, { ...soap, ...needs }, { site: 'outdoors', inFlower: false }).closed[0]?.reasons[0]?.code;
    };
    expect(reasonOf((i) => ({ rainMm: i === 6 ? 2 : 0 }), { rainFreeHours: 24 })).toBe('rain-to-come');
    expect(reasonOf(() => ({ windMs: 8 }))).toBe('wind');
    expect(reasonOf(() => ({ temperatureC: 33 }))).toBe('heat');
    expect(reasonOf(() => ({ temperatureC: 2 }))).toBe('cold');
    expect(reasonOf((i) => ({ rainMm: i === 0 ? 2 : 0 }), { leaf: 'dry' })).toBe('wet-leaves');
  });

  test('wind and rain do not reach indoors', () => {
    const slots = conditionsOver(
      hoursFrom('2026-05-24T20:00:00Z', 6, () => ({ windMs: 12, rainMm: 3 })),
      place,
      at('2026-05-24T20:00:00Z'),
    );
    expect(openHours(slots, soap, { site: 'indoors', inFlower: true }).open).toHaveLength(1);
  });

  test('open and closed spans tile the time without gap or overlap', () => {
    const weather = fc.array(
      fc.record({
        temperatureC: fc.integer({ min: -5, max: 38 }),
        humidityPct: fc.integer({ min: 20, max: 100 }),
        windMs: fc.integer({ min: 0, max: 12 }),
        rainMm: fc.constantFrom(0, 0, 0, 1),
        cloud: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      { minLength: 2, maxLength: 48 },
    );
    fc.assert(
      fc.property(weather, (w) => {
        const slots = conditionsOver(
          w.map((h, i) => ({ ...h, at: new Date(Date.parse('2026-05-24T00:00:00Z') + i * 3_600_000).toISOString() })),
          place,
          at('2026-05-24T00:00:00Z'),
        );
        const { open, closed } = openHours(slots, soap, inFlower);
        const spans = [...open, ...closed].sort((a, b) => a.from - b.from);
        spans.forEach((s, i) => expect(s.from).toBe(i === 0 ? slots[0]?.at : spans[i - 1]?.to));
        expect(spans.at(-1)?.to).toBe((slots.at(-1)?.at ?? 0) + 900_000);
      }),
      { numRuns: 100 },
    );
  });
});

describe('hours that look ahead', () => {
  const NIGHT = '2026-05-24T22:00:00Z';
  const outdoors = { site: 'outdoors' as const, inFlower: true };
  const seen = (change: (i: number) => Partial<HourlyWeather>, hours = 96, from = NIGHT) => conditionsOver(hoursFrom(from, hours, change), place, at(from));
  const first = (slots: readonly Conditions[]) => slots[0] as Conditions;
  const codes = (c: Conditions, needs: HourNeeds, setting: Setting = outdoors) => reasonsAt(c, needs, setting).map((r) => r.code);

  test('slow rain counts by its sum: 0.19 mm an hour washes off as a shower does, less than half a millimetre does not', () => {
    expect(first(seen(() => ({ rainMm: 0.19 }))).rainInHours).toBe(2);
    expect(first(seen((i) => ({ rainMm: i === 5 ? 0.2 : 0 }))).rainInHours).toBe(5);
    expect(first(seen((i) => ({ rainMm: i === 5 || i === 9 ? 0.19 : 0 }))).rainInHours).toBe(Infinity);
    expect(first(seen((i) => ({ rainMm: [5, 9, 20].includes(i) ? 0.19 : 0 }))).rainInHours).toBe(20);
    // an hour later the window holds only two of them
    expect(seen((i) => ({ rainMm: [0, 9, 20].includes(i) ? 0.19 : 0 }))[4]?.rainInHours).toBe(Infinity);
    expect(codes(first(seen(() => ({ rainMm: 0.19 }))), { rainFreeHours: 24 })).toContain('rain-to-come');
    expect(first(seen((i) => ({ rainMm: i === 0 ? 0.01 : 0 }))).leafWet).toBe(true);
    expect(seen((i) => ({ rainMm: i === 0 ? 0.01 : 0 }))[12]?.leafWet).toBe(false);
  });

  test('rain in hours is never after the hours that really hold enough, whatever falls', () => {
    const fall = fc.array(fc.constantFrom(0, 0, 0, 0.05, 0.1, 0.19, 0.2, 0.5, 2), { minLength: 1, maxLength: 60 });
    fc.assert(
      fc.property(fall, (mm) => {
        const slots = seen((i) => ({ rainMm: mm[i] ?? 0 }), mm.length);
        mm.forEach((_, i) => {
          const slot = slots[i * 4] as Conditions;
          let sum = 0;
          let found = Infinity;
          for (let k = i; k < mm.length && found === Infinity; k++) {
            sum += mm[k] ?? 0;
            if ((mm[k] ?? 0) >= 0.2 || sum >= 0.5 - 1e-9) found = k - i;
          }
          expect([i, slot.rainInHours]).toEqual([i, found]);
        });
      }),
      { numRuns: runs(300) },
    );
  });

  test('a forecast reaches five days of hours; behind that what asks for any weather is closed, and what was measured goes on', () => {
    const needs = { rainFreeHours: 6, maxWindMs: 4 };
    const lastOpen = (certainty: 'known' | 'forecast' | 'guess') => {
      const slots = seen(() => ({ certainty }), 240);
      return ((openHours(slots, needs, outdoors).open.at(-1)?.to ?? 0) - (slots[0]?.at ?? 0)) / 3_600_000;
    };
    // the last hours need six more of dry ones
    expect([lastOpen('forecast'), lastOpen('known'), lastOpen('guess')]).toEqual([114.25, 234.25, 234.25]);
    const slots = seen(() => ({ certainty: 'forecast' }), 240);
    const [at, behind] = [slots[120 * 4 - 1] as Conditions, slots[120 * 4 + 1] as Conditions];
    expect([codes(at, { maxWindMs: 4 }), codes(behind, { maxWindMs: 4 }), codes(behind, {})]).toEqual([[], ['too-far'], []]);
    expect(codes(behind, { maxWindMs: 4 }, { site: 'indoors', inFlower: false })).toEqual([]);
    expect(codes(behind, { maxTempC: 30 }, { site: 'glasshouse', inFlower: false })).toEqual(['too-far']);
    expect([slots[0]?.certainty, seen(() => ({}), 2)[0]?.certainty]).toEqual(['forecast', 'known']);
  });

  test('an hour that had begun when it was told is known; a later one was a forecast, and so is one of nobody knows when', () => {
    const t = Date.parse('2026-05-24T18:00:00Z');
    expect([certaintyOf(t, t - 1), certaintyOf(t, t), certaintyOf(t, t + 1), certaintyOf(t, null)]).toEqual(['forecast', 'known', 'known', 'forecast']);
  });

  test('what is not known is not dry: just short of the hours it is closed, at them it is open', () => {
    const known = (hours: number) => codes(first(seen(() => ({}), hours)), { rainFreeHours: 24 });
    expect([known(6), known(23), known(24), known(48)]).toEqual([['not-known'], ['not-known'], [], []]);
    expect(codes(first(seen(() => ({}), 6)), { rainFreeHours: 24 }, { site: 'indoors', inFlower: false })).toEqual([]);
    expect(codes(first(seen(() => ({}), 6)), {})).toEqual([]);
    expect(
      openHours(
        seen(() => ({}), 30),
        { rainFreeHours: 24 },
        outdoors,
      ).open.at(-1)?.to,
    ).toBe(at(NIGHT) + 6.25 * 3_600_000);
  });

  test('what harms bees until it is dry is dry before they fly', () => {
    const slots = seen(() => ({}), 48);
    const dawn = slots.findIndex((c) => c.beesFlying);
    const shut = (needs: HourNeeds, setting: Setting) => slots.slice(0, dawn).filter((c) => codes(c, needs, setting).includes('not-dry')).length / 4;
    // 15 °C and 65 % dry in two hours; damp air takes four
    expect(shut({ bees: 'in-flower' }, outdoors)).toBe(1.75);
    expect(shut({ bees: 'in-flower' }, { ...outdoors, inFlower: false })).toBe(0);
    expect(shut({ bees: 'always' }, { ...outdoors, inFlower: false })).toBe(1.75);
    expect(shut({ bees: 'always' }, { site: 'indoors', inFlower: true })).toBe(0);
    expect(shut({}, outdoors)).toBe(0);
    // a dust has nothing to dry: it has to settle first (from memory)
    expect(shut({ bees: 'always', dry: true }, outdoors)).toBe(1.75);
    const damp = seen(() => ({ humidityPct: 90 }), 48);
    const at4 = damp.slice(
      0,
      damp.findIndex((c) => c.beesFlying),
    );
    expect(at4.filter((c) => codes(c, { bees: 'in-flower' }, outdoors).includes('not-dry')).length / 4).toBe(3.75);
    // nowhere a bee: nothing to wait for
    expect(seen(() => ({ temperatureC: 5 }), 48).every((c) => c.beesInHours === Infinity)).toBe(true);
  });

  test('the heat of tomorrow and the frost of the day after close what goes on harming', () => {
    const heat = (t: number, hour: number) => codes(first(seen((i) => ({ temperatureC: i === hour ? t : 15 }))), { maxTempC: 30, mildAhead: true });
    expect([heat(30, 24), heat(29.9, 24), heat(30, 25), heat(36, 12)]).toEqual([['heat-ahead'], [], [], ['heat-ahead']]);
    expect(codes(first(seen((i) => ({ temperatureC: i === 12 ? 36 : 15 }))), { maxTempC: 30 })).toEqual([]);
    const frost = (t: number, hour: number) => codes(first(seen((i) => ({ temperatureC: i === hour ? t : 8 }))), { noFrostAhead: true });
    expect([frost(0, 48), frost(0.1, 48), frost(-4, 49), frost(-4, 10)]).toEqual([['frost-ahead'], [], [], ['frost-ahead']]);
    expect(reasonsAt(first(seen((i) => ({ temperatureC: i === 12 ? 36 : 15 }))), { maxTempC: 30, mildAhead: true }, outdoors)[0]?.sentence).toBe(
      'Hot within a day: 36 °C, limit 30 °C',
    );
  });

  test('still clear air, and air that shrinks drops', () => {
    const still = (change: Partial<HourlyWeather>, from = NIGHT) => codes(first(seen(() => change, 4, from)), { minWindMs: 3 / 3.6 });
    expect([still({ windMs: 0.2, cloud: 0 }), still({ windMs: 0.84, cloud: 0 }), still({ windMs: 0.2, cloud: 0.3 })]).toEqual([['still'], [], []]);
    expect(still({ windMs: 0.2, cloud: 0 }, '2026-05-24T12:00:00Z')).toEqual([]);
    // source: Stull 2011 and GRDC: 28.5 °C at 20 % is a delta T of 13
    const dry = (t: number, rh: number) => codes(first(seen(() => ({ temperatureC: t, humidityPct: rh }), 4)), { maxDeltaT: 10 });
    expect([dry(28.5, 20), dry(20, 50), dry(24, 40)]).toEqual([['dry-air'], [], []]);
  });

  test('which labels look ahead: sulfur and oil in heat, oil in frost, fine drops and dust in still air', () => {
    const of = (control: string, sheet: string) => needsOf(findControl(control) as Control, findSheet(sheet) as LabelSheet);
    expect(of('sulfur-spray', 'wettable-sulfur')).toMatchObject({ mildAhead: true, maxDeltaT: 10 });
    expect(of('sulfur-spray', 'wettable-sulfur').noFrostAhead).toBeUndefined();
    expect(of('winter-oil', 'horticultural-oil')).toMatchObject({ mildAhead: true, noFrostAhead: true });
    expect(of('organophosphate-spray', 'malathion-50-ec')).toMatchObject({ minWindMs: 3 / 3.6, bees: 'always' });
    expect(of('soap-spray', 'potassium-soap').minWindMs).toBe(3 / 3.6);
    expect(of('carbaryl-dust', 'carbaryl-dust').maxDeltaT).toBeUndefined();
    expect([of('carbaryl-dust', 'carbaryl-dust').dry, of('organophosphate-spray', 'malathion-50-ec').dry]).toEqual([true, undefined]);
  });
});
