import { Body, Equator, Horizon, Observer } from 'astronomy-engine';
import fc from 'fast-check';
import { celsius, degrees, instant } from '../src/measure';
import { conditionsOver, deltaT, irradiance, openHours, sunAltitude, wetBulb, type HourlyWeather } from '../src/weather';

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
      { numRuns: 200 },
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
