import fc from 'fast-check';
import { findControl } from '../src/catalogue';
import { judge, type Situation } from '../src/decide';
import { celsius, instant, metresPerSecond } from '../src/measure';
import {
  CHANCES,
  conditionsAt,
  conditionsOver,
  dryingHours,
  hoursOfSky,
  LEAVES,
  openHours,
  SKIES,
  skyHolds,
  WARMTHS,
  WINDS,
  type SkyLook,
} from '../src/weather';
import { fineWeather, place, situation } from './situation';
import { runs } from './runs';

const HOUR = 3_600_000;
const EVENING = '2026-05-24T18:10:00.000Z';
const look = (change: Partial<SkyLook> = {}): SkyLook => ({
  id: '0197a000-0000-7000-8000-00000000f001',
  at: EVENING,
  temperatureC: 16,
  wind: 'leaves-rustle',
  leaf: 'dry',
  sky: 'half',
  rainTonight: 'no',
  twoDays: null,
  ...change,
});
const fair = { rain: 'no', frost: 'no', warmest: 'under-25' } as const;
const underSky = (l: SkyLook, setup: Parameters<typeof situation>[0] = {}): Situation => {
  const s = situation({ now: l.at, ...setup });
  return { ...s, conditions: conditionsOver(hoursOfSky(l, place), place, s.now) };
};
const verdict = (controlId: string, l: SkyLook, setup: Parameters<typeof situation>[0] = {}) => {
  const control = findControl(controlId);
  if (!control) throw new Error(controlId);
  return judge(control, underSky(l, setup));
};

describe('a look at the sky', () => {
  test('opens the evening for what needs only this evening and the night', () => {
    const v = verdict('soap-spray', look());
    expect(v.status).toBe('usable');
    expect(v.openSpans.length).toBeGreaterThan(0);
  });
  test.each<[string, Partial<SkyLook>, string]>([
    ['branches that move', { wind: 'branches-move' }, 'hour-wind'],
    ['rain that comes', { rainTonight: 'yes' }, 'hour-rain-to-come'],
    ['rain that perhaps comes', { rainTonight: 'perhaps' }, 'hour-rain-to-come'],
    ['wet leaves', { leaf: 'wet' }, 'hour-wet-leaves'],
    ['heat', { temperatureC: 33 }, 'hour-heat'],
  ])('%s closes it', (_what, change, code) => {
    const v = verdict('pyrethrin-spray', look(change));
    expect(v.status).toBe('not-now');
    expect(v.reasons.map((r) => r.code)).toContain(code);
  });
  test('what must stay dry for a day waits until somebody spoke of the day', () => {
    const blight = { host: 'potato', trouble: 'late-blight', planting: { stage: 'growing' as const } };
    expect(verdict('copper-spray', look({ at: '2026-07-10T18:10:00.000Z' }), blight).reasons.map((r) => r.code)).toContain('hour-not-known');
    expect(verdict('copper-spray', look({ at: '2026-07-10T18:10:00.000Z', twoDays: fair }), blight).status).toBe('usable');
    expect(verdict('copper-spray', look({ at: '2026-07-10T18:10:00.000Z', twoDays: { ...fair, rain: 'perhaps' } }), blight).status).toBe('not-now');
  });
  test('oil asks about frost, and sulfur about heat', () => {
    const winter = { host: 'plum', trouble: 'leaf-curl-aphid', planting: { stage: 'dormant' as const } };
    const noon = look({ at: '2026-02-10T12:00:00.000Z', temperatureC: 8 });
    expect(verdict('winter-oil', { ...noon, twoDays: fair }, winter).status).toBe('usable');
    expect(verdict('winter-oil', { ...noon, twoDays: { ...fair, frost: 'perhaps' } }, winter).reasons.map((r) => r.code)).toContain('hour-frost-ahead');
    const mildew = { host: 'courgette', trouble: 'powdery-mildew', planting: { stage: 'growing' as const } };
    const july = look({ at: '2026-07-10T18:30:00.000Z', temperatureC: 18 });
    expect(verdict('sulfur-spray', { ...july, twoDays: { ...fair, warmest: 'hotter' } }, mildew).reasons.map((r) => r.code)).toContain('hour-heat-ahead');
    expect(verdict('sulfur-spray', { ...july, twoDays: fair }, mildew).status).toBe('usable');
  });
  test('how damp the air is nobody sees: it dries slowly, and on a hot day drops shrink', () => {
    const [mild] = underSky(look()).conditions;
    const [hot] = underSky(look({ at: '2026-07-10T12:00:00.000Z', temperatureC: 28, sky: 'clear' })).conditions;
    expect(mild && dryingHours(mild)).toBe(4);
    expect(hot?.deltaT).toBeGreaterThan(10);
    expect(verdict('organophosphate-spray', look({ temperatureC: 28 }), { host: 'cabbage', trouble: 'cabbage-aphid' }).reasons.map((r) => r.code)).toContain(
      'hour-dry-air',
    );
  });
  test('holds to the next morning, or for fifty hours', () => {
    const night = skyHolds(look(), place) - Date.parse(EVENING);
    expect(night).toBeGreaterThanOrEqual(12 * HOUR);
    expect(night).toBeLessThanOrEqual(24 * HOUR);
    expect(skyHolds(look({ twoDays: fair }), place) - Date.parse(EVENING)).toBe(50 * HOUR);
    expect(hoursOfSky(look(), place).every((h) => Date.parse(h.at) < skyHolds(look(), place))).toBe(true);
  });
  test('has hours one after the other, the first two before it', () => {
    const hours = hoursOfSky(look(), place).map((h) => Date.parse(h.at));
    expect(hours[0]).toBe(Date.parse('2026-05-24T16:00:00.000Z'));
    hours.forEach((h, i) => expect(h).toBe((hours[0] as number) + i * HOUR));
  });

  const anyLook = fc.record({
    at: fc.integer({ min: 0, max: 365 * 24 }).map((h) => new Date(Date.UTC(2026, 0, 1) + h * HOUR).toISOString()),
    temperatureC: fc.integer({ min: -5, max: 38 }),
    wind: fc.constantFrom(...WINDS),
    leaf: fc.constantFrom(...LEAVES),
    sky: fc.constantFrom(...SKIES),
    rainTonight: fc.constantFrom(...CHANCES),
    twoDays: fc.option(fc.record({ rain: fc.constantFrom(...CHANCES), frost: fc.constantFrom(...CHANCES), warmest: fc.constantFrom(...WARMTHS) })),
  });
  const needs = { maxTempC: 30, maxWindMs: 4.5, rainFreeHours: 6, leaf: 'dry', mildAhead: true, noFrostAhead: true, minTempC: 5, daylight: true } as const;
  const open = (l: SkyLook) => {
    const now = instant(Date.parse(l.at));
    return openHours(conditionsOver(hoursOfSky(l, place), place, now), needs, { site: 'outdoors', inFlower: false }).open;
  };
  test('a worse word never opens what a better one closed', () => {
    fc.assert(
      fc.property(anyLook, (x) => {
        const l = { id: '0197a000-0000-7000-8000-00000000f001', ...x };
        const spans = open(l);
        const worse: SkyLook[] = [
          { ...l, rainTonight: 'perhaps' },
          { ...l, wind: 'small-trees-sway' },
          { ...l, twoDays: null },
          ...(l.twoDays
            ? [
                { ...l, twoDays: { ...l.twoDays, frost: 'perhaps' as const } },
                { ...l, twoDays: { ...l.twoDays, warmest: 'hotter' as const } },
              ]
            : []),
        ];
        for (const w of worse) {
          for (const span of open(w)) expect(spans.some((s) => s.from <= span.from && s.to >= span.to)).toBe(true);
        }
      }),
      { numRuns: runs(10_000) },
    );
  });
});

describe('where nobody knows the weather', () => {
  const none = (setup: Parameters<typeof situation>[0] = {}): Situation => ({ ...situation(setup), conditions: [] });
  const on = (id: string, s: Situation) => judge(findControl(id) as never, s);
  test('what asks for it is closed, and says what to look at', () => {
    const v = on('soap-spray', none());
    expect(v).toMatchObject({ status: 'not-now', opens: { kind: 'event', event: 'after a look at the sky' } });
    expect(v.reasons.find((r) => r.code === 'hour-unknown')?.sentence).toMatch(/look for yourself \(.*rain.*\)/);
  });
  test('what is done by hand goes on', () => expect(on('pinch-tips', none()).status).toBe('usable'));
  test('other reasons are said beside it', () => {
    const codes = on('pyrethrin-spray', none({ planting: { about: ['pond-near'] } })).reasons.map((r) => r.code);
    expect(codes).toContain('pond');
  });
  test('nothing mixed is ever open on hours that nobody knows', () => {
    for (const id of ['soap-spray', 'neem-spray', 'bt-spray', 'copper-spray', 'sulfur-spray', 'winter-oil', 'spinosad-spray', 'organophosphate-spray']) {
      for (const trouble of ['black-bean-aphid', 'cabbage-white', 'late-blight', 'powdery-mildew']) {
        expect(on(id, none({ trouble })).status).not.toBe('usable');
      }
    }
  });
});

describe('rooms and tunnels', () => {
  const now = instant(Date.parse('2026-06-21T11:00:00Z'));
  const hot = fineWeather(now, 2, { temperatureC: 20, cloud: 0 });
  test('a room has no sun, wind, rain or bees, with or without weather outside', () => {
    for (const hours of [hot, [], fineWeather(now, 2, { rainMm: 5, windMs: 12 })]) {
      const [c] = conditionsAt('indoors', hours, place, now);
      expect(c).toMatchObject({ wind: metresPerSecond(0), rainMm: 0, irradiance: 0, beesFlying: false, leafWet: false, rainInHours: Infinity });
    }
  });
  test('soap on a begonia in a room is open by day', () => {
    const s = { ...situation({ host: 'begonia', trouble: 'greenfly', planting: { site: 'indoors' }, now: '2026-06-21T11:00:00Z' }) };
    expect(judge(findControl('soap-spray') as never, { ...s, conditions: conditionsAt('indoors', [], place, s.now) }).status).toBe('usable');
  });
  test('a tunnel in the sun is up to 15 °C warmer, at night as outside', () => {
    const [noon] = conditionsAt('tunnel', hot, place, now);
    expect(noon?.temperature).toBe(celsius(35));
    const midnight = conditionsAt('tunnel', fineWeather(now + 12 * HOUR, 1, { temperatureC: 12 }), place, instant(now + 12 * HOUR))[0];
    expect(midnight?.temperature).toBe(celsius(12));
  });
  test('dawn is not dusk, and nobody mixes in the dark', () => {
    const slots = conditionsOver(fineWeather(Date.parse('2026-05-24T00:00:00Z'), 1), place, instant(Date.parse('2026-05-24T00:00:00Z')));
    const at = (needs: Parameters<typeof openHours>[1]) => openHours(slots, needs, { site: 'outdoors', inFlower: false }).open;
    for (const span of at({ duskOnly: true })) expect(new Date(span.from).getUTCHours()).toBeGreaterThan(12);
    for (const span of at({ daylight: true })) expect(new Date(span.from).getUTCHours()).toBeGreaterThan(1);
  });
});
