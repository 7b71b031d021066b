import { render, screen } from '@testing-library/react-native';
import { instant } from '@sleetbrook/core/measure';
import { seasonOf, type Season } from '@sleetbrook/core/season';
import { courseFacts, hoursFrom, LARKFOLD, seasonFacts } from '../../core/test/season-of';
import { plantingOf } from '../../core/test/planting-of';
import { CourseRows } from '../src/screens/season/course-rows';
import { EveningRows } from '../src/screens/season/evening-rows';
import { fitName } from '../src/screens/season/fit-name';
import { Fortnight } from '../src/screens/season/fortnight';
import { sayBare } from '../src/screens/season/programme-part';
import { orderAhead } from '../src/screens/season/order-ahead';
import { ordinal } from '../src/screens/season/say-round';
import { warnedDays } from '../src/screens/season/say-warning';
import { roundNumber } from '@sleetbrook/core/situation';
import { freshLap, type Warning } from '@sleetbrook/core/api';

jest.mock('expo-router', () => ({ useRouter: () => ({ navigate: jest.fn() }) }));

const NOW = '2026-06-14T17:00:00.000Z';
const now = instant(Date.parse(NOW));
const leeks = plantingOf('p-leeks', 'leek', { name: 'Leeks', areaM2: 6 });
const greens = plantingOf('p-greens', 'cabbage', { name: 'Spring greens', areaM2: 5 });
const at = ['2026-06-12T20:00:00.000Z'];
const laid = (hours = hoursFrom('2026-06-04T00:00:00.000Z', 16)): Season =>
  seasonOf(
    seasonFacts(
      NOW,
      [
        courseFacts({ id: 'a', planting: leeks, trouble: 'leek-moth', control: 'bt-spray', done: at }),
        courseFacts({ id: 'b', planting: greens, trouble: 'cabbage-white', control: 'bt-spray', done: at }),
      ],
      { hours },
    ),
  );

test('an evening says what comes out of one mix, and when each round begins', () => {
  const season = laid();
  const pressed: unknown[] = [];
  render(<EveningRows season={season} evenings={season.evenings} garden={LARKFOLD} now={now} onRound={(r) => pressed.push(r)} />);
  expect(screen.getAllByText(/^One mix of Bt kurstaki WP does for two of them\.$/).length).toBeGreaterThan(0);
  expect(screen.getAllByText('Leeks').length).toBe(season.courses[0]?.rounds.length);
  expect(screen.getByText(/^Wed 17 Jun, \d\d:\d\d to \d\d:\d\d$/)).toBeTruthy();
});

test('a day whose weather nobody tells of is about, and never a sure hour', () => {
  const season = laid([]);
  render(<EveningRows season={season} evenings={season.evenings} garden={LARKFOLD} now={now} onRound={() => undefined} />);
  expect(screen.getAllByText(/, about \d\d:\d\d to /).length).toBe(season.evenings.length);
});

test('a planting says its rounds, why then, and about when after that', () => {
  const season = laid();
  render(<CourseRows season={season} courses={season.courses} garden={LARKFOLD} now={now} onRound={() => undefined} />);
  expect(screen.getByText('Leeks: leek moth')).toBeTruthy();
  expect(screen.getAllByText('2nd round').length).toBe(2);
  expect(screen.getAllByText(/^It is due then\./).length).toBe(2);
  expect(screen.getAllByText(/^1 of 2 to [56]$/).length).toBe(2);
});

test('the fortnight is drawn with and without weather, and is a picture of what is said in words', () => {
  const season = laid();
  const { rerender, toJSON } = render(<Fortnight season={season} days={[]} warned={[]} />);
  const bare = JSON.stringify(toJSON());
  const day = { day: season.today, leastC: 9, mostC: 19, rainMm: 4, wetHours: 3, warmth: 4, whole: true, sure: 'forecast' as const };
  rerender(<Fortnight season={season} days={[day]} warned={[season.today]} />);
  expect(JSON.stringify(toJSON())).not.toBe(bare);
});

test.each([
  [1, '1st'],
  [2, '2nd'],
  [3, '3rd'],
  [4, '4th'],
  [11, '11th'],
  [12, '12th'],
  [13, '13th'],
  [21, '21st'],
])('%d is said %s', (n, said) => expect(ordinal(n)).toBe(said));

test.each([
  ['Leeks', 'Leeks'],
  ['Espaliered apples', 'apples'],
  ['Rhododendrons', 'Rhododendro…'],
])('a flag says %s as %s', (name, said) => expect(fitName(name)).toBe(said));

describe('a course on the brook of its case', () => {
  const course = laid().courses[0];
  if (!course) throw new Error('no course');
  const kinds = (lookOn: string | null) => orderAhead(course, lookOn).map((a) => a.kind);
  const all = (n: number, kind: string) => Array.from({ length: n }, () => kind);

  test('the look stands among the rounds by its day, and before them where it has none', () => {
    const rounds = all(course.rounds.length, 'round');
    const later = all(Math.min(4, course.later.length), 'later');
    expect(rounds.length).toBeGreaterThan(1);
    expect(kinds(null)).toEqual(['look', ...rounds, ...later]);
    expect(kinds(course.rounds[0]?.day ?? '')).toEqual(['look', ...rounds, ...later]);
    expect(kinds(course.rounds[1]?.day ?? '')).toEqual(['round', 'look', ...rounds.slice(1), ...later]);
    expect(kinds('2027-06-01')).toEqual([...rounds, ...later, 'look']);
  });

  test('rounds are counted on from those that were done', () => {
    const numbers = orderAhead(course, null).flatMap((a) => (a.kind === 'round' ? [a.round.number] : a.kind === 'later' ? [a.number] : []));
    expect(numbers).toEqual(numbers.map((_, i) => course.done.length + 1 + i));
  });

  test('a round is one of its course until something else was taken, or nothing was put on', () => {
    const lap = (controlId: string, done = true) => ({ ...freshLap(), controlId, treatmentId: done ? 't' : null });
    const laps = [lap('bt-spray'), lap('bt-spray'), lap('soap-spray'), lap('bt-spray'), lap('bt-spray', false), lap('bt-spray')];
    expect(laps.map((_, i) => roundNumber(laps, i))).toEqual([1, 2, 1, 1, 2, 1]);
    expect(roundNumber([freshLap(), freshLap()], 1)).toBe(1);
  });
});

test('days without protection: that no evening would help is said only where it is known', () => {
  expect(sayBare(0, true)).toBe('Nothing goes bare.');
  expect(sayBare(1, true)).toBe('One day goes bare, and no evening would help.');
  expect(sayBare(3, true)).toBe('3 days go bare, and no evening would help.');
  expect(sayBare(3, false)).toMatch(/^3 days go bare\. There are too many like rounds/);
  expect(sayBare(0, false)).not.toContain('no evening would help');
});

test('a day is marked for what the weather lets in only where nothing guards over it and nobody put it off', () => {
  const warning = {
    key: 'k',
    is: 'coming',
    at: '2026-06-16T23:30:00.000Z',
    hushed: null,
    guardedUntil: null,
  } as Warning;
  const days = (change: Partial<Warning> = {}, zone = 'UTC') => warnedDays([{ ...warning, ...change }], zone);
  expect(days()).toEqual(['2026-06-16']);
  // by the garden's own day
  expect(days({}, 'Europe/London')).toEqual(['2026-06-17']);
  expect(days({ is: 'came' })).toEqual([]);
  expect(days({ hushed: { until: null } })).toEqual([]);
  expect(days({ guardedUntil: '2026-06-20T00:00:00.000Z' })).toEqual([]);
  // what guards not long enough does not guard
  expect(days({ guardedUntil: '2026-06-16T00:00:00.000Z' })).toEqual(['2026-06-16']);
});
