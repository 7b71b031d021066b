import { freshLap, type Case, type Garden } from '@sleetbrook/core/api';
import { findSheet } from '@sleetbrook/core/sheets';
import { STARTER_KITS } from '@sleetbrook/core/measure';
import { stationOf } from '../src/screens/cases/station';
import { EMPTY_FORM, readForm } from '../src/screens/garden/planting-form';
import { readCount } from '../src/screens/look/count';
import { startRate } from '@sleetbrook/core/label';
import { mixFor, sprayerFor } from '../src/screens/mix/mix-for';
import { readGarden } from '../src/screens/settings/garden-form';
import { EMPTY_MIX } from '../src/state/drafts';
import { rainBars, runs, skyLight, trace } from '../src/ui/ribbon-paths';
import { pebblePath } from '../src/ui/stone';

const ID = '0197a000-0000-7000-8000-000000000001';
const good = { ...EMPTY_FORM, name: 'Beans', hostId: 'broad-bean', area: '20' };

describe('the planting form', () => {
  test('asks of a plant that stands for another whether anybody eats from it', () => {
    const stand = { ...good, hostId: 'other-shrub' };
    expect(readForm({ ...stand, edible: null }, ID, 0, 'metric')).toMatchObject({ errors: { edible: expect.stringMatching(/eats from it/) } });
    expect(readForm({ ...stand, edible: true }, ID, 0, 'metric')).toMatchObject({ planting: { edible: true } });
    expect(readForm({ ...stand, edible: false }, ID, 0, 'metric')).toMatchObject({ planting: { edible: false } });
  });
  test('reads what is typed', () =>
    expect(readForm({ ...good, area: '4,5', pickFrom: '2026-06-13' }, ID, 0, 'metric')).toMatchObject({
      planting: { areaM2: 4.5, pickFrom: '2026-06-13', pickUntil: null },
    }));
  test('square feet become square metres', () =>
    expect(readForm({ ...good, area: '100' }, ID, 0, 'us')).toMatchObject({ planting: { areaM2: expect.closeTo(9.290304, 6) } }));
  test('what is not eaten has no picking days', () =>
    expect(readForm({ ...good, edible: false, pickFrom: '2026-06-13' }, ID, 0, 'metric')).toMatchObject({ planting: { edible: false, pickFrom: null } }));
  test.each([
    ['area', { area: 'twenty' }, /not a number/],
    ['area', { area: '-3' }, /more than 0/],
    ['area', { area: '1,500' }, /two ways/],
    ['name', { name: '' }, /name/],
    ['pickFrom', { pickFrom: 'June' }, /2026-06-13/],
    ['pickUntil', { pickFrom: '2026-07-01', pickUntil: '2026-06-01' }, /before the first/],
    ['pickFrom', { pickUntil: '2026-06-01' }, /first picking day/],
  ] as const)('%s: %p', (field, change, message) => {
    const read = readForm({ ...good, ...change }, ID, 0, 'metric');
    expect('errors' in read && read.errors[field]).toMatch(message);
  });
});

describe('the garden form', () => {
  const before: Garden = {
    revision: 0,
    name: 'Mine',
    town: '',
    latitude: 0,
    longitude: 0,
    zone: 'UTC',
    country: '',
    region: '',
    units: 'metric',
    policy: 'organic',
    around: [],
    homeMade: 'not-known',
    plans: [],
    away: [],
    emergencyNumber: '',
    poisonCentre: '',
    measures: [...STARTER_KITS.metric],
    setUp: false,
  };
  const form = {
    name: 'Mine',
    town: '',
    latitude: '55,2',
    longitude: '−1.9',
    zone: 'Europe/London',
    country: 'US',
    region: '',
    units: 'us' as const,
    policy: 'organic' as const,
    around: ['hives' as const],
    homeMade: 'allowed' as const,
    plans: [],
    away: [],
    emergencyNumber: '999',
    poisonCentre: '',
  };
  test('reads a comma and a typed minus; untouched spoons follow the units', () => {
    expect(readGarden(form, before)).toMatchObject({ garden: { latitude: 55.2, longitude: -1.9, setUp: true, measures: STARTER_KITS.us } });
  });
  test('spoons of one’s own stay', () => {
    const own = { ...before, measures: before.measures.slice(1) };
    expect(readGarden(form, own)).toMatchObject({ garden: { measures: own.measures } });
  });
  test.each([
    ['latitude', { latitude: 'north' }],
    ['latitude', { latitude: '95' }],
    ['zone', { zone: 'Moon' }],
    ['emergencyNumber', { emergencyNumber: 'help' }],
  ])('%s: %p', (field, change) => {
    const read = readGarden({ ...form, ...change }, before);
    expect('errors' in read && Object.keys(read.errors)).toContain(field);
  });
});

describe('a count', () => {
  test('empty is no count', () => expect(readCount(' ', '')).toEqual({ ok: true, value: null }));
  test('half a count is asked about', () => expect(readCount('9', '')).toMatchObject({ ok: false, errors: { looked: expect.any(String) } }));
  test.each([
    ['21', '20', 'affected'],
    ['2.5', '20', 'affected'],
    ['2', '0', 'looked'],
    ['two', '20', 'affected'],
  ])('%s of %s', (a, b, field) => {
    const read = readCount(a, b);
    expect(!read.ok && Object.keys(read.errors)).toContain(field);
  });
});

describe('the mix as typed', () => {
  const sheet = findSheet('potassium-soap');
  const line = sheet?.lines[0];
  if (!sheet || !line) throw new Error('sheet');
  const sprayers = [
    { id: 'a', revision: 1, name: 'Hand', capacityMl: 1000, forWeedkiller: false, calibrations: [] },
    { id: 'b', revision: 1, name: 'Pump', capacityMl: 5000, forWeedkiller: false, calibrations: [] },
    { id: 'c', revision: 1, name: 'Red', capacityMl: 8000, forWeedkiller: true, calibrations: [] },
  ];
  const garden = { measures: [...STARTER_KITS.metric], units: 'metric' as const };
  const read = (change: object) => mixFor({ ...EMPTY_MIX, ...change }, sheet, line, { areaM2: 20, trunkCm: null, heightM: null }, sprayers, garden);

  test('starts in the middle of the label, in the largest clean sprayer', () => {
    expect(startRate(line.rate)).toBe(15);
    expect(sprayerFor(EMPTY_MIX, sprayers)?.id).toBe('b');
    expect(read({})).toMatchObject({ ok: true, value: { product: 120, water: 8000 } });
  });
  test('the weed-killer sprayer is never chosen, also when asked for', () => expect(sprayerFor({ ...EMPTY_MIX, sprayerId: 'c' }, sprayers)?.id).toBe('b'));
  test.each([
    ['rate', { rate: 'lots' }],
    ['rate', { rate: '25' }],
    ['area', { area: '0' }],
    ['water', { water: '-1' }],
    ['water', { water: '1e9' }],
  ])('%s: %p is refused at its field', (field, change) => {
    expect(read(change)).toMatchObject({ ok: false, reasons: [{ field }] });
  });
});

describe('where a case stands', () => {
  const at = '2026-05-24T18:10:00.000Z';
  const of = (lap: object, status: 'open' | 'cleared' = 'open') => stationOf({ status, laps: [{ ...freshLap(), ...lap }] } as unknown as Case);
  test.each([
    [{}, 'decide'],
    [{ controlId: 'soap-spray' }, 'mix'],
    [{ controlId: 'pinch-tips' }, 'time'],
    [{ controlId: 'soap-spray', mixedAt: at }, 'time'],
    [{ controlId: 'soap-spray', mixedAt: at, plannedFor: at }, 'do'],
    [{ controlId: 'pinch-tips', plannedFor: at, treatmentId: ID }, 'again'],
    [{ controlId: 'pinch-tips', treatmentId: ID, afterLookId: ID }, 'judge'],
  ] as const)('%p: %s', (lap, station) => expect(of(lap)).toBe(station));
  test('cleared is cleared', () => expect(of({}, 'cleared')).toBe('cleared'));
});

describe('drawings', () => {
  test('a pebble is the same for its seed, another for another, and closed', () => {
    expect(pebblePath(3, 20, 20, 13, 9)).toBe(pebblePath(3, 20, 20, 13, 9));
    expect(pebblePath(3, 20, 20, 13, 9)).not.toBe(pebblePath(4, 20, 20, 13, 9));
    expect(pebblePath(3, 20, 20, 13, 9)).toMatch(/^M[^N]*Z$/);
  });
  test('the ribbon’s parts', () => {
    expect([skyLight(-20), skyLight(0), skyLight(40)]).toEqual([0, 0.5, 1]);
    expect(trace([0, 10], 0, 100, 0, 10)).toBe('M0.0 100.0L6.0 0.0');
    const slots = [0, 0, 1, 1, 0].map((rainMm, i) => ({ at: Date.UTC(2026, 4, 24, 18, i * 15), rainMm })) as never[];
    expect(runs(slots, (c) => c.rainMm > 0)).toEqual([{ from: 2, to: 4 }]);
    expect(rainBars(slots)).toEqual([]);
  });
});
