import { afterCount, courseOf, lookAgainOn, nextRound, ofRounds, type Rounds } from '../src/decide';
import { at } from './situation';

const base: Rounds = {
  controlId: 'soap-spray',
  troubleId: null,
  done: [at('2026-06-01T19:00:00Z'), at('2026-06-03T19:00:00Z')],
  labelDays: 1,
  timesLeft: null,
  effect: 0.6,
  share: 0.3,
  worthIt: 0.1,
  now: at('2026-06-05T10:00:00Z'),
  zone: 'Europe/London',
};
const first = (change: Partial<Rounds> = {}) => afterCount({ ...base, ...change }).choices[0];

// soap: two or three evenings running, then look (common practice)
describe('after a count', () => {
  test('what helped comes first once more, and is no failure', () => {
    expect(first()).toMatchObject({ kind: 'again', why: expect.stringContaining('It helped') });
    expect(afterCount(base).failed).toBe(false);
  });
  test.each([
    [0.39, 'else', true],
    [0.4, 'again', false],
    [0.41, 'again', false],
  ] as const)('an effect of %d: %s', (effect, kind, failed) => {
    const a = afterCount({ ...base, effect, done: [...base.done, at('2026-06-04T19:00:00Z')] });
    expect(a.failed).toBe(failed);
    if (kind === 'else') expect(a.choices[0]?.kind).toBe('else');
  });
  test('without a count before nothing failed', () => expect(afterCount({ ...base, effect: null }).failed).toBe(false));
  test('half a course is no failure', () => {
    const half = afterCount({ ...base, done: base.done.slice(0, 1), effect: 0 });
    expect(half).toMatchObject({ courseDone: false, failed: false });
    expect(half.choices[0]?.kind).toBe('again');
  });
  test('none left is the end, under the level is to be watched', () => {
    expect(first({ share: 0 })?.kind).toBe('cleared');
    expect(first({ share: 0.05 })?.kind).toBe('leave');
    expect(first({ share: 0.1 })?.kind).toBe('again');
  });
  test('what the label allows no more is not offered again', () => {
    const a = afterCount({ ...base, timesLeft: 0 });
    expect(a.nextRoundOn).toBeNull();
    expect(a.choices.map((c) => c.kind)).not.toContain('again');
    expect(a.choices.find((c) => c.kind === 'else')?.why).toMatch(/label allows no more/);
  });
  test('rounds are told of no more than the label still allows', () => {
    const half = (timesLeft: number | null) => afterCount({ ...base, done: base.done.slice(0, 1), effect: 0, timesLeft }).choices[0]?.why;
    expect(half(null)).toMatch(/^One round of 2 to 3 done\./);
    expect(half(1)).toMatch(/^One round of 2 done\./);
    expect([
      ofRounds({ least: 2, most: 6 }),
      ofRounds({ least: 2, most: 6 }, 1, 3),
      ofRounds({ least: 2, most: 6 }, 1, 9),
      ofRounds({ least: 3, most: 6 }, 1, 0),
    ]).toEqual(['2 to 6', '2 to 4', '2 to 6', '1']);
  });
  test('what acts over weeks is given them', () => {
    const slow = { ...base, controlId: 'neem-spray', effect: 0.1, done: base.done.slice(0, 1) };
    expect(afterCount(slow).failed).toBe(false);
    expect(first(slow)?.kind).toBe('again');
  });
});

describe('the next round', () => {
  test('is as the course has it, and never sooner than the label', () => {
    expect(nextRound(base)).toBe('2026-06-04');
    expect(nextRound({ ...base, labelDays: 7 })).toBe('2026-06-10');
    expect(nextRound({ ...base, done: [] })).toBeNull();
    expect(nextRound({ ...base, timesLeft: 0 })).toBeNull();
  });
  test('the look comes when the course is through, and later for what is slow', () => {
    const soap = lookAgainOn(base, 5);
    const neem = lookAgainOn({ ...base, controlId: 'neem-spray' }, 5);
    expect(soap > '2026-06-03' && soap < '2026-06-10').toBe(true);
    expect(neem > soap).toBe(true);
    expect(() => lookAgainOn({ ...base, done: [] }, 5)).toThrow(RangeError);
  });
  test('a course of weeks is looked at between its rounds, and by its own measure when it is through', () => {
    const rounds = (n: number, labelDays: number) => ({
      ...base,
      controlId: 'neem-spray',
      labelDays,
      done: Array.from({ length: n }, (_, i) => at(`2026-06-0${i + 1}T19:00:00Z`)),
    });
    const days = (n: number, labelDays: number) => (Date.parse(lookAgainOn(rounds(n, labelDays), 40)) - Date.parse('2026-06-01')) / 86_400_000 - (n - 1);
    const { judgeDays = 0, rounds: course, every } = courseOf('neem-spray', null) ?? { rounds: { least: 0 }, every: { min: 0 } };
    expect(course.least).toBeGreaterThan(1);
    expect(days(1, 1)).toBe(Math.min(every.min, Math.max(judgeDays, 40)));
    expect(days(course.least, 1)).toBe(Math.max(judgeDays, 40));
  });
});
