import fc from 'fast-check';
import type { Hush, Milestone, Planting } from '../src/api';
import { celsius, instant } from '../src/measure';
import { degreeDays, extremesOf, wateredAt, withWatering, type HourlyWeather } from '../src/weather';
import { daySummaries, WARNING_MODELS, warningsOf, yearBegan, type WarningFacts } from '../src/warn';
import { plantingOf } from './planting-of';

const NOW = instant(Date.parse('2026-05-10T08:00:00Z'));
const KENT = { latitude: 51.3, longitude: 0.5, zone: 'Europe/London', country: 'GB' };
const OHIO = { latitude: 40, longitude: -83, zone: 'America/New_York', country: 'US' };
const HOUR = 3_600_000;
const id = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const planting = (n: number, hostId: string, change: Partial<Planting> = {}): Planting => plantingOf(id(n), hostId, change);

/** Dry mild hours from one instant on, as some are told otherwise. @param ahead hours after now, which are forecast */
const weather = (from: string, ahead: number, of: (at: number) => Partial<HourlyWeather> = () => ({})): HourlyWeather[] => {
  const first = Date.parse(from);
  return Array.from({ length: Math.round((NOW + ahead * HOUR - first) / HOUR) }, (_, i) => {
    const at = first + i * HOUR;
    return {
      at: new Date(at).toISOString(),
      temperatureC: 14,
      humidityPct: 60,
      windMs: 2,
      rainMm: 0,
      cloud: 0.5,
      certainty: at < NOW ? ('known' as const) : ('forecast' as const),
      ...of(at),
    };
  });
};
const facts = (change: Partial<WarningFacts>): WarningFacts => ({
  now: NOW,
  place: KENT,
  units: 'metric',
  plantings: [],
  hours: weather('2026-01-01T00:00:00Z', 72),
  milestones: [],
  hushes: [],
  treatments: [],
  ...change,
});
const seen = (what: Milestone['what'], on: string, n = 1): Milestone => ({ id: id(90), revision: 1, plantingId: id(n), what, on });
/** Rain through a coming day, from six in the morning. */
const wetDay = (day: string) => (at: number) => ({ rainMm: at >= Date.parse(`${day}T06:00:00Z`) && at < Date.parse(`${day}T18:00:00Z`) ? 1 : 0 });

describe('a wet day that is coming', () => {
  const hours = weather('2026-01-01T00:00:00Z', 96, wetDay('2026-05-12'));

  test('warns the apple two days before it, with what is to be done and by when, in degrees of the grower', () => {
    const told = warningsOf(facts({ plantings: [planting(1, 'apple')], hours, milestones: [seen('green-tip', '2026-04-20')] }));
    const [scab] = told.warnings;
    expect(scab).toMatchObject({
      troubleId: 'apple-scab',
      is: 'coming',
      sure: 'forecast',
      // seven hours of wet leaves at 14 °C
      at: '2026-05-12T13:00:00.000Z',
      by: '2026-05-12T06:00:00.000Z',
      guardedUntil: null,
      hushed: null,
    });
    expect(scab?.saw).toBe('Wet from Tue 12 May 07:00: leaves wet for 14 h at 14 °C; 7 h let scab in.');
    expect(scab?.act).toBe('What guards must be on and dry before Tue 12 May 07:00.');
    const us = warningsOf(facts({ plantings: [planting(1, 'apple')], hours, units: 'us' }));
    expect(us.warnings[0]?.saw).toContain('at 57 °F');
  });

  test('says nothing to a bare tree, to a pear, to what stands under a roof, or after the spores of spring', () => {
    const of = (p: Planting, milestones: Milestone[] = []) =>
      warningsOf(facts({ plantings: [p], hours, milestones })).warnings.filter((w) => w.troubleId === 'apple-scab');
    expect(of(planting(1, 'apple'))).toHaveLength(1);
    expect(of(planting(1, 'apple', { stage: 'dormant' }))).toEqual([]);
    expect(of(planting(1, 'pear'))).toEqual([]);
    expect(of(planting(1, 'apple', { site: 'under-glass' as Planting['site'] }))).toEqual([]);
    // 14 °C a day since 5 April are 490 degree-days: 415 are enough
    expect(of(planting(1, 'apple'), [seen('green-tip', '2026-04-05')])).toEqual([]);
    expect(of(planting(1, 'apple'), [seen('green-tip', '2026-04-15')])).toHaveLength(1);
  });

  test('once it has rained it is too late to guard, and it says when to look', () => {
    const later = instant(Date.parse('2026-05-13T08:00:00Z'));
    const [scab] = warningsOf(facts({ now: later, plantings: [planting(1, 'apple')], hours })).warnings;
    expect(scab?.is).toBe('came');
    expect(scab?.act).toContain('too late for this one');
    expect(scab?.act).toContain('after about 12 days');
    const muchLater = instant(Date.parse('2026-05-17T08:00:00Z'));
    expect(warningsOf(facts({ now: muchLater, plantings: [planting(1, 'apple')], hours })).warnings).toEqual([]);
  });

  test('is put off, silenced, and told again', () => {
    const hush = (change: Partial<Hush>): Hush => ({ id: id(80), revision: 1, plantingId: id(1), modelId: 'scab-mills', until: null, on: true, ...change });
    const hushed = (h: Hush) => warningsOf(facts({ plantings: [planting(1, 'apple')], hours, hushes: [h] })).warnings[0]?.hushed;
    expect(hushed(hush({}))).toEqual({ until: null });
    expect(hushed(hush({ until: '2026-05-11T08:00:00.000Z' }))).toEqual({ until: '2026-05-11T08:00:00.000Z' });
    expect(hushed(hush({ until: '2026-05-10T07:00:00.000Z' }))).toBeNull();
    expect(hushed(hush({ on: false }))).toBeNull();
    expect(hushed(hush({ plantingId: id(2) }))).toBeNull();
    expect(hushed(hush({ modelId: 'black-rot-spotts' }))).toBeNull();
  });
});

describe('what is not known is said', () => {
  test('no weather at all, no gauge, no day to count from', () => {
    const plantings = [planting(1, 'apple'), planting(2, 'tomato')];
    const none = warningsOf(facts({ plantings, hours: [] }));
    expect([none.warnings, none.seesUntil]).toEqual([[], null]);
    expect(new Set(none.blind.map((b) => b.why))).toEqual(new Set(['No weather is known here.']));
    const noGauge = warningsOf(facts({ plantings, hours: weather('2026-01-01T00:00:00Z', 0, () => ({ unread: ['rain'], certainty: 'reckoned' })) }));
    expect(noGauge.blind).toContainEqual({
      plantingId: id(1),
      troubleId: 'apple-scab',
      model: expect.objectContaining({ id: 'scab-mills' }) as unknown,
      asks: null,
      why: 'Rain was not read: without a gauge nobody can tell.',
    });
    expect(noGauge.blind).toContainEqual(expect.objectContaining({ plantingId: id(2), troubleId: 'septoria', asks: 'emerged' }));
    expect(noGauge.blind).toContainEqual(expect.objectContaining({ plantingId: id(1), troubleId: 'codling-moth', asks: 'first-moth' }));
  });

  test('how far it sees ends at the first hour that nobody told of', () => {
    const hours = weather('2026-05-09T00:00:00Z', 48);
    expect(warningsOf(facts({ hours })).seesUntil).toBe('2026-05-12T08:00:00.000Z');
    expect(warningsOf(facts({ hours: hours.filter((h) => h.at !== '2026-05-10T20:00:00.000Z') })).seesUntil).toBe('2026-05-10T20:00:00.000Z');
    expect(warningsOf(facts({ hours: hours.filter((h) => h.at < '2026-05-10T08') })).seesUntil).toBeNull();
  });

  test('a sum with days missing is at least so much, and a guess', () => {
    const warm = (at: number) => ({ temperatureC: new Date(at).getUTCHours() < 12 ? 12 : 26 });
    const gap = weather('2026-01-01T00:00:00Z', 24, warm).filter((h) => !h.at.startsWith('2026-05-0'));
    const milestones = [seen('first-moth', '2026-04-15')];
    const codling = (hours: HourlyWeather[]) =>
      warningsOf(facts({ plantings: [planting(1, 'apple')], hours, milestones })).warnings.find((w) => w.model.id === 'codling-hatch');
    expect(codling(weather('2026-01-01T00:00:00Z', 24, warm))?.sure).toBe('known');
    expect(codling(gap)).toMatchObject({ sure: 'guess' });
    expect(codling(gap)?.saw).toContain('9 days are not known: it is at least that.');
  });
});

test('codling eggs hatch on the day on which 139 °C-days have come together since the first moths', () => {
  const day = (at: number) => ({ temperatureC: 13 + 8 * Math.sin(((new Date(at).getUTCHours() - 9) / 24) * 2 * Math.PI) });
  const hours = weather('2026-04-01T00:00:00Z', 96, day);
  let sum = 0;
  let on = '';
  for (let d = Date.parse('2026-04-15T23:00:00Z') - 24 * HOUR; sum < 139; d += 24 * HOUR) {
    const t = extremesOf(hours.filter((h) => Date.parse(h.at) >= d && Date.parse(h.at) < d + 24 * HOUR));
    sum += t ? degreeDays(celsius(t.least), celsius(t.most), { lower: 10, upper: 31.1 }) : 4;
    on = new Date(d).toISOString();
    if (!t) break;
  }
  const [w] = warningsOf(facts({ plantings: [planting(1, 'apple')], hours, milestones: [seen('first-moth', '2026-04-15')] })).warnings;
  expect(w).toMatchObject({ troubleId: 'codling-moth', is: 'due' });
  expect(Math.abs(Date.parse(w?.at ?? '') - Date.parse(on))).toBeLessThanOrEqual(12 * 24 * HOUR);
  expect(w?.saw).toMatch(/^\d+ °C-days of 139 °C-days: then eggs hatch\.$/);
  const us = warningsOf(facts({ units: 'us', plantings: [planting(1, 'apple')], hours, milestones: [seen('first-moth', '2026-04-15')] })).warnings[0];
  expect(us?.saw).toContain('of 250 °F-days');
});

test('two damp days warn potatoes and tomatoes of late blight, and a tomato under cover is left out', () => {
  const damp = (at: number) => ({ humidityPct: new Date(at).getUTCHours() < 8 && at >= Date.parse('2026-05-11T00:00:00Z') ? 95 : 60 });
  const told = warningsOf(
    facts({ plantings: [planting(1, 'potato'), planting(2, 'tomato'), planting(3, 'carrot')], hours: weather('2026-05-01T00:00:00Z', 96, damp) }),
  );
  const blight = told.warnings.filter((w) => w.troubleId === 'late-blight');
  expect(blight.map((w) => w.plantingId)).toEqual([id(1), id(2)]);
  expect(blight[0]).toMatchObject({ is: 'coming', sure: 'forecast', at: '2026-05-11T23:00:00.000Z' });
});

test('what is not known to live in these parts is not foretold there', () => {
  const of = (place: WarningFacts['place']) => warningsOf(facts({ place, plantings: [planting(1, 'plum', { stage: 'fruiting' })] }));
  expect([...of(KENT).warnings, ...of(KENT).blind].filter((w) => w.troubleId === 'plum-curculio')).toEqual([]);
  expect(of(OHIO).blind).toContainEqual(expect.objectContaining({ troubleId: 'plum-curculio', asks: 'petal-fall' }));
});

test('a growing year begins in January, and in July in the south', () => {
  expect(yearBegan('2026-05-10', 51)).toBe('2026-01-01');
  expect(yearBegan('2026-05-10', -35)).toBe('2025-07-01');
  expect(yearBegan('2026-07-01', -35)).toBe('2026-07-01');
});

test('whatever the weather, a warning that is coming is ahead, its end is not after it, and nothing is told twice', () => {
  const hosts = [...new Set(WARNING_MODELS.flatMap((m) => m.hosts))];
  const plantings = hosts.map((h, i) => planting(i + 1, h, { stage: i % 2 ? 'flowering' : 'growing', stageOn: '2026-04-25' }));
  const milestones = plantings.flatMap((_p, i) =>
    (['emerged', 'bud-swell', 'green-tip', 'first-flower', 'petal-fall', 'first-moth'] as const).map((what, k) => ({
      ...seen(what, '2026-04-20', i + 1),
      id: id(1000 + i * 10 + k),
    })),
  );
  fc.assert(
    fc.property(
      fc.infiniteStream(fc.tuple(fc.integer({ min: -5, max: 38 }), fc.integer({ min: 30, max: 100 }), fc.constantFrom(0, 0, 0, 0.5, 4))),
      fc.integer({ min: 0, max: 120 }),
      (stream, ahead) => {
        const hours = weather('2026-04-01T00:00:00Z', ahead, () => {
          const { value } = stream.next();
          const [temperatureC, humidityPct, rainMm] = value as [number, number, number];
          return { temperatureC, humidityPct, rainMm };
        });
        const told = warningsOf(facts({ place: OHIO, plantings, hours, milestones }));
        expect(new Set(told.warnings.map((w) => w.key)).size).toBe(told.warnings.length);
        for (const w of told.warnings) {
          if (w.is === 'coming') expect(Date.parse(w.at)).toBeGreaterThan(NOW - 24 * HOUR);
          if (w.is === 'came') expect(Date.parse(w.at)).toBeLessThanOrEqual(NOW);
          // what is coming is guarded against before it; what came is reached back to after it
          if (w.by) expect(w.is === 'came' ? w.by > w.at : w.by <= w.at).toBe(true);
          expect(w.saw + w.act).not.toMatch(/NaN|undefined|Infinity|null/);
        }
        expect(warningsOf(facts({ place: OHIO, plantings, hours, milestones }))).toEqual(told);
      },
    ),
    { numRuns: 25 },
  );
});

test('days in figures: least, most, rain, wet hours and warmth; without a gauge rain is not known', () => {
  const hours = weather('2026-05-09T23:00:00Z', 15, (at) => ({
    temperatureC: new Date(at).getUTCHours() < 12 ? 8 : 20,
    rainMm: new Date(at).getUTCHours() === 3 ? 2 : 0,
  }));
  expect(daySummaries(hours, 'Europe/London')).toEqual([
    { day: '2026-05-10', leastC: 8, mostC: 20, rainMm: 2, wetHours: 3, warmth: 4.4, whole: true, sure: 'forecast' },
  ]);
  expect(
    daySummaries(
      hours.map((h) => ({ ...h, rainMm: 0, unread: ['rain' as const] })),
      'Europe/London',
    )[0]?.rainMm,
  ).toBeNull();
  expect(daySummaries(hours.slice(0, 5), 'Europe/London')[0]?.whole).toBe(false);
});

describe('watered from above', () => {
  const green = seen('green-tip', '2026-04-20');
  /** Nights near the dew, in which a shower in the evening does not dry off. */
  const close = weather('2026-01-01T00:00:00Z', 72, (at) => ({ humidityPct: new Date(at).getUTCHours() < 6 || new Date(at).getUTCHours() >= 20 ? 92 : 60 }));
  const dry = weather('2026-01-01T00:00:00Z', 72);
  const told = (about: Planting['about'], hours: HourlyWeather[] = dry, hostId = 'rose') =>
    warningsOf(facts({ plantings: [planting(1, hostId, { about })], hours, milestones: [green] })).warnings;

  test('lets in what the weather alone does not, and says so; at the root it does not', () => {
    // dew from 20 to 6 is ten hours, at 18 °C enough for black spot by itself; the watering adds to a night that is too short
    const short = weather('2026-01-01T00:00:00Z', 72, (at) => ({
      temperatureC: 20,
      humidityPct: new Date(at).getUTCHours() < 3 || new Date(at).getUTCHours() >= 21 ? 92 : 60,
    }));
    const spot = (about: Planting['about']) => told(about, short).filter((w) => w.troubleId === 'black-spot');
    expect(spot([])).toEqual([]);
    expect(spot(['watered-above-morning'])).toEqual([]);
    const wet = spot(['watered-above-evening']);
    expect(wet.length).toBeGreaterThan(0);
    for (const w of wet) expect(w.act).toMatch(/^Only watering from above lets it in: water at the root\. /);
  });

  test('what the weather lets in by itself is not laid to the watering', () => {
    const spot = told(
      ['watered-above-evening'],
      close.map((h) => ({ ...h, temperatureC: 20 })),
    ).filter((w) => w.troubleId === 'black-spot');
    expect(spot.length).toBeGreaterThan(0);
    for (const w of spot) expect(w.act).not.toContain('watering from above');
  });

  test('only what is said to be so has it, and no water on cold or rainy days', () => {
    const at = (about: Planting['about'], of: (at: number) => Partial<HourlyWeather>) =>
      withWatering(weather('2026-05-01T00:00:00Z', 0, of), wateredAt(about), KENT).reduce((mm, h) => mm + h.rainMm, 0);
    const days = 9;
    expect(at([], () => ({}))).toBe(0);
    expect(at(['watered-above-morning'], () => ({}))).toBe(5 * (days + 1));
    expect(at(['watered-above-morning'], () => ({ temperatureC: 9 }))).toBe(0);
    // an hour of rain at noon is a day without watering
    expect(at(['watered-above-evening'], (ms) => ({ rainMm: new Date(ms).getUTCHours() === 12 ? 4 : 0 }))).toBe(4 * days);
  });

  test('both are said: the evening counts, and the hour is by the sun', () => {
    expect(wateredAt(['watered-above-morning', 'watered-above-evening'])).toBe('evening');
    expect(wateredAt(['thirsty'])).toBeNull();
    const hour = (about: Planting['about'], place: typeof KENT) =>
      withWatering(weather('2026-05-08T00:00:00Z', 0), wateredAt(about), place)
        .filter((h) => h.rainMm > 0)
        .map((h) => new Date(h.at).getUTCHours());
    // the sun of London in May: up at four by UTC, down at half past seven
    expect(new Set(hour(['watered-above-morning'], KENT))).toEqual(new Set([5]));
    expect(new Set(hour(['watered-above-evening'], KENT))).toEqual(new Set([18]));
    // in Ohio five hours and a half later
    expect(new Set(hour(['watered-above-evening'], OHIO))).toEqual(new Set([23]));
  });
});
