import { findSheet } from '../src/label/sheets';
import type { Garden, Treatment } from '../src/api';
import type { LabelSheet } from '../src/label';
import { seasonOf, type Season } from '../src/season';
import { sayAllowed } from '../src/season/allowed';
import { daysHeld } from '../src/season/holds';
import { hoursFromNow } from '../src/season/situation';
import { instant } from '../src/measure';
import { plantingOf } from './planting-of';
import { courseFacts, hoursFrom, LARKFOLD, seasonFacts, treated } from './season-of';

const NOW = '2026-07-14T17:00:00.000Z';
const squash = plantingOf('p-squash', 'courgette', { name: 'Squash', stage: 'fruiting', areaM2: 9, pickFrom: null, pickUntil: null });
const fair = hoursFrom('2026-07-01T00:00:00.000Z', 20);
const specimen = findSheet('potassium-bicarbonate') as LabelSheet;
/** A label of one's own as it is printed: so many days between, so often a year. */
const printed = (days: number, times: number | null): LabelSheet => ({
  ...specimen,
  id: 'own-label',
  specimen: false,
  lines: specimen.lines.map((l) => ({ ...l, intervalDays: days, maxPerSeason: times })),
});
const mildew = (sheet: LabelSheet, done: readonly string[], before: readonly string[] = []): Season => {
  const round = (at: string, caseId: string) => treated({ id: `${caseId} ${at}`, caseId, planting: squash, control: 'bicarbonate-spray', at, sheet });
  const facts = courseFacts({
    id: 'c',
    planting: squash,
    trouble: 'powdery-mildew',
    control: 'bicarbonate-spray',
    also: before.map((at) => round(at, 'earlier')),
  });
  const lap = facts.case.laps[0];
  if (!lap) throw new Error('no lap');
  return seasonOf(
    seasonFacts(
      NOW,
      [{ ...facts, case: { ...facts.case, laps: [{ ...lap, sheetId: sheet.id }] }, treatments: [...facts.treatments, ...done.map((at) => round(at, 'c'))] }],
      { hours: fair, sheets: [sheet] },
    ),
  );
};
const of = (s: Season) => s.courses[0];
const FIRST = '2026-07-10T19:00:00.000Z';

describe('a label of one’s own, as it is printed', () => {
  test('its times a year end the course, and are said beside what the course would have', () => {
    const free = of(mildew(printed(7, null), [FIRST]));
    expect(free?.of).toBe('2 to 6');
    expect(free?.why).toBeNull();
    expect((free?.rounds.length ?? 0) + (free?.later.length ?? 0)).toBe(5);

    const two = of(mildew(printed(7, 2), [FIRST]));
    expect(two).toMatchObject({ of: '2', why: 'Its label allows one more this year.' });
    expect([...(two?.rounds ?? []).map((r) => r.day), ...(two?.later ?? [])]).toEqual(['2026-07-17']);

    const four = of(mildew(printed(7, 4), [FIRST]));
    expect(four).toMatchObject({ of: '2 to 4', why: 'Its label allows 3 more this year.' });
    expect((four?.rounds.length ?? 0) + (four?.later.length ?? 0)).toBe(3);
  });

  test('what was put on before for another case counts, and what is used up is said with none to come', () => {
    const spent = of(mildew(printed(7, 2), [FIRST], ['2026-06-20T19:00:00.000Z']));
    expect(spent).toMatchObject({ of: '1', why: 'Its label allows no more of it this year. Decide again for what else will do.', rounds: [], later: [] });
    // a year and a day before it is another year
    expect(of(mildew(printed(7, 2), [FIRST], ['2025-07-09T19:00:00.000Z']))?.rounds).toHaveLength(1);
  });

  test('its days between are kept, where they are longer than those of the course', () => {
    for (const days of [7, 9, 12]) {
      const c = of(mildew(printed(days, null), [FIRST]));
      expect(c?.rounds[0]?.day).toBe(`2026-07-${String(10 + Math.max(7, days))}`);
    }
    // shorter ones make the course no denser
    expect(of(mildew(printed(3, null), [FIRST]))?.rounds[0]?.day).toBe('2026-07-17');
  });
});

test.each([
  ['times', 0, 'Its label allows no more of it this year.'],
  ['times', 1, 'Its label allows one more this year.'],
  ['total', 0, 'Its label allows no more of it this year, by its total.'],
  ['total', 2, 'Its label’s total for a year allows 2 more.'],
  ['copper', 0, 'The ground may have no more copper this year.'],
  ['copper', 1, 'As to copper, the ground may have one more this year.'],
  ['rotation', 0, 'Another mode of action comes first now.'],
  ['rotation', 1, 'One more of it, then another mode of action.'],
  ['rotation', 2, '2 more of it, then another mode of action.'],
] as const)('what %s leaves: %d', (by, rounds, said) => expect(sayAllowed({ rounds, by })).toBe(said));
test('where nothing limits it nothing is said', () => expect(sayAllowed({ rounds: 14, by: null })).toBeNull());

describe('the hours from now on', () => {
  const now = instant(Date.parse('2026-07-14T17:20:00.000Z'));
  const from = (at: string, days = 1) => hoursFrom(at, days);
  test('begin with this one where it is the first that is known, and have three before it at the most', () => {
    expect(hoursFromNow(from('2026-07-14T17:00:00.000Z'), now)).toHaveLength(24);
    expect(hoursFromNow(from('2026-07-14T16:00:00.000Z'), now)[0]?.at).toBe('2026-07-14T16:00:00.000Z');
    expect(hoursFromNow(from('2026-07-14T06:00:00.000Z'), now)[0]?.at).toBe('2026-07-14T14:00:00.000Z');
    expect(hoursFromNow(from('2026-07-14T18:00:00.000Z'), now)).toEqual([]);
  });
  test('end where an hour is missing', () => {
    const gap = from('2026-07-14T15:00:00.000Z').filter((h) => h.at !== '2026-07-14T20:00:00.000Z');
    expect(hoursFromNow(gap, now).map((h) => h.at.slice(11, 13))).toEqual(['15', '16', '17', '18', '19']);
  });
});

describe('what is laid out', () => {
  const one = (of: Partial<Garden> = {}) =>
    seasonOf(
      seasonFacts(NOW, [courseFacts({ id: 'c', planting: squash, trouble: 'powdery-mildew', control: 'bicarbonate-spray', done: [FIRST] })], {
        hours: fair,
        garden: { ...LARKFOLD, ...of },
      }),
    );

  test('an evening is as sure as its rounds', () => {
    const s = one();
    expect(s.evenings.length).toBeGreaterThan(1);
    for (const e of s.evenings) expect([e.day, e.sure]).toEqual([e.day, of(s)?.rounds.find((r) => r.day === e.day)?.sure]);
    expect(s.evenings[0]?.sure).toBe('forecast');
    expect(s.evenings.at(-1)?.sure).toBe('unknown');
  });

  test('who is away past the fortnight is away on its days, and on no day after it', () => {
    const s = one({ away: [{ from: '2026-07-25', to: '2026-08-20' }] });
    expect(s.model.courses[0]?.open).toHaveLength(14);
    const away = of(s)?.closed.filter((c) => c.why === 'You are away.') ?? [];
    expect([away[0]?.day, away.at(-1)?.day, away.length]).toEqual(['2026-07-25', '2026-07-27', 3]);
    expect(of(s)?.rounds.every((r) => r.day < '2026-07-25')).toBe(true);
  });

  test('what the shed lacks goes by the last round of this case and of this control', () => {
    const facts = courseFacts({ id: 'c', planting: squash, trouble: 'powdery-mildew', control: 'bicarbonate-spray' });
    const round = (change: Partial<Treatment>, at = FIRST) => ({
      ...treated({ id: at + JSON.stringify(change), caseId: 'c', planting: squash, control: 'bicarbonate-spray', at, amount: 10 }),
      ...change,
    });
    const unit = specimen.lines[0]?.rate.unit ?? 'g';
    const lacks = (more: Partial<Treatment>) =>
      of(
        seasonOf(
          seasonFacts(NOW, [{ ...facts, treatments: [round({}), round(more, '2026-07-10T19:30:00.000Z')] }], {
            hours: fair,
            shed: [{ sheetId: specimen.id, amount: 12, unit }],
          }),
        ),
      )?.lacks;
    const enoughForOne = /^The shed holds enough for 1 of the next \d\.$/;
    expect(lacks({ caseId: 'another', amount: 1 })).toMatch(enoughForOne);
    expect(lacks({ controlId: 'sulfur-spray', amount: 1 })).toMatch(enoughForOne);
    expect(lacks({ struck: { at: NOW, reason: 'wrong' }, amount: 1 })).toMatch(enoughForOne);
    expect(lacks({ amount: null })).toMatch(enoughForOne);
    expect(lacks({ amount: 1 })).toBeNull();
    expect(lacks({ amount: 13 })).toMatch(/^The shed holds enough for none of the next \d\.$/);
  });
});

test('what has no label holds as long as its course has it, a day at the least', () => {
  const hand = { sheet: null, line: null, finishedAt: instant(Date.parse(FIRST)), place: LARKFOLD, outdoors: true, growing: true, hours: fair };
  expect([7, 1, 0].map((most) => daysHeld({ ...hand, most }))).toEqual([7, 1, 1]);
  const line = specimen.lines[0] ?? null;
  // fair weather takes nothing of it before its days are over
  expect(daysHeld({ ...hand, sheet: specimen, line, most: 0 })).toBe(1);
});
