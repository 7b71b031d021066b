import { CONTROLS, findControl } from '../src/catalogue';
import { gentlerThan, hazardScore, ladder, recommend, RULES, type Candidate, type Reason } from '../src/decide';
import { lineFor } from '../src/label';
import { findSheet } from '../src/label/sheets';
import { dayStart, waitUntil } from '../src/schedule';
import { needsOf } from '../src/weather';
import { at, past, place, situation, type Setup } from './situation';

/** What every rule together says about one control at one moment, by code. */
function reasons(controlId: string, setup: Setup = {}, when?: string): Map<string, Reason> {
  const s = situation(setup);
  const control = findControl(controlId);
  if (!control) throw new Error(controlId);
  const sheet = control.sheet ? (findSheet(control.sheet) ?? null) : null;
  const line = sheet ? lineFor(sheet, s.host, s.trouble) : null;
  const candidate: Candidate = { control, sheet, line: line?.ok ? line.value : null, refusal: line && !line.ok ? (line.reasons[0]?.sentence ?? '') : null };
  const said = RULES.map((rule) => rule(s, candidate, when ? at(when) : s.now)).filter((r): r is Reason => r !== null);
  return new Map(said.map((r) => [r.code, r]));
}

describe('the picking wait', () => {
  const picking = { planting: { pickFrom: '2026-06-13', pickUntil: '2026-07-05' } };
  test.each([
    ['well before the picking', '2026-06-01T20:00:00Z', false],
    ['seven days and a little before its first day', '2026-06-05T20:00:00Z', false],
    ['six days before', '2026-06-07T20:00:00Z', true],
    ['in the middle of it', '2026-06-20T20:00:00Z', true],
    ['on the evening of the last day', '2026-07-05T20:00:00Z', true],
    ['on the day after', '2026-07-06T20:00:00Z', false],
  ])('%s', (_what, when, closed) => expect(reasons('organophosphate-spray', picking, when).has('picking-wait')).toBe(closed));

  test('names both ways out: after the picking, or the picking put off', () => {
    const r = reasons('organophosphate-spray', picking, '2026-06-10T20:00:00Z').get('picking-wait');
    expect(r?.opens).toEqual({ kind: 'at', at: dayStart('2026-07-06', place.zone) });
    expect(r?.sentence).toMatch(/Allowed from Mon 6 Jul, once picked; or put the picking off to Thu 18 Jun/);
  });

  test('does not concern what is not eaten, nor a wait of no days', () => {
    expect(reasons('organophosphate-spray', { host: 'sweet-pea', planting: { pickFrom: '2026-05-25' } }).has('picking-wait')).toBe(false);
    expect(reasons('soap-spray', { planting: { pickFrom: '2026-05-25' } }).has('picking-wait')).toBe(false);
  });
});

describe('intervals and limits from the records', () => {
  test('the interval opens to the minute', () => {
    const records = [past('neem-oil', '2026-05-20T19:30:00Z')];
    const opens = waitUntil(at('2026-05-20T19:30:00Z'), 7, place.zone);
    expect(reasons('neem-spray', { records }).get('interval')?.opens).toEqual({ kind: 'at', at: opens });
    expect(reasons('neem-spray', { records }, new Date(opens).toISOString()).has('interval')).toBe(false);
  });
  test('a season is twelve months, wherever the year begins', () => {
    const records = ['2026-02-01', '2026-04-01', '2026-06-01'].map((d) => past('malathion-50-ec', `${d}T12:00:00Z`));
    expect(reasons('organophosphate-spray', { records, now: '2026-08-01T20:00:00Z' }).get('season-maximum')?.sentence).toContain('the label allows 3');
    expect(reasons('organophosphate-spray', { records }, '2027-01-01T12:00:00Z').has('season-maximum')).toBe(true);
    // a clock that was set back makes nothing undone
    expect(reasons('organophosphate-spray', { records, now: '2026-05-01T12:00:00Z' }).has('season-maximum')).toBe(true);
    expect(reasons('organophosphate-spray', { records }, '2027-02-01T11:59:00Z').has('season-maximum')).toBe(true);
    expect(reasons('organophosphate-spray', { records }, '2027-02-01T12:00:00Z').has('season-maximum')).toBe(false);
  });
  test('another product’s use does not count', () => {
    expect(reasons('soap-spray', { records: [past('pyrethrins', '2026-05-24T18:00:00Z')] }).has('interval')).toBe(false);
  });
  test('oil and sulfur keep their distance whichever came first', () => {
    const gap = (control: string, sheet: string, trouble: string) =>
      reasons(control, { host: 'courgette', trouble, records: [past(sheet, '2026-05-20T12:00:00Z')] }).get('gap');
    expect(gap('neem-spray', 'wettable-sulfur', 'powdery-mildew')?.opens).toEqual({ kind: 'at', at: at('2026-06-03T12:00:00Z') });
    expect(gap('sulfur-spray', 'neem-oil', 'powdery-mildew')?.opens).toEqual({ kind: 'at', at: at('2026-06-03T12:00:00Z') });
    expect(gap('sulfur-spray', 'potassium-soap', 'powdery-mildew')).toBeUndefined();
  });
  test('rotation minds the last two, and lets through what pests do not grow used to', () => {
    const twice = (id: string) => [past(id, '2026-05-01T12:00:00Z'), past(id, '2026-05-10T12:00:00Z')];
    expect(reasons('pyrethrin-spray', { records: twice('pyrethrins') }).has('rotation')).toBe(true);
    expect(reasons('pyrethrin-spray', { records: [...twice('pyrethrins'), past('potassium-soap', '2026-05-12T12:00:00Z')] }).has('rotation')).toBe(false);
    expect(reasons('soap-spray', { records: twice('potassium-soap') }).has('rotation')).toBe(false);
  });
});

describe('needs of an hour', () => {
  test('the stricter of control and label wins', () => {
    const soap = findControl('soap-spray');
    const sheet = findSheet('potassium-soap');
    if (!soap || !sheet) throw new Error('soap');
    expect(needsOf(soap, { ...sheet, maxTempC: 25, rainfastHours: 12 })).toMatchObject({ maxTempC: 25, rainFreeHours: 12 });
    expect(needsOf(soap, { ...sheet, maxTempC: 40, rainfastHours: 0 })).toMatchObject({ maxTempC: 30, rainFreeHours: 1 });
    expect(needsOf(soap, { ...sheet, bees: 'toxic' })).toMatchObject({ bees: 'always' });
    expect(needsOf(soap, { ...sheet, bees: 'none' })).toMatchObject({ bees: 'in-flower' });
  });
  test('work by hand has only its own', () => expect(needsOf(findControl('pinch-tips') ?? (CONTROLS[0] as never), null)).toEqual({ daylight: true }));
});

describe('gentlest first', () => {
  test('within a rung the less harmful comes first', () => {
    const verdicts = ladder(situation({ trouble: 'spider-mite', host: 'tomato' }));
    for (let i = 1; i < verdicts.length; i++) {
      const [a, b] = [verdicts[i - 1], verdicts[i]];
      if (a && b && a.control.rung === b.control.rung) expect(hazardScore(a.control)).toBeLessThanOrEqual(hazardScore(b.control));
    }
  });
  test('harm to people counts twice', () => {
    const [one] = CONTROLS;
    if (!one) throw new Error('controls');
    const none = { people: 0, bees: 0, water: 0, helpers: 0, persistence: 0 };
    expect(hazardScore({ ...one, hazard: { ...none, people: 2 } })).toBeGreaterThan(hazardScore({ ...one, hazard: { ...none, bees: 3 } }));
  });
  test('taking the pyrethrin while pinching would do is asked about; pinching is not', () => {
    const verdicts = ladder(situation({ now: '2026-05-24T20:15:00Z' }));
    const of = (id: string) => verdicts.find((v) => v.control.id === id);
    const [pyrethrin, pinch] = [of('pyrethrin-spray'), of('pinch-tips')];
    if (!pyrethrin || !pinch) throw new Error('ladder');
    expect(gentlerThan(pyrethrin, verdicts).map((v) => v.control.id)).toContain('pinch-tips');
    expect(gentlerThan(pinch, verdicts)).toEqual([]);
  });
  test('where nothing is left there is still somebody to ask', () => {
    const s = situation({ policy: 'by-hand', trouble: 'gooseberry-sawfly', host: 'gooseberry' });
    const all = ladder(s);
    const home = all.filter((v) => v.control.rung < 7).map((v) => v.control.id);
    expect(recommend(all, s, 0.5, home)?.verdict.control.id).toBe('licensed-person');
    // never before the means at home are used up
    expect(recommend(all, s, 0.5)?.verdict.control.id).not.toBe('licensed-person');
  });
});
