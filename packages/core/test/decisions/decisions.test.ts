import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { findControl } from '../../src/catalogue';
import { judge, type PastTreatment } from '../../src/decide';
import { findSheet } from '../../src/label/sheets';
import { at, situation, type Setup } from '../situation';

/**
 * decisions.csv, a table that a gardener can read: a situation, a control, the verdict and the codes of the
 * reasons that must be among those given. What a cell leaves empty is a mild, dry, light-winded day late in May.
 * Expectations: labels as on the specimen sheets, else common practice.
 */
interface Row {
  what: string;
  plant: string;
  trouble: string;
  control: string;
  stage: string;
  when: string;
  weather: string;
  about: string;
  around: string;
  settings: string;
  records: string;
  picking: string;
  verdict: string;
  reasons: string;
}

const TIMES: Readonly<Record<string, string>> = {
  noon: '2026-05-24T12:00:00Z',
  dusk: '2026-05-24T20:00:00Z',
  evening: '2026-05-24T20:15:00Z',
  night: '2026-05-24T23:30:00Z',
};
/** Gardens in seven climates, three of them where July is winter or no season at all. */
const GARDENS: Readonly<Record<string, { latitude: number; longitude: number; zone: string }>> = {
  larkfold: { latitude: 55.2, longitude: -1.9, zone: 'Europe/London' },
  texas: { latitude: 30.3, longitude: -97.7, zone: 'America/Chicago' },
  prairie: { latitude: 50.4, longitude: -104.6, zone: 'America/Regina' },
  victoria: { latitude: -37.8, longitude: 145, zone: 'Australia/Melbourne' },
  delhi: { latitude: 28.6, longitude: 77.2, zone: 'Asia/Kolkata' },
  madrid: { latitude: 40.4, longitude: -3.7, zone: 'Europe/Madrid' },
  burkina: { latitude: 12.4, longitude: -1.5, zone: 'Africa/Ouagadougou' },
};
const DAY = 86_400_000;
const words = (s: string) => s.split(/\s+/).filter(Boolean);
const pairs = (s: string) => Object.fromEntries(words(s).map((w) => w.split('=') as [string, string | undefined]));

function setupOf(row: Row): Setup {
  const now = TIMES[row.when] ?? row.when.replace(/(T\d\d:\d\d)Z$/, '$1:00Z');
  const day = (offset: string) => new Date(at(now) + Number(offset) * DAY).toISOString().slice(0, 10);
  const [from, until] = row.picking.split('..');
  const weather = pairs(row.weather);
  const set = pairs(row.settings.replace(/seen=(\w+) (fruit)/, 'seen=$1_$2'));
  const plan = set['plans']?.split('-');
  const garden = GARDENS[set['in'] ?? 'larkfold'];
  if (!garden) throw new Error(`no garden ${set['in']}`);
  return {
    now,
    host: row.plant,
    trouble: row.trouble,
    planting: {
      stage: (row.stage || 'growing') as 'growing',
      site: (set['site'] ?? 'outdoors') as 'outdoors',
      dense: 'dense' in set,
      about: words(row.about) as never,
      heightM: set['height'] ? Number(set['height']) : null,
      areaM2: set['area'] ? Number(set['area']) : 20,
      pickFrom: from ? day(from) : null,
      pickUntil: until ? day(until) : null,
      ...(set['edible'] === 'no' ? { edible: false } : {}),
    },
    ...(set['in'] ? { place: garden } : {}),
    ...(weather['known'] ? { knownHours: Number(weather['known']) } : {}),
    country: set['country'] ?? null,
    ...('reported' in set ? { reported: true } : {}),
    ...('may-flower' in set ? { mayFlower: true } : {}),
    ...('preventing' in set ? { preventing: true } : {}),
    around: words(row.around) as never,
    policy: (set['policy'] ?? 'any-labelled') as 'organic',
    homeMade: (set['home'] ?? 'not-known') as 'allowed',
    ...(set['seen'] ? { stageSeen: set['seen'].replace('_', ' ') } : {}),
    ...(set['signs'] ? { seenSigns: set['signs'].split('+') } : {}),
    ...(plan ? { plans: [{ days: [1, 2, 3, 4, 5, 6, 7], from: plan[0] ?? '', to: plan[1] ?? '', what: 'watering' }] } : {}),
    records: row.records
      .split(';')
      .map((r) => r.trim())
      .filter(Boolean)
      .map((r): PastTreatment => {
        const [id = '', days = '0', grams] = words(r);
        const sheet = findSheet(id) ?? null;
        return {
          at: at(new Date(at(now) + Number(days) * DAY).toISOString()),
          controlId: sheet?.control ?? id,
          sheet,
          lineId: sheet?.lines[0]?.id ?? null,
          amount: grams ? Number(grams.slice(2)) : null,
          areaM2: 20,
        };
      }),
    weather: {
      ...(weather['temp'] ? { temperatureC: Number(weather['temp']) } : {}),
      ...(weather['wind'] ? { windMs: Number(weather['wind']) } : {}),
      ...(weather['rain'] ? { rainMm: Number(weather['rain']) } : {}),
      ...(weather['humidity'] ? { humidityPct: Number(weather['humidity']) } : {}),
      ...(weather['cloud'] ? { cloud: Number(weather['cloud']) } : {}),
      ...('forecast' in weather ? { certainty: 'forecast' as const } : {}),
      ...('guess' in weather ? { certainty: 'guess' as const } : {}),
    },
  };
}

const rows = Papa.parse<Row>(readFileSync(`${__dirname}/decisions.csv`, 'utf8').trim(), { header: true }).data;

test('the table has at least 400 rows, each of its own', () => {
  expect(rows.length).toBeGreaterThanOrEqual(400);
  expect(new Set(rows.map((r) => r.what)).size).toBe(rows.length);
});

test.each(rows.map((r) => [r.what, r] as const))('%s', (_what, row) => {
  const control = findControl(row.control);
  if (!control) throw new Error(`no control ${row.control}`);
  const v = judge(control, situation(setupOf(row)));
  const codes = v.reasons.map((r) => r.code);
  expect({ verdict: v.status, codes }).toEqual({ verdict: row.verdict, codes: expect.arrayContaining(words(row.reasons)) });
});
