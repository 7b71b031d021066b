import fc from 'fast-check';
import { findControl, findHost, findTrouble, HOSTS, type Host, type Trouble } from '../src/catalogue';
import { judge } from '../src/decide';
import { pickingAt } from '../src/decide/picking';
import { lineFor, type LabelLine, type LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import { instant, type Outcome } from '../src/measure';
import { inTwelveMonths, outOfTwelveMonths } from '../src/schedule';
import { at, past, situation, verdictOn, type Setup } from './situation';
import { runs } from './runs';

const ZONES = ['Europe/London', 'America/Chicago', 'Australia/Hobart', 'Asia/Kolkata'];
const DAY = 86_400_000;
const reason = (control: string, setup: Setup, code: string) => verdictOn(control, setup).reasons.find((r) => r.code === code);

describe('a season is twelve months', () => {
  test('counted until a year later, to the minute, a leap day too', () => {
    const done = (iso: string) => [{ at: at(iso) }];
    const counts = (iso: string, now: string) => inTwelveMonths(done(iso), at(now), 'Europe/London').length;
    expect([counts('2026-01-05T12:00:00Z', '2027-01-05T11:59:00Z'), counts('2026-01-05T12:00:00Z', '2027-01-05T12:00:00Z')]).toEqual([1, 0]);
    // what lies ahead counts: the clock was set back behind it
    expect([counts('2026-01-05T12:00:00Z', '2026-01-05T12:00:00Z'), counts('2026-01-05T12:00:00Z', '2026-01-05T11:59:00Z')]).toEqual([1, 1]);
    expect(new Date(outOfTwelveMonths(at('2028-02-29T12:00:00Z'), 'UTC')).toISOString()).toBe('2029-03-01T12:00:00.000Z');
    // the second of the two hours from one to two when summer time ends in Chicago
    expect(new Date(outOfTwelveMonths(at('2031-11-02T07:00:00Z'), 'America/Chicago')).toISOString()).toBe('2032-11-02T07:00:00.000Z');
  });
  test('what is named as out of it is out of it, and an hour before it is not, wherever', () => {
    fc.assert(
      fc.property(fc.integer({ min: Date.UTC(2020, 0, 1), max: Date.UTC(2032, 0, 1) }), fc.constantFrom(...ZONES), (ms, zone) => {
        const done = [{ at: instant(ms) }];
        const out = outOfTwelveMonths(instant(ms), zone);
        expect(inTwelveMonths(done, out, zone)).toEqual([]);
        expect(out - ms).toBeLessThanOrEqual(367 * DAY);
        // an hour that the clocks leave out in one of the years comes an hour later; a 29 February a day later
        const local = new Intl.DateTimeFormat('en-GB', { timeZone: zone, month: 'numeric' }).format(ms);
        const early = local === '2' ? 25 : 2.1;
        expect(inTwelveMonths(done, instant(out - early * 3_600_000), zone)).toHaveLength(1);
      }),
      { numRuns: runs(2000) },
    );
  });
  test('the fourth in a southern summer, and in a northern winter, is the fourth of one season', () => {
    // 40 CFR 156.10: the most a season stands on the label; that a season is twelve months is our reading
    const records = ['2025-09-10', '2025-10-15', '2025-11-20'].map((d) => past('malathion-50-ec', `${d}T08:00:00Z`));
    const fourth = (now: string) => reason('organophosphate-spray', { records, now }, 'season-maximum');
    expect(fourth('2026-01-05T20:00:00Z')?.sentence).toBe('Used 3 times in twelve months: the label allows 3 a season.');
    expect(fourth('2026-01-05T20:00:00Z')?.opens).toEqual({ kind: 'at', at: at('2026-09-10T08:00:00Z') });
    expect(fourth('2026-09-10T08:00:00Z')).toBeUndefined();
    // five were used, three are allowed: the third but last has to fall out
    const more = [...records, past('malathion-50-ec', '2025-12-10T08:00:00Z'), past('malathion-50-ec', '2025-12-30T08:00:00Z')];
    expect(reason('organophosphate-spray', { records: more, now: '2026-01-05T20:00:00Z' }, 'season-maximum')?.opens).toEqual({
      kind: 'at',
      at: at('2025-11-20T08:00:00Z') + 365 * DAY,
    });
  });
});

describe('picking that goes on', () => {
  const beans = { edible: true, stage: 'fruiting' as const };
  const ask = (pickFrom: string | null, pickUntil: string | null, now = '2026-06-10T19:30:00Z') => ({ now, planting: { ...beans, pickFrom, pickUntil } });
  const wait = (...of: Parameters<typeof ask>) => reason('organophosphate-spray', ask(...of), 'picking-wait');
  test('with no last day named it is closed while it lasts, and says both ways out', () => {
    expect(wait('2026-06-01', null)?.sentence).toMatch(/no last day named.*once the last is picked; or put the picking off to Thu 18 Jun/);
    expect(wait('2026-06-01', null)?.opens).toEqual({
      kind: 'event',
      event: 'once the last is picked',
      change: { code: 'picked', label: 'The last is picked', planting: { pickUntil: '2026-06-09' } },
    });
    // it has not begun: nothing can be picked out yet
    expect(wait('2026-06-12', null)?.opens).toMatchObject({ kind: 'event', change: null });
    expect(wait('2026-06-18', null)).toBeUndefined();
    expect(wait('2026-06-17', null)).toBeDefined();
    // and that way out leads out
    expect(wait('2026-06-01', '2026-06-09')).toBeUndefined();
  });
  test('a last day that is named opens after it', () => {
    expect(wait('2026-06-01', '2026-06-20')?.opens).toEqual({ kind: 'at', at: at('2026-06-20T23:00:00Z') });
    expect(wait('2026-06-01', '2026-06-10')?.opens).toEqual({ kind: 'at', at: at('2026-06-10T23:00:00Z') });
  });
  test('dates of a picking that is over say nothing of the one to come', () => {
    const note = (...of: Parameters<typeof ask>) => reason('organophosphate-spray', ask(...of), 'no-picking-date')?.sentence;
    expect(note('2025-06-01', '2025-07-01')).toMatch(/dates are past: if you still pick.*nothing is picked for 7 days/);
    expect(note('2025-06-01', null)).toMatch(/dates are past/);
    expect(note(null, null)).toMatch(/^No picking date is set/);
    expect([note('2026-06-01', null), note('2026-06-20', '2026-07-20')]).toEqual([undefined, undefined]);
  });
  test('at the borders of the dates', () => {
    const of = (pickUntil: string | null, now: string) => pickingAt({ pickFrom: '2026-06-01', pickUntil }, at(now), 'Europe/London');
    expect([of('2026-06-20', '2026-06-20T22:59:00Z'), of('2026-06-20', '2026-06-20T23:00:00Z')]).toEqual(['ahead', 'past']);
    expect([of(null, '2027-01-26T23:00:00Z'), of(null, '2027-01-27T00:00:00Z')]).toEqual(['ahead', 'past']);
    expect(pickingAt({ pickFrom: null, pickUntil: '2026-06-01' }, at('2026-06-01T00:00:00Z'), 'UTC')).toBe('none');
  });
});

describe('the most particular line of a label counts, wherever it stands', () => {
  const [potato, tomato] = [findHost('potato') as Host, findHost('tomato') as Host];
  const beetle = findTrouble('colorado-beetle') as Trouble;
  const [near = '', ...rest] = beetle.labelAs;
  const far = rest.at(-1) ?? near;
  const sheet = findSheet('malathion-50-ec') as LabelSheet;
  const line = (id: string, change: Partial<LabelLine>): LabelLine => ({
    ...(sheet.lines[0] as LabelLine),
    id,
    crops: ['vegetables'],
    pests: [near],
    phiDays: 1,
    stages: undefined,
    ...change,
  });
  const pick = (lines: LabelLine[], host: Host = potato, stage: Parameters<typeof lineFor>[3] = null) => {
    const found: Outcome<LabelLine> = lineFor({ ...sheet, forbidden: [], lines }, host, beetle, stage);
    return found.ok ? found.value.id : found.reasons[0]?.code;
  };
  const both = (a: LabelLine, b: LabelLine, ...more: [Host?, Parameters<typeof lineFor>[3]?]) => [pick([a, b], ...more), pick([b, a], ...more)];

  test('the crop before its kind: 14 days on potatoes are not hidden by 1 day on vegetables', () => {
    const [general, own] = [line('general', { phiDays: 1 }), line('own', { crops: ['potato'], phiDays: 14 })];
    expect(both(general, own)).toEqual(['own', 'own']);
    expect(both(general, own, tomato)).toEqual(['general', 'general']);
    // also where the particular one is the milder
    expect(both(line('general', { phiDays: 14 }), line('own', { crops: ['potato'], phiDays: 1 }))).toEqual(['own', 'own']);
  });
  test('then the nearer word for the pest', () => {
    if (near === far) throw new Error('two words are wanted');
    expect(both(line('kind', { pests: [far], phiDays: 14 }), line('itself', { pests: [near] }))).toEqual(['itself', 'itself']);
    expect(both(line('kind', { crops: ['potato'], pests: [far] }), line('itself', { pests: [near] }))).toEqual(['kind', 'kind']);
  });
  test('a line for another stage hides none that holds now', () => {
    const [dormant, growing] = [line('dormant', { crops: ['potato'], stages: ['dormant'] }), line('growing', { stages: ['growing'] })];
    expect(both(dormant, growing, potato, 'growing')).toEqual(['growing', 'growing']);
    expect(both(dormant, growing, potato, 'dormant')).toEqual(['dormant', 'dormant']);
    expect(both(line('any', {}), line('now', { stages: ['growing'] }), potato, 'growing')).toEqual(['now', 'now']);
    // none holds: it is named, and the stage rule says when
    expect(pick([dormant], potato, 'growing')).toBe('dormant');
  });
  test('of equals the strictest: the longest wait, not on food above all, then the least that may be used', () => {
    expect(both(line('a', { phiDays: 3 }), line('b', { phiDays: 7 }))).toEqual(['b', 'b']);
    expect(both(line('a', { phiDays: 90 }), line('b', { phiDays: null }))).toEqual(['b', 'b']);
    const rate = (max: number) => ({ rate: { ...(sheet.lines[0] as LabelLine).rate, max } });
    expect(both(line('a', rate(9)), line('b', rate(8)))).toEqual(['b', 'b']);
  });
  test('the engine goes by the stage of the plants', () => {
    const oil = findControl('winter-oil');
    if (!oil) throw new Error('oil');
    const s = situation({ host: 'apple', trouble: 'fruit-tree-mite', planting: { stage: 'dormant' } });
    const own: LabelSheet = {
      ...(findSheet('horticultural-oil') as LabelSheet),
      id: 'own-oil',
      specimen: false,
      forbidden: [],
      lines: (['dormant', 'growing'] as const).map((stage) => ({
        ...((findSheet('horticultural-oil') as LabelSheet).lines[0] as LabelLine),
        id: stage,
        crops: ['fruit'],
        pests: [s.trouble.labelAs[0] ?? ''],
        stages: [stage],
      })),
    };
    const lineAt = (stage: 'dormant' | 'growing') => judge(oil, { ...s, planting: { ...s.planting, stage }, sheets: [own] }).line?.id;
    expect([lineAt('dormant'), lineAt('growing')]).toEqual(['dormant', 'growing']);
  });
});

describe('stone fruit is cut in summer only', () => {
  const cut = (host: string, now: string, latitude = 55) => {
    const control = findControl('prune-out');
    if (!control) throw new Error('prune-out');
    const trouble = host === 'apple' ? 'canker' : 'silver-leaf';
    const s = situation({ host, trouble: findTrouble(trouble) ? trouble : 'silver-leaf', now });
    return judge(control, { ...s, place: { ...s.place, latitude } }).reasons.find((r) => r.code === 'summer-pruning');
  };
  test('in the north June to August, in the south December to February; and it says from when', () => {
    const shut = (host: string, days: readonly string[], latitude?: number) => days.map((d) => cut(host, `2026-${d}T12:00:00Z`, latitude) !== undefined);
    expect(shut('plum', ['01-15', '05-31', '06-01', '08-31', '09-01'])).toEqual([true, true, false, false, true]);
    expect(shut('plum', ['11-30', '12-01', '02-28', '03-01'], -37)).toEqual([true, false, false, true]);
    expect(shut('flowering-cherry', ['01-15'])).toEqual([true]);
    expect(shut('apple', ['01-15'])).toEqual([false]);
    expect(cut('cherry', '2026-01-15T12:00:00Z')?.opens).toEqual({ kind: 'at', at: at('2026-05-31T23:00:00Z') });
    expect(cut('cherry', '2026-09-01T12:00:00Z')?.opens).toEqual({ kind: 'at', at: at('2027-05-31T23:00:00Z') });
    expect(cut('peach', '2026-05-31T12:00:00Z')?.opens).toEqual({ kind: 'at', at: at('2026-05-31T23:00:00Z') });
  });
});

// figures from memory of US labels, each the longest that a line lumps
describe('specimens carry the longest wait of what a line lumps', () => {
  const wait = (sheet: string, host: string, word: string) => {
    const found = lineFor(findSheet(sheet) as LabelSheet, findHost(host) as Host, { labelAs: [word] });
    return found.ok ? found.value.phiDays : found.reasons[0]?.code;
  };
  test.each([
    ['spinosad', 'potato', 'beetles', 7],
    ['spinosad', 'tomato', 'caterpillars', 3],
    ['spinosad', 'apricot', 'caterpillars', 14],
    ['spinosad', 'peach', 'thrips', 14],
    ['spinosad', 'apple', 'codling-moth', 7],
    ['mancozeb', 'onion', 'downy-mildews', 7],
    ['mancozeb', 'tomato', 'blights', 5],
    ['mancozeb', 'leek', 'downy-mildews', 'crop-not-on-label'],
    ['mancozeb', 'chives', 'downy-mildews', 'crop-not-on-label'],
    ['malathion-50-ec', 'lettuce', 'aphids', 14],
    ['malathion-50-ec', 'broad-bean', 'aphids', 7],
    ['carbaryl-dust', 'cabbage', 'caterpillars', 14],
    ['carbaryl-dust', 'tomato', 'beetles', 7],
  ])('%s on %s against %s: %p', (sheet, host, word, days) => expect(wait(sheet, host, word)).toBe(days));
  test('sulfur vapour never where people live, whatever stands there', () => {
    for (const house of HOSTS.filter((h) => h.crops.includes('house-plants')))
      expect([house.id, wait('sulfur-vapour', house.id, 'powdery-mildew')]).toEqual([house.id, 'crop-forbidden']);
    expect(wait('sulfur-vapour', 'tomato', 'powdery-mildew')).toBe(1);
  });
  test('sulfur never on apricots; copper on fruit trees only while they rest; copper soap by its label', () => {
    expect(wait('wettable-sulfur', 'apricot', 'brown-rot')).toBe('crop-forbidden');
    expect(wait('wettable-sulfur', 'peach', 'brown-rot')).toBe(1);
    expect((findSheet('copper-hydroxide') as LabelSheet).lines.find((l) => l.crops.includes('stone-fruit'))?.stages).toEqual(['dormant']);
    // ½ to 2 US fl oz a US gallon
    expect((findSheet('copper-octanoate') as LabelSheet).lines[0]?.rate.max).toBeLessThanOrEqual((2 * 29.5735295625) / 3.785411784);
  });
});
