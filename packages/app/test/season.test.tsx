import { render, screen } from '@testing-library/react-native';
import { instant } from '@sleetbrook/core/measure';
import { seasonOf, type Season } from '@sleetbrook/core/season';
import { courseFacts, hoursFrom, LARKFOLD, seasonFacts } from '../../core/test/season-of';
import { plantingOf } from '../../core/test/planting-of';
import { CourseRows } from '../src/screens/season/course-rows';
import { EveningRows } from '../src/screens/season/evening-rows';
import { fitName } from '../src/screens/season/fit-name';
import { Fortnight } from '../src/screens/season/fortnight';
import { ordinal } from '../src/screens/season/say-round';

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
  expect(screen.getAllByText('1 of 2 to 6').length).toBe(2);
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
