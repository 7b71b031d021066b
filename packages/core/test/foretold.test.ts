import type { Milestone, Planting, Treatment } from '../src/api';
import { findTrouble } from '../src/catalogue';
import { activesOf } from '../src/label';
import { SHEETS } from '../src/label/sheets';
import { instant } from '../src/measure';
import { guardedBy } from '../src/warn/guarded';
import { reachBack } from '../src/warn/reach-back';
import { daysUntil, reached, sumOver } from '../src/warn/sum';
import { daysOf } from '../src/warn/days';
import { FLIGHTS, warningsOf, type WarningFacts } from '../src/warn';
import type { HourlyWeather } from '../src/weather';
import { plantingOf } from './planting-of';

const NOW = instant(Date.parse('2026-06-20T08:00:00Z'));
const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const OHIO = { latitude: 40, longitude: -83, zone: 'UTC', country: 'US' };
const id = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const planting = (hostId: string, change: Partial<Planting> = {}): Planting => plantingOf(id(1), hostId, change);
const seen = (what: Milestone['what'], on: string): Milestone => ({ id: id(90), revision: 1, plantingId: id(1), what, on });

/** Hours from one day on to some days after now, by the day (0 is the first) and the hour of it. */
const weather = (from: string, daysAhead: number, of: (day: number, hour: number) => Partial<HourlyWeather>): HourlyWeather[] => {
  const first = Date.parse(`${from}T00:00:00Z`);
  const n = Math.round((Date.parse('2026-06-20T00:00:00Z') + (daysAhead + 1) * DAY - first) / HOUR);
  return Array.from({ length: n }, (_, i) => {
    const at = first + i * HOUR;
    return {
      at: new Date(at).toISOString(),
      temperatureC: 15,
      humidityPct: 60,
      windMs: 2,
      rainMm: 0,
      cloud: 0.5,
      certainty: at < NOW ? ('known' as const) : ('forecast' as const),
      ...of(Math.floor(i / 24), i % 24),
    };
  });
};
const told = (modelId: string, change: Partial<WarningFacts>) => {
  const all = warningsOf({ now: NOW, place: OHIO, units: 'metric', plantings: [], hours: [], milestones: [], hushes: [], treatments: [], ...change });
  return { seen: all.warnings.filter((w) => w.model.id === modelId), blind: all.blind.filter((b) => b.model.id === modelId) };
};

describe('leaf blights of tomatoes, by their sum', () => {
  // eight wet hours at 15 °C count 1 a day (TOMCAST)
  const damp = (from: string, ahead = 0) => weather(from, ahead, (_, h) => (h < 8 ? { humidityPct: 95 } : {}));
  const tomatoes = [planting('tomato')];

  test('from 35 since they were out it is time to guard, once for each of the three', () => {
    const due = told('tomato-blights-tomcast', { plantings: tomatoes, hours: damp('2026-05-01'), milestones: [seen('emerged', '2026-05-10')] });
    expect(due.seen.map((w) => [w.troubleId, w.is, w.at, w.sure])).toEqual([
      ['anthracnose', 'due', '2026-06-13T00:00:00.000Z', 'known'],
      ['early-blight', 'due', '2026-06-13T00:00:00.000Z', 'known'],
      ['septoria', 'due', '2026-06-13T00:00:00.000Z', 'known'],
    ]);
    expect(due.seen[0]?.saw).toBe('Wet and warm days add up to 42 of 35 since they were out.');
  });

  test('on the very day it is time, and no longer ahead', () => {
    const [w] = told('tomato-blights-tomcast', { plantings: tomatoes, hours: damp('2026-05-01'), milestones: [seen('emerged', '2026-05-17')] }).seen;
    expect(w).toMatchObject({ at: '2026-06-20T00:00:00.000Z', by: null });
    expect(w?.act).toMatch(/^Time to guard/);
  });

  test('within ten days of it at the rate of the last week it is said ahead, as a guess; later it is not', () => {
    const on = (day: string) => told('tomato-blights-tomcast', { plantings: tomatoes, hours: damp('2026-05-01'), milestones: [seen('emerged', day)] }).seen;
    // 27 by the twentieth: eight days are missing
    expect(on('2026-05-25')[0]).toMatchObject({ is: 'due', at: '2026-06-28T00:00:00.000Z', by: '2026-06-28T00:00:00.000Z', sure: 'guess' });
    // 25: ten
    expect(on('2026-05-27')).toHaveLength(3);
    expect(on('2026-05-28')).toEqual([]);
  });

  test('a day that a forecast brings is as sure as the forecast, and one with days missing before it is a guess', () => {
    const ahead = (hours: HourlyWeather[]) =>
      told('tomato-blights-tomcast', { plantings: tomatoes, hours, milestones: [seen('emerged', '2026-05-20')] }).seen[0];
    const hours = damp('2026-05-01', 4);
    // 32 by the twentieth
    expect(ahead(hours)).toMatchObject({ is: 'due', at: '2026-06-23T00:00:00.000Z', sure: 'forecast' });
    expect(ahead(hours.filter((h) => !h.at.startsWith('2026-05-25')))).toMatchObject({ at: '2026-06-24T00:00:00.000Z', sure: 'guess' });
  });

  test('what was put on sets the count anew, to 15', () => {
    const captan = treatment('mancozeb', '2026-06-15T18:00:00.000Z');
    const w = told('tomato-blights-tomcast', {
      plantings: tomatoes,
      hours: damp('2026-05-01', 4),
      milestones: [seen('emerged', '2026-05-10')],
      treatments: [captan],
    }).seen;
    expect(w[0]?.saw).toMatch(/^Wet and warm days add up to 6 of 15 since they were last guarded\.$/);
    expect(w[0]?.guardedUntil).toBe('2026-06-22T18:00:00.000Z');
  });
});

test('potatoes: 300 potato days since they came up, and no more of it once guarded', () => {
  const hours = weather('2026-05-01', 0, () => ({ temperatureC: 21 }));
  const potato = [planting('potato')];
  const due = told('potato-days', { plantings: potato, hours, milestones: [seen('emerged', '2026-05-10')] }).seen;
  // ten a day at 21 °C: the thirtieth day
  expect(due[0]).toMatchObject({ is: 'due', at: '2026-06-08T00:00:00.000Z', by: null });
  expect(due[0]?.saw).toMatch(/^420 potato days of 300/);
  expect(
    told('potato-days', {
      plantings: potato,
      hours,
      milestones: [seen('emerged', '2026-05-10')],
      treatments: [treatment('mancozeb', '2026-06-18T18:00:00.000Z')],
    }).seen,
  ).toEqual([]);
  // also on the very day on which they came up
  const sprouting = { plantings: potato, hours, milestones: [seen('emerged', '2026-06-18')], treatments: [treatment('mancozeb', '2026-06-18T18:00:00.000Z')] };
  expect(told('potato-days', sprouting)).toEqual({ seen: [], blind: [] });
  expect(told('potato-days', { plantings: potato, hours }).blind[0]).toMatchObject({ asks: 'emerged' });
});

describe('powdery mildew of grapes, by its index', () => {
  const vine = [planting('grape')];
  const mild = (from: number, to: number, ahead: number) =>
    weather('2026-06-01', ahead, (d, h) => ({ temperatureC: d >= from && d < to && h > 8 && h < 18 ? 25 : 15 }));
  test('three mild days running bring it to 60, and it stands now', () => {
    const [w] = told('grape-mildew-index', { plantings: vine, hours: mild(17, 20, 0) }).seen;
    expect(w).toMatchObject({ is: 'due', at: '2026-06-20T00:00:00.000Z', by: null });
    expect(w?.saw).toContain('to 60 of 100');
    expect(w?.act).toContain('after 7 to 10 days');
  });
  test('days to come are said with the day, and by when', () => {
    const [w] = told('grape-mildew-index', { plantings: vine, hours: mild(20, 24, 4) }).seen;
    expect(w).toMatchObject({ is: 'coming', at: '2026-06-23T00:00:00.000Z', by: '2026-06-23T00:00:00.000Z', sure: 'forecast' });
  });
  test('without such days nothing is said', () => expect(told('grape-mildew-index', { plantings: vine, hours: mild(0, 0, 4) }).seen).toEqual([]));
});

describe('fire blight of the flowers', () => {
  const apple = [planting('apple', { stage: 'flowering', stageOn: '2026-06-12' })];
  const warm = (rainDay: number) =>
    weather('2026-06-10', 4, (d, h) => ({ temperatureC: h > 8 && h < 20 ? 24 : 14, rainMm: d === rainDay && h === 10 ? 1 : 0, humidityPct: 60 }));
  test('is told on the day on which all four are there, counted from the stage where the first flower was not said', () => {
    const w = told('fire-blight-blossom', { plantings: apple, hours: warm(12) }).seen;
    // 11 h of 5.7 degrees a day since the twelfth: 62.7 a day, more than 110 from the second on
    expect(w.map((x) => [x.is, x.at])).toEqual([['coming', '2026-06-22T00:00:00.000Z']]);
    expect(w[0]?.saw).toMatch(/^Open flowers, 690 degree-hours/);
    expect(told('fire-blight-blossom', { plantings: apple, hours: warm(8) }).seen[0]).toMatchObject({ is: 'came', at: '2026-06-18T00:00:00.000Z' });
    expect(told('fire-blight-blossom', { plantings: apple, hours: warm(3) }).seen).toEqual([]);
  });
  test('asks for the first flower where nothing says it, and is quiet out of flower', () => {
    expect(told('fire-blight-blossom', { plantings: [planting('apple', { stage: 'flowering' })], hours: warm(12) }).blind[0]?.asks).toBe('first-flower');
    expect(told('fire-blight-blossom', { plantings: [planting('apple')], hours: warm(12), milestones: [seen('first-flower', '2026-06-12')] })).toEqual({
      seen: [],
      blind: [],
    });
  });
});

describe('wet hours with days on which the gauge was missed', () => {
  test('nothing seen is then not known, and what was seen is still told', () => {
    const rose = [planting('rose')];
    const gap = (wet: boolean) =>
      weather('2026-06-15', 0, (d, h) => (d === 1 ? { unread: ['rain' as const] } : wet && d === 4 ? { temperatureC: 20, rainMm: h < 12 ? 1 : 0 } : {}));
    expect(told('black-spot-wet', { plantings: rose, hours: gap(false) }).seen).toEqual([]);
    const blind = warningsOf({ now: NOW, place: OHIO, units: 'metric', plantings: rose, hours: gap(false), milestones: [], hushes: [], treatments: [] }).blind;
    expect(blind.filter((b) => b.troubleId === 'black-spot').map((b) => b.why)).toEqual([expect.stringContaining('ain')]);
    const seenSpot = warningsOf({ now: NOW, place: OHIO, units: 'metric', plantings: rose, hours: gap(true), milestones: [], hushes: [], treatments: [] });
    expect(seenSpot.warnings.some((w) => w.troubleId === 'black-spot')).toBe(true);
    expect(seenSpot.blind.filter((b) => b.troubleId === 'black-spot')).toEqual([]);
  });

  test('rain of the day before wets flowers, too: fire blight on the day after a downpour', () => {
    const apple = [planting('apple', { stage: 'flowering', stageOn: '2026-06-12' })];
    // 3 mm on the 21st alone; the 22nd is dry, and wet by the day before
    const hours = weather('2026-06-10', 4, (d, h) => ({ temperatureC: d < 12 ? 16 : h > 8 && h < 20 ? 30 : 16, rainMm: d === 11 && h === 22 ? 3 : 0 }));
    const days = told('fire-blight-blossom', { plantings: apple, hours }).seen.map((w) => w.at);
    expect(days).toEqual(['2026-06-22T00:00:00.000Z']);
  });

  test('the hour in which the day of the buds begins counts for leaf curl', () => {
    const peach = [planting('peach', { stage: 'growing' })];
    // thirteen wet hours from the very midnight on which the day begins
    const hours = weather('2026-06-15', 3, (d, h) => ({ temperatureC: 10, rainMm: d === 5 && h < 11 ? 0.4 : 0 }));
    expect(told('leaf-curl-rossi', { plantings: peach, hours, milestones: [seen('bud-swell', '2026-06-20')] }).seen).toHaveLength(1);
  });
});

describe('peach leaf curl', () => {
  const peach = [planting('peach', { stage: 'growing' })];
  const wet = (mm: number, ahead = 3) => weather('2026-06-15', ahead, (d, h) => ({ temperatureC: 10, rainMm: d === 6 && h < 13 ? mm / 13 : 0 }));
  test('takes 3 mm and 12.5 wet hours since the buds swelled', () => {
    const w = told('leaf-curl-rossi', { plantings: peach, hours: wet(4), milestones: [seen('bud-swell', '2026-06-10')] }).seen;
    expect(w[0]).toMatchObject({ is: 'coming', at: '2026-06-21T13:00:00.000Z', by: '2026-06-21T00:00:00.000Z' });
    expect(told('leaf-curl-rossi', { plantings: peach, hours: wet(2.5), milestones: [seen('bud-swell', '2026-06-10')] }).seen).toEqual([]);
  });
  test('is past six weeks after, and asks where the day was not said', () => {
    expect(told('leaf-curl-rossi', { plantings: peach, hours: wet(4), milestones: [seen('bud-swell', '2026-05-01')] })).toEqual({ seen: [], blind: [] });
    expect(told('leaf-curl-rossi', { plantings: peach, hours: wet(4) }).blind[0]?.asks).toBe('bud-swell');
  });
});

test('three tens for grapes: the rain of two days, said before and after, and blind without a gauge', () => {
  const vine = [planting('grape')];
  const rain = (day: number, mm: number, c = 12) =>
    weather('2026-06-15', 4, (d, h) => ({ temperatureC: c, rainMm: (d === day || d === day + 1) && h === 9 ? mm : 0 }));
  expect(told('grape-downy-tens', { plantings: vine, hours: rain(6, 6) }).seen).toMatchObject([
    { is: 'coming', at: '2026-06-22T00:00:00.000Z', sure: 'forecast' },
  ]);
  expect(told('grape-downy-tens', { plantings: vine, hours: rain(3, 6) }).seen).toMatchObject([{ is: 'came', at: '2026-06-19T00:00:00.000Z', sure: 'known' }]);
  expect(told('grape-downy-tens', { plantings: vine, hours: rain(6, 4) }).seen).toEqual([]);
  expect(told('grape-downy-tens', { plantings: vine, hours: rain(6, 6, 9) }).seen).toEqual([]);
  const unread = weather('2026-06-15', 0, () => ({ unread: ['rain'] }));
  expect(told('grape-downy-tens', { plantings: vine, hours: unread }).blind[0]?.why).toContain('without a gauge');
  // a gauge that was read and dry is no blindness, and one that was missed on some days is
  expect(told('grape-downy-tens', { plantings: vine, hours: weather('2026-06-15', 0, () => ({})) })).toEqual({ seen: [], blind: [] });
  const missed = weather('2026-06-15', 0, (d) => (d === 2 ? { unread: ['rain'] } : {}));
  expect(told('grape-downy-tens', { plantings: vine, hours: missed }).blind).toHaveLength(1);
});

// source: each model's own figures; at a steady warmth the day is the sum over what a day brings
describe('each flight comes on the day that its sum is reached', () => {
  const STEADY_C = 15;
  test.each(FLIGHTS.map((f) => [f.id, f] as const))('%s', (_id, f) => {
    const daily = STEADY_C - f.thresholds.lower;
    const days = Math.ceil(f.target / daily);
    const startOf = (day: number) => new Date(NOW - (day + 1) * DAY).toISOString().slice(0, 10);
    // begun so long ago that it comes in five days: before that nothing is warm enough to count
    const began = startOf(days - 5);
    const hours = weather('2026-01-01', 8, (d) => ({
      temperatureC: new Date(Date.parse('2026-01-01') + d * DAY).toISOString().slice(0, 10) > began ? STEADY_C : f.thresholds.lower - 1,
    }));
    const milestones = f.from === 'year' ? [] : [seen(f.from, began)];
    const [host] = f.hosts;
    const found = told(f.id, { plantings: [planting(host ?? '', { stage: f.stages.at(-1) ?? 'growing' })], hours, milestones });
    expect(found.blind).toEqual([]);
    expect(found.seen).toHaveLength(1);
    const off = (Date.parse(found.seen[0]?.at ?? '') - NOW) / DAY;
    expect(off).toBeGreaterThan(3);
    expect(off).toBeLessThan(7);
  });
  test('one start a flight: a stage of life that warmth brings counts from where the warning does', () => {
    for (const f of FLIGHTS.filter((x) => x.from === 'year'))
      for (const stage of findTrouble(f.trouble)?.life ?? [])
        if (stage.warmth) expect([f.trouble, stage.warmth.from]).toEqual([f.trouble, 'the beginning of the year']);
  });
  test('what is so in some parts only is not foretold elsewhere', () => {
    const kent = { latitude: 51.2, longitude: 0.5, zone: 'Europe/London', country: 'GB' };
    const apples = { place: kent, plantings: [planting('apple')], hours: weather('2026-01-01', 0, () => ({ temperatureC: 14 })) };
    expect(told('san-jose-crawlers', apples)).toEqual({ seen: [], blind: [] });
    expect(told('apple-maggot-first', apples)).toEqual({ seen: [], blind: [] });
  });
});

describe('flights from the beginning of the year', () => {
  const squash = [planting('courgette')];
  const hours = (from: string) => weather(from, 0, () => ({ temperatureC: 14 }));
  test('vine borers fly at 556 °C-days above 10', () => {
    // four a day since 1 January: the 139th day
    const [w] = told('vine-borer-flight', { plantings: squash, hours: hours('2026-01-01') }).seen;
    expect(w).toBeUndefined();
    const soon = told('vine-borer-flight', { plantings: squash, hours: weather('2026-01-01', 0, (d) => ({ temperatureC: d >= 36 ? 14 : 10 })) }).seen[0];
    expect(soon).toMatchObject({ is: 'due', sure: 'guess', at: '2026-06-24T00:00:00.000Z' });
    expect(soon?.saw).toBe('540 °C-days of 556 °C-days: then moths fly.');
  });
  test('with more than ten days unknown nothing is summed', () => {
    const few = told('vine-borer-flight', { plantings: squash, hours: hours('2026-01-13') });
    expect([few.seen, few.blind[0]?.why]).toEqual([[], 'It counts warmth from the beginning of the year, and 12 days of it are not known.']);
    expect(told('vine-borer-flight', { plantings: squash, hours: hours('2026-01-11') }).blind).toEqual([]);
  });
});

describe('sums', () => {
  const days = daysOf(
    weather('2026-06-10', 2, () => ({})),
    'UTC',
  );
  const one = () => 1;
  test('missing days add nothing and are counted, today is not missing', () => {
    const s = sumOver(days, '2026-06-05', '2026-06-20', one);
    expect([s.missing, s.after.length, s.after.at(-1)?.sum]).toEqual([5, 18, 13]);
    expect(sumOver(days.slice(0, -3), '2026-06-10', '2026-06-20', one).missing).toBe(0);
    expect(reached(s, 3)?.day).toBe('2026-06-12');
    expect(reached(s, 14)).toBeUndefined();
  });
  test('days on from the last at the rate of the last week', () => {
    const s = sumOver(days, '2026-06-10', '2026-06-20', one);
    expect([
      daysUntil(s, 15),
      daysUntil(s, 13),
      daysUntil(
        sumOver(days, '2026-06-10', '2026-06-20', () => 0),
        15,
      ),
    ]).toEqual([2, 0, null]);
  });
});

function treatment(active: string, finishedAt: string, change: Partial<Treatment> = {}): Treatment {
  const sheet = SHEETS.find((s) => activesOf(s).some((a) => a.id === active) && s.lines.some((l) => l.coverage !== 'drenched'));
  if (!sheet) throw new Error(active);
  return {
    id: id(500),
    plantingId: id(1),
    controlId: `${active}-spray`,
    controlName: 'Mancozeb spray',
    sheet,
    lineId: sheet.lines[0]?.id ?? null,
    finishedAt,
    struck: null,
    ...change,
  } as unknown as Treatment;
}

describe('what reaches back over what has come', () => {
  const CAME = Date.parse('2026-06-19T12:00:00Z');
  const back = (hours: number) => reachBack('apple-scab', CAME, instant(CAME + hours * HOUR));

  // captan about 18 hours, a triazole about 72 (from memory, as growers' tables have it)
  test('is named with the longest first, and until when', () => {
    const now = back(2);
    expect(now?.until).toBe(CAME + 18 * HOUR);
    expect(now?.names).toEqual(['Captan spray']);
    expect([back(17.9) === null, back(18)]).toEqual([false, null]);
    const rose = reachBack('black-spot', CAME, instant(CAME + 20 * HOUR));
    expect([rose?.names, rose?.until]).toEqual([['Tebuconazole spray'], CAME + 72 * HOUR]);
  });

  test('is said with what came, and never with what nothing reaches back to', () => {
    const rain = weather('2026-06-15', 0, (d, h) => ({ rainMm: d === 4 && h >= 6 && h < 18 ? 1 : 0 }));
    const [w] = told('scab-mills', { plantings: [planting('apple')], hours: rain }).seen;
    expect(w?.is).toBe('came');
    expect(w?.act).toMatch(/may still stop it until about .*, where label and ladder allow\.$/);
    expect(Date.parse(w?.by ?? '')).toBeGreaterThan(NOW);
    // nothing reaches back over fire blight
    expect(reachBack('fire-blight', CAME, instant(CAME))).toBeNull();
    expect(reachBack('nothing-of-the-kind', CAME, instant(CAME))).toBeNull();
  });
});

describe('what guards', () => {
  const at = '2026-06-18T08:00:00.000Z';
  const guard = (list: readonly Treatment[], hours: readonly HourlyWeather[] = [], now = NOW) => guardedBy(list, 'early-blight', hours, now);

  test('is what was put on against it and is not worn out', () => {
    expect(guard([treatment('mancozeb', at)])).toEqual({ until: Date.parse('2026-06-25T08:00:00Z'), by: 'Mancozeb spray', since: Date.parse(at) });
    expect(guard([treatment('mancozeb', at)], [], instant(Date.parse('2026-06-25T08:00:00Z')))).toBeNull();
    expect(guard([treatment('mancozeb', at, { struck: { at, reason: 'Written twice' } })])).toBeNull();
    expect(guard([treatment('mancozeb', at, { sheet: null })])).toBeNull();
  });

  test('the longest counts, whatever the order', () => {
    const [a, b] = [treatment('mancozeb', '2026-06-15T08:00:00.000Z'), treatment('mancozeb', at)];
    expect(guard([a, b])?.since).toBe(Date.parse(at));
    expect(guard([b, a])?.since).toBe(Date.parse(at));
  });

  test('rain in the hour in which it was finished counts, and the line that was put on says how', () => {
    const t = treatment('mancozeb', at);
    const cloudburst = weather('2026-06-18', 0, (d, h) => ({ rainMm: d === 0 && h === 8 ? 30 : 0 }));
    expect(guard([t], cloudburst)).toBeNull();
    const [line] = t.sheet?.lines ?? [];
    if (!t.sheet || !line) throw new Error('no line');
    // the same product poured on the soil under another line: rain takes nothing off
    const lines = [line, { ...line, id: 'poured', coverage: 'drenched' as const }];
    const poured = { ...t, sheet: { ...t.sheet, lines }, lineId: 'poured' } as Treatment;
    expect([guard([poured], cloudburst) !== null, guard([{ ...poured, lineId: line.id } as Treatment], cloudburst)]).toEqual([true, null]);
  });

  test('what does nothing against it, or was washed off, does not', () => {
    expect(guard([treatment('mancozeb', at, { controlId: 'bt-spray' })])).toBeNull();
    const rain = weather('2026-06-18', 0, (d, h) => ({ rainMm: d === 1 && h < 6 ? 6 : 0 }));
    expect(guard([treatment('mancozeb', at)], rain)).toBeNull();
    // rain before it went on took nothing off
    const before = weather('2026-06-17', 0, (d) => ({ rainMm: d === 0 ? 3 : 0 }));
    expect(guard([treatment('mancozeb', at)], before)).not.toBeNull();
  });
});

describe('what comes together day by day', () => {
  const days = (from: string, ahead: number, drop: readonly string[] = []) =>
    daysOf(
      weather(from, ahead, () => ({})).filter((h) => !drop.some((d) => h.at.startsWith(d))),
      'UTC',
    );

  test('goes on to the last day that is told, ahead of today too, and to today where less is told', () => {
    const s = sumOver(days('2026-06-15', 3), '2026-06-16', '2026-06-20', () => 2);
    expect([s.after[0], s.after.at(-1), s.missing]).toEqual([
      { day: '2026-06-16', sum: 2, sure: 'known' },
      { day: '2026-06-23', sum: 16, sure: 'forecast' },
      0,
    ]);
    const behind = sumOver(days('2026-06-15', 3).slice(0, 3), '2026-06-16', '2026-06-20', () => 2);
    expect(behind.after.map((d) => [d.day, d.sum, d.sure])).toEqual([
      ['2026-06-16', 2, 'known'],
      ['2026-06-17', 4, 'known'],
      ['2026-06-18', 4, 'guess'],
      ['2026-06-19', 4, 'guess'],
      ['2026-06-20', 4, 'guess'],
    ]);
    // today is not over: it is no gap
    expect(behind.missing).toBe(2);
    expect(sumOver([], '2026-06-19', '2026-06-20', () => 2)).toMatchObject({ missing: 1, after: [{ sum: 0 }, { sum: 0 }] });
  });

  test('a day in the middle that nobody told of adds nothing, and is counted', () => {
    const s = sumOver(days('2026-06-15', 0, ['2026-06-17']), '2026-06-15', '2026-06-20', () => 1);
    expect([s.missing, s.after.at(-1)?.sum]).toEqual([1, 5]);
    expect(reached(s, 3)?.day).toBe('2026-06-18');
    expect(reached(s, 6)).toBeUndefined();
    // five in six days: four more take five days at that rate
    expect(daysUntil(s, 9)).toBe(5);
    expect(daysUntil(s, 5)).toBe(0);
  });
});

test('what was put on before tomatoes were out sets no count of theirs', () => {
  const on = (emerged: string) =>
    told('tomato-blights-tomcast', {
      plantings: [planting('tomato')],
      hours: weather('2026-05-01', 0, (_, h) => (h < 8 ? { humidityPct: 95 } : {})),
      milestones: [seen('emerged', emerged)],
      treatments: [treatment('mancozeb', '2026-06-15T18:00:00.000Z')],
    }).seen.map((w) => w.saw);
  // four of 35 on the twentieth, and not six of 15 since they were guarded
  expect(on('2026-06-17')).toEqual([]);
  expect(on('2026-06-14')[0]).toBe('Wet and warm days add up to 6 of 15 since they were last guarded.');
});

// two days running never below 10 °C with six hours of damp air (Hutton criteria)
test('late blight: what is complete today has come, what tomorrow completes is coming, each on its own day', () => {
  const first = Date.parse('2026-06-14T00:00:00Z');
  const dampOn = (days: readonly string[]) =>
    weather('2026-06-14', 3, (d, h) => (h < 7 && days.includes(new Date(first + d * DAY).toISOString().slice(0, 10)) ? { humidityPct: 95 } : {}));
  const blight = (...days: string[]) =>
    told('late-blight-hutton', { plantings: [planting('potato')], hours: dampOn(days) }).seen.map((w) => [w.is, w.at.slice(0, 10)]);
  expect(blight('2026-06-18', '2026-06-19')).toEqual([['came', '2026-06-19']]);
  expect(blight('2026-06-19', '2026-06-20')).toEqual([['came', '2026-06-20']]);
  expect(blight('2026-06-20', '2026-06-21')).toEqual([['coming', '2026-06-21']]);
  expect(blight('2026-06-19', '2026-06-20', '2026-06-21').sort()).toEqual([
    ['came', '2026-06-20'],
    ['coming', '2026-06-21'],
  ]);
  // a dry day between, or one so long ago, is nothing
  expect(blight('2026-06-18', '2026-06-20')).toEqual([]);
  expect(blight('2026-06-14', '2026-06-15')).toEqual([]);
});
