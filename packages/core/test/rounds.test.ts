import { freshLap, UNSET_GARDEN, type Case, type Treatment } from '../src/api';
import { amountUnitOf, lineOf, type LabelSheet } from '../src/label';
import { instant } from '../src/measure';
import { timesLeft } from '../src/schedule';
import { findSheet } from '../src/label/sheets';
import { roundDue } from '../src/house/rounds';
import { againFor, failedIn } from '../src/situation';

const id = (n: number) => `0197a000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const specimen = findSheet('potassium-soap') as LabelSheet;
/** A label that allows one a year, and a week between. */
const sheet: LabelSheet = { ...specimen, lines: specimen.lines.map((l) => ({ ...l, maxPerSeason: 1, intervalDays: 7 })) };

const treated = (finishedAt: string, lineId: string | null): Treatment =>
  ({
    id: id(40),
    caseId: id(30),
    plantingId: id(1),
    controlId: 'soap-spray',
    troubleId: 'black-bean-aphid',
    plantingName: 'Beans',
    controlName: 'Soap spray',
    finishedAt,
    sheet,
    lineId,
    struck: null,
  }) as unknown as Treatment;

const opened = (): Case =>
  ({
    id: id(30),
    plantingId: id(1),
    troubleId: 'black-bean-aphid',
    laps: [{ ...freshLap(), controlId: 'soap-spray', treatmentId: id(40) }],
  }) as unknown as Case;

const garden = { ...UNSET_GARDEN, zone: 'Europe/London' };
const both = (t: Treatment, at: string) => {
  const now = instant(Date.parse(at));
  const reminded = roundDue(opened(), [t], { garden, now, planting: () => undefined });
  const again = againFor({ case: opened(), looks: [], treatments: [t], photos: [], left: null, worn: [] }, undefined, now, garden);
  return { reminded: reminded !== null, offered: again?.choices.some((c) => c.kind === 'again') ?? false };
};

describe('the case and the reminder agree on another round', () => {
  const line = specimen.lines[0]?.id ?? '';
  test('none while the label’s season holds the last', () =>
    expect(both(treated('2026-05-24T18:00:00.000Z', line), '2026-06-20T18:00:00.000Z')).toEqual({ reminded: false, offered: false }));
  test('one again when the twelve months are over', () =>
    expect(both(treated('2026-05-24T18:00:00.000Z', line), '2027-06-20T18:00:00.000Z')).toEqual({ reminded: true, offered: true }));
  test('none where the clock was set back behind the last', () =>
    expect(both(treated('2026-05-24T18:00:00.000Z', line), '2026-05-20T18:00:00.000Z')).toEqual({ reminded: false, offered: false }));
  test('where the record names no line of the label its waits hold all the same', () =>
    expect(both(treated('2026-05-24T18:00:00.000Z', null), '2026-06-20T18:00:00.000Z')).toEqual({ reminded: false, offered: false }));
});

test('times left are counted in the twelve months before now', () => {
  const done = ['2025-05-01T10:00:00Z', '2026-04-30T10:00:00Z'].map((at) => instant(Date.parse(at)));
  const left = (at: string) => timesLeft(2, done, instant(Date.parse(at)), 'UTC');
  expect([left('2026-04-30T10:00:00Z'), left('2026-05-01T10:00:00Z'), left('2027-05-01T10:00:00Z')]).toEqual([0, 1, 2]);
  expect([timesLeft(null, done, instant(Date.parse('2026-05-01')), 'UTC'), timesLeft(undefined, done, instant(0), 'UTC')]).toEqual([null, null]);
  expect(timesLeft(1, done, instant(Date.parse('2026-04-30T10:00:00Z')), 'UTC')).toBe(0);
  // a clock that was set back makes nothing undone
  expect(left('2026-03-30T10:00:00Z')).toBe(0);
});

test('the line of a record: its own, the label’s first where none is named, none by hand', () => {
  const [first, second] = [
    { ...specimen.lines[0], id: 'a' },
    { ...specimen.lines[0], id: 'b' },
  ] as [LabelSheet['lines'][number], LabelSheet['lines'][number]];
  const two = { ...specimen, lines: [first, second] };
  expect([lineOf({ sheet: two, lineId: 'b' }), lineOf({ sheet: two, lineId: null }), lineOf({ sheet: null, lineId: 'b' })]).toEqual([second, first, undefined]);
  expect(amountUnitOf({ sheet: null, lineId: null })).toBe('ml');
  expect(amountUnitOf({ sheet: { ...two, lines: [first, { ...second, rate: { ...second.rate, unit: 'g' } }] }, lineId: 'b' })).toBe('g');
});

test('left behind is what did less than it takes to have helped; what nobody counted is not', () => {
  const laps = (effectPercent: number | null) => [
    { ...freshLap(), controlId: 'soap-spray', treatmentId: id(40), effectPercent },
    { ...freshLap(), controlId: 'neem-spray' },
  ];
  const failed = (effect: number | null) => failedIn({ ...opened(), laps: laps(effect) });
  expect([failed(39), failed(40), failed(null)]).toEqual([['soap-spray'], [], []]);
});
