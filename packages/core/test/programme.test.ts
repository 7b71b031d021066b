import fc from 'fast-check';
import highsOf, { type Highs } from 'highs';
import { byHighs } from '../../../bench/season/highs-model';
import { aimsOf, bestProgramme, brokenLimits, compareAims, oneDay, type CourseModel, type Programme, type ProgrammeModel } from '../src/programme';
import { randomProgramme } from './random-programme';
import { numbered, runs } from './runs';

const DAYS = 14;
const evening = Array.from({ length: DAYS }, () => [{ from: 76, to: 88 }]);
const course = (of: Partial<CourseModel> & { readonly id: string }): CourseModel => ({
  open: evening,
  quarters: 2,
  least: 7,
  holds: Array.from({ length: DAYS }, () => 7),
  rounds: 6,
  wanted: null,
  due: 0,
  until: DAYS,
  harm: 2,
  mix: of.id,
  takes: [],
  warnings: [],
  fixed: [],
  ...of,
});
const model = (courses: readonly CourseModel[], of: Partial<ProgrammeModel> = {}): ProgrammeModel => ({ days: DAYS, courses, apart: [], totals: [], ...of });
const best = (m: ProgrammeModel): Programme => {
  const found = bestProgramme(m);
  if ('stuck' in found) throw new Error(`stuck: ${found.stuck.join()}`);
  return found;
};
const daysOf = (p: Programme, id: string) => p.rounds.filter((r) => r.course === id).map((r) => r.day);

describe('one course', () => {
  test('a round when it is due, and the next when the first no longer holds', () => {
    expect(daysOf(best(model([course({ id: 'a', due: 1 })])), 'a')).toEqual([1, 8]);
  });
  test('a closed evening: a bare day is better than a broken limit, and as few as may be', () => {
    const open = evening.map((e, d) => (d === 1 || d === 2 ? [] : e));
    const p = best(model([course({ id: 'a', due: 2, open })]));
    expect(daysOf(p, 'a')).toEqual([0, 7]);
    expect(p.aims.bareDays).toBe(0);
  });
  test('three evenings running, then no more', () => {
    const soap = course({ id: 's', least: 1, wanted: 3, holds: Array.from({ length: DAYS }, () => 1) });
    expect(daysOf(best(model([soap])), 's')).toEqual([0, 1, 2]);
  });
  test('a picking closes the days behind it: it stops in time', () => {
    const open = evening.map((e, d) => (d < 6 ? e : []));
    expect(daysOf(best(model([course({ id: 'a', open, until: 9 })])), 'a')).toEqual([0]);
  });
  test('rain that is foretold brings the next round nearer, never below the days of the label', () => {
    const holds = Array.from({ length: DAYS }, (_, d) => (d <= 3 ? Math.max(1, 4 - d) : 7));
    expect(daysOf(best(model([course({ id: 'a', least: 5, holds })])), 'a').slice(0, 2)).toEqual([0, 5]);
    expect(best(model([course({ id: 'a', least: 5, holds })])).aims.bareDays).toBe(1);
  });
  test('a warning is answered before anything else, at the cost of a round more', () => {
    const p = best(model([course({ id: 'a', due: 12, warnings: [{ id: 'w', from: 2, to: 3 }] })]));
    expect(p.aims.unanswered).toBe(0);
    expect(daysOf(p, 'a').some((d) => d === 2 || d === 3)).toBe(true);
  });
});

describe('neither late nor early', () => {
  test('a round that is due in six days is not done tonight', () => {
    expect(daysOf(best(model([course({ id: 'a', due: 6 })])), 'a')).toEqual([6, 13]);
  });
  test('unless it saves an evening', () => {
    const p = best(model([course({ id: 'a', due: 2, wanted: 1 }), course({ id: 'b', due: 0, wanted: 1 })]));
    expect(p.aims).toMatchObject({ evenings: 1, early: 2 });
  });
});

describe('courses together', () => {
  test('three courses fall into two evenings', () => {
    const p = best(model([course({ id: 'a', due: 2 }), course({ id: 'b', due: 3 }), course({ id: 'c', due: 9 })]));
    expect(p.aims).toMatchObject({ bareDays: 0, evenings: 2 });
    expect(new Set(p.rounds.map((r) => r.day)).size).toBe(2);
  });
  test('what burns together is kept apart, and the one that would lapse more goes first', () => {
    const p = best(
      model([course({ id: 'oil', least: 14 }), course({ id: 'sulfur', due: 5 })], {
        apart: [
          { first: 'oil', then: 'sulfur', days: 14 },
          { first: 'sulfur', then: 'oil', days: 14 },
        ],
      }),
    );
    expect(brokenLimits(model([], {}), [])).toEqual([]);
    expect(p.rounds.every((r) => r.course === p.rounds[0]?.course)).toBe(true);
  });
  test('one pair of hands: what does not fit into one evening goes into two', () => {
    const short = evening.map(() => [{ from: 80, to: 84 }]);
    const three = ['a', 'b', 'c'].map((id) => course({ id, open: short, due: 5, wanted: 1 }));
    const p = best(model(three));
    expect(p.aims.evenings).toBe(2);
    expect(oneDay(three, 0)).toBeNull();
  });
  test('a total that two share is not gone over', () => {
    const takes = [{ total: 'copper', amount: 0.3 }];
    const p = best(model([course({ id: 'a', takes }), course({ id: 'b', takes })], { totals: [{ id: 'copper', left: 0.6 }] }));
    expect(p.rounds).toHaveLength(2);
  });
  test('a day set by hand is kept, and what can not be kept is said', () => {
    const fixed = course({ id: 'a', due: 0, fixed: [4] });
    expect(daysOf(best(model([fixed])), 'a')).toContain(4);
    const open = evening.map((e, d) => (d === 4 ? [] : e));
    expect(bestProgramme(model([{ ...fixed, open }]))).toEqual({ stuck: ['a'] });
  });
});

describe('against HiGHS, on the model of docs/programme.md', () => {
  let highs: Highs;
  beforeAll(async () => {
    highs = await highsOf();
  });
  test('the same optimum, aim by aim', () => {
    for (let seed = 1000; seed < 1030; seed++) {
      const m = randomProgramme(seed, 5);
      const own = bestProgramme(m);
      const other = byHighs(highs, m);
      expect([seed, 'stuck' in own ? null : own.aims]).toEqual([seed, other]);
    }
  }, 120_000);
});

describe('10,000 random gardens', () => {
  const gardens = numbered(10_000);
  // most look a week ahead: all subsets of fourteen days are many, ten thousand times
  const garden = (seed: number) => randomProgramme(seed, 4, seed % 20 === 0 ? 14 : 7);

  test('no limit is ever broken, no round while it is closed, and it is as good as it says', () => {
    for (const seed of gardens) {
      const m = garden(seed);
      const p = best(m);
      expect([seed, brokenLimits(m, p.rounds)]).toEqual([seed, []]);
      expect([seed, p.aims]).toEqual([seed, aimsOf(m, p.rounds)]);
    }
  }, 240_000);

  test('a limit more never makes it better; a round set by hand stays', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.nat(3), fc.nat(6), (seed, which, day) => {
        const m = garden(seed);
        const before = best(m);
        const c = m.courses[which % m.courses.length] as CourseModel;
        const closed = { ...c, open: c.open.map((o, d) => (d === day ? [] : o)) };
        const less = best({ ...m, courses: m.courses.map((x) => (x === c ? closed : x)) });
        expect(compareAims(before.aims, less.aims)).toBeLessThanOrEqual(0);
        const fewer = best({ ...m, courses: m.courses.map((x) => (x === c ? { ...c, rounds: Math.max(0, c.rounds - 1) } : x)) });
        expect(compareAims(before.aims, fewer.aims)).toBeLessThanOrEqual(0);
        const set = { ...m, courses: m.courses.map((x) => (x === c ? { ...c, fixed: [day] } : x)) };
        const held = bestProgramme(set);
        if ('stuck' in held) return;
        expect(daysOf(held, c.id)).toContain(day);
        expect(brokenLimits(set, held.rounds)).toEqual([]);
        expect(compareAims(before.aims, held.aims)).toBeLessThanOrEqual(0);
      }),
      { numRuns: runs(10_000) },
    );
  }, 240_000);

  test('tomorrow, with what was planned for today done and nothing new, is as good as what was planned', () => {
    for (const seed of gardens) {
      const m = garden(seed);
      const today = best(m);
      const done = (c: CourseModel) => daysOf(today, c.id).includes(0);
      const tomorrow: ProgrammeModel = {
        days: m.days - 1,
        apart: m.apart,
        totals: m.totals.map((t) => ({
          ...t,
          left: t.left - m.courses.reduce((sum, c) => sum + (done(c) ? (c.takes.find((x) => x.total === t.id)?.amount ?? 0) : 0), 0),
        })),
        courses: m.courses.map((c) => {
          const others = m.apart.flatMap((a) => (m.courses.some((x) => x.id === a.first && done(x)) && a.then === c.id ? [a.days] : []));
          const shut = Math.max(done(c) ? Math.max(1, c.least) : 0, ...others);
          const wanted = c.wanted === null ? null : c.wanted - (done(c) ? 1 : 0);
          return {
            ...c,
            open: c.open.slice(1).map((o, d) => (d + 1 < shut ? [] : o)),
            holds: c.holds.slice(1),
            rounds: c.rounds - (done(c) ? 1 : 0),
            wanted,
            due: wanted === 0 ? 99 : (done(c) ? Math.max(c.due, c.holds[0] ?? 0) : c.due) - 1,
            until: c.until - 1,
            warnings: c.warnings.flatMap((w) => (done(c) && w.from === 0 ? [] : [{ ...w, from: w.from - 1, to: w.to - 1 }])),
          };
        }),
      };
      const rest = today.rounds.filter((r) => r.day > 0).map((r) => ({ ...r, day: r.day - 1 }));
      expect([seed, brokenLimits(tomorrow, rest)]).toEqual([seed, []]);
      expect([seed, best(tomorrow).aims]).toEqual([seed, aimsOf(tomorrow, rest)]);
    }
  }, 240_000);
});
