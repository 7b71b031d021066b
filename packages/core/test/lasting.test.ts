import fc from 'fast-check';
import { lastingOf, type LabelSheet } from '../src/label';
import { SHEETS, findSheet } from '../src/label/sheets';
import { rainedOff, sayRainedOff } from '../src/schedule';
import type { HourlyWeather } from '../src/weather';
import { at, fineWeather } from './situation';
import { runs } from './runs';

const sheet = (id: string, more: Partial<LabelSheet> = {}): LabelSheet => {
  const found = findSheet(id);
  if (!found) throw new Error(id);
  return { ...found, ...more };
};
const DONE = at('2026-06-10T18:00:00Z');
const HOUR = 3_600_000;
/** Rain by the hour after it was done; dry behind that. */
const rains = (mm: readonly number[], certainty: HourlyWeather['certainty'] = 'known'): HourlyWeather[] =>
  fineWeather(DONE, 20, { certainty }).map((h, i) => ({ ...h, rainMm: mm[i] ?? 0 }));
const after = (s: LabelSheet, hours: readonly HourlyWeather[], days: number, line = s.lines[0]) =>
  line ? rainedOff({ sheet: s, line, finishedAt: DONE, now: at(new Date(DONE + days * 24 * HOUR).toISOString()), hours }) : null;

describe('how long a material lasts', () => {
  test('a label’s own word goes before what is known of its actives', () => {
    expect(lastingOf(sheet('mancozeb'))).toEqual({ days: 7, rainMm: 25, kickbackH: 18, nectarDays: 0, sunHalfDays: null, prov: { mark: 'MEM' } });
    expect(lastingOf(sheet('mancozeb', { lastsDays: 10, washedOffMm: 40 }))).toMatchObject({ days: 10, rainMm: 40, prov: { mark: 'PUB' } });
    expect(lastingOf(sheet('mancozeb', { washedOffMm: 40 }))).toMatchObject({ days: 7, rainMm: 40 });
  });
  test('of two actives the one that guards longest, and for bees the one that stays longest', () => {
    const two = sheet('mancozeb', {
      actives: [
        { name: 'Potassium salts of fatty acids', percent: 40, moa: 'none' },
        { name: 'Acetamiprid', percent: 1, moa: '4A' },
      ],
    });
    expect(lastingOf(two)).toMatchObject({ days: 14, nectarDays: 14, kickbackH: 0 });
    const unheard = sheet('mancozeb', { actives: [{ name: 'Something unheard of', percent: 1, moa: 'none' }] });
    expect(lastingOf(unheard)).toEqual({ days: null, rainMm: null, kickbackH: 0, nectarDays: 0, sunHalfDays: null, prov: { mark: 'MEM' } });
  });
  test('what is done once it is dry lasts no day, and what rises with the sap is in nectar for months', () => {
    expect(lastingOf(sheet('potassium-soap')).days).toBe(0);
    expect(lastingOf(sheet('imidacloprid-drench')).nectarDays).toBeGreaterThan(180);
  });
});

describe('rain on what was put on', () => {
  const mancozeb = sheet('mancozeb');
  test('under what takes it off nothing is said, at it it is, with the hour', () => {
    const dry = Array<number>(12).fill(0);
    expect(after(mancozeb, rains([...dry, 12, 12.9]), 2)).toBeNull();
    expect(after(mancozeb, rains([...dry, 12, 13]), 2)).toEqual({ is: 'off', at: DONE + 14 * HOUR, mm: 25, foretold: false });
    expect(after(mancozeb, rains([...dry, 12, 13, 4]), 2)).toMatchObject({ at: DONE + 14 * HOUR, mm: 29 });
  });
  test('what had not held yet is another matter: half a millimetre within its dry hours', () => {
    expect(after(mancozeb, rains([0, 0, 0.4]), 1)).toBeNull();
    expect(after(mancozeb, rains([0, 0, 0.3, 0.2]), 1)).toMatchObject({ is: 'early', mm: 0.5, at: DONE + 4 * HOUR });
    // from the twelfth hour on it has held
    expect(after(mancozeb, rains([...Array<number>(11).fill(0), 6]), 1)).toMatchObject({ is: 'early' });
    expect(after(mancozeb, rains([...Array<number>(12).fill(0), 6]), 1)).toBeNull();
  });
  test('soap is done when it is dry: later rain takes nothing, early rain does', () => {
    const soap = sheet('potassium-soap');
    expect(after(soap, rains([...Array<number>(20).fill(0), 40]), 2)).toBeNull();
    expect(after(soap, rains([3]), 2)?.is).toBe(soap.rainfastHours > 0 ? 'early' : undefined);
  });
  test('in the soil and in stations rain reaches nothing; behind its days there is nothing left to lose', () => {
    const wet = rains(Array<number>(24).fill(5));
    const drench = sheet('imidacloprid-drench');
    expect(after(drench, wet, 2)).toBeNull();
    expect(after(sheet('borate-bait'), wet, 2)).toBeNull();
    const late = rains([...Array<number>(13).fill(0), 30]);
    expect([after(mancozeb, late, 7)?.is, after(mancozeb, late, 7.1)]).toEqual(['off', null]);
  });
  test('rain that was only foretold is said to be', () => {
    const soon = after(mancozeb, rains([...Array<number>(12).fill(0), 30], 'forecast'), 2);
    expect(soon?.foretold).toBe(true);
    if (!soon) throw new Error('nothing was said');
    expect(sayRainedOff(soon, mancozeb, 'Wed 17 Jun', 'metric')).toBe(
      '30 mm of rain was forecast since: about 25 mm takes it off. Look; what is still sound stands bare. Its label’s days still count: again from Wed 17 Jun.',
    );
    expect(sayRainedOff({ ...soon, foretold: false }, mancozeb, null, 'us')).toBe(
      '1.2 in of rain fell since: about 1 in takes it off. Look; what is still sound stands bare. Its label allows no more of it this year.',
    );
    expect(sayRainedOff({ ...soon, is: 'early', mm: 3, foretold: false }, mancozeb, 'Wed 17 Jun', 'metric')).toMatch(
      /^3 mm of rain fell before it had held \(it needs 12 h dry\)\. Look before anything else\./,
    );
  });
  test('more rain never gives anything back, and gaps in what is known count as dry', () => {
    const rank = (r: ReturnType<typeof rainedOff>) => (r === null ? 0 : r.is === 'off' ? 1 : 2);
    fc.assert(
      fc.property(
        fc.constantFrom(...SHEETS),
        fc.array(fc.double({ min: 0, max: 12, noNaN: true }), { minLength: 1, maxLength: 72 }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.nat(71),
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        (s, mm, more, hour, days) => {
          const wetter = mm.map((x, i) => (i === hour ? x + more : x));
          const gaps = rains(mm).filter((_, i) => i !== hour);
          expect(rank(after(s, rains(wetter), days))).toBeGreaterThanOrEqual(rank(after(s, rains(mm), days)));
          expect(rank(after(s, gaps, days))).toBeLessThanOrEqual(rank(after(s, rains(mm), days)));
        },
      ),
      { numRuns: runs(500) },
    );
  });
});
