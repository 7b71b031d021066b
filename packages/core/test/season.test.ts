import { findControl } from '../src/catalogue';
import { findSheet, SHEETS } from '../src/label/sheets';
import { instant } from '../src/measure';
import { burnDays } from '../src/season/apart';
import { usualHours } from '../src/season/windows';
import { brokenLimits, type PlannedRound } from '../src/programme';
import { beside, moveRound, seasonOf, withWhatIf, type Season, type SeasonFacts } from '../src/season';
import { addDays, dayOf, dayStart } from '../src/schedule';
import type { Warning } from '../src/api';
import { plantingOf } from './planting-of';
import { numbered } from './runs';
import { courseFacts, hoursFrom, LARKFOLD, seasonFacts } from './season-of';

const ZONE = LARKFOLD.zone;
const leeks = plantingOf('p-leeks', 'leek', { name: 'Leeks', areaM2: 6, pickFrom: '2026-09-01', pickUntil: '2026-10-30' });
const cabbages = plantingOf('p-cabbages', 'cabbage', { name: 'Cabbages', pickFrom: '2026-08-20', pickUntil: '2026-09-30' });
const apples = plantingOf('p-apples', 'apple', { name: 'Apples', stage: 'fruiting', areaM2: 12, pickFrom: '2026-08-30', pickUntil: '2026-09-20' });
const NOW = '2026-06-14T17:00:00.000Z';

const dry = (rain: (at: Date) => number = () => 0) =>
  hoursFrom('2026-06-04T00:00:00.000Z', 16, (at) => ({ rainMm: rain(at), temperatureC: 12 + 6 * Math.sin(((at.getUTCHours() - 9) / 24) * 2 * Math.PI) }));
const on = (day: string, mm: number) => (at: Date) => (at.toISOString().startsWith(day) && at.getUTCHours() < 6 ? mm / 6 : 0);
const bt = (of: Partial<Parameters<typeof courseFacts>[0]> = {}) =>
  courseFacts({ id: 'bt', planting: leeks, trouble: 'leek-moth', control: 'bt-spray', done: ['2026-06-12T20:00:00.000Z'], ...of });
const days = (s: Season, id: string) => s.courses.find((c) => c.caseId === id)?.rounds.map((r) => r.day) ?? [];
const course = (s: Season, id: string) => {
  const found = s.courses.find((c) => c.caseId === id);
  if (!found) throw new Error(`no course ${id}`);
  return found;
};
/** The rounds of a season as the model counts them. */
const planned = (s: Season): PlannedRound[] =>
  s.courses.flatMap((c) =>
    c.rounds.map((r) => {
      const quarter = (at: number) => Math.round((at - dayStart(r.day, ZONE)) / 900_000);
      return { course: c.caseId, day: (Date.parse(r.day) - Date.parse(s.today)) / 86_400_000, start: quarter(r.from), end: quarter(r.to) };
    }),
  );

describe('one course', () => {
  test('rain the night after a round moves the next one, and it says so; never nearer than the label lets it', () => {
    const scab = () => [courseFacts({ id: 'scab', planting: apples, trouble: 'apple-scab', control: 'sulfur-spray', done: ['2026-06-12T20:00:00.000Z'] })];
    const still = seasonOf(seasonFacts(NOW, scab(), { hours: dry() }));
    const wet = seasonOf(seasonFacts(NOW, scab(), { hours: dry(on('2026-06-13', 62)) }));
    expect(days(wet, 'scab')[0]).toBe('2026-06-19');
    expect((days(still, 'scab')[0] ?? '') > '2026-06-19').toBe(true);
    expect(course(wet, 'scab').dueWhy).toBe('It has worn off; not sooner than 7 days after the last.');
    expect(
      course(wet, 'scab')
        .closed.slice(0, 3)
        .map((c) => c.why),
    ).toEqual(Array(3).fill('Used on Fri 12 Jun: 7 days must pass between treatments.'));
  });
  test('soap: three evenings running, then it is looked at', () => {
    const soap = (done: readonly string[]) =>
      seasonOf(seasonFacts(NOW, [courseFacts({ id: 's', planting: leeks, trouble: 'onion-thrips', control: 'soap-spray', done })], { hours: dry() }));
    const first = soap([]);
    expect(days(first, 's').length).toBeGreaterThanOrEqual(2);
    const done = soap(['2026-06-12T20:00:00.000Z', '2026-06-13T20:00:00.000Z', '2026-06-13T21:00:00.000Z']);
    expect(course(done, 's')).toMatchObject({ state: 'over', rounds: [], why: 'Its rounds are done: look what came of it.' });
  });
  test('two clean counts end what goes on while it is found; one does not', () => {
    expect(course(seasonOf(seasonFacts(NOW, [bt({ clean: 1 })], { hours: dry() })), 'bt').state).toBe('on');
    expect(course(seasonOf(seasonFacts(NOW, [bt({ clean: 2 })], { hours: dry() })), 'bt')).toMatchObject({
      state: 'over',
      why: 'Two counts running found none.',
      rounds: [],
    });
  });
  test('paused, ended, and taken up again', () => {
    const said = (state: 'on' | 'paused' | 'ended') =>
      course(seasonOf(seasonFacts(NOW, [bt({ change: { course: { state, saidAt: NOW, fixed: [] } } })], { hours: dry() })), 'bt');
    expect(said('paused')).toMatchObject({ state: 'paused', rounds: [], why: 'Paused: nothing of it is planned until it is taken up.' });
    expect(said('ended')).toMatchObject({ state: 'ended', rounds: [] });
    expect(said('on').rounds.length).toBeGreaterThan(0);
  });
  test('the picking stops it in time: no round closer to it than the wait of its label', () => {
    const soon = plantingOf('p-tomatoes', 'tomato', { name: 'Tomatoes', pickFrom: '2026-06-25', pickUntil: '2026-07-05' });
    const facts = courseFacts({ id: 'm', planting: soon, trouble: 'early-blight', control: 'mancozeb-spray', done: ['2026-06-05T20:00:00.000Z'] });
    const wait = facts.treatments[0]?.sheet?.lines[0]?.phiDays ?? 0;
    const s = seasonOf(seasonFacts(NOW, [facts], { hours: dry(), garden: { ...LARKFOLD, country: 'US' } }));
    expect(wait).toBe(5);
    expect(days(s, 'm').length).toBeGreaterThan(0);
    for (const d of [...days(s, 'm'), ...course(s, 'm').later]) expect(addDays(d, wait) <= '2026-06-25').toBe(true);
    expect(course(s, 'm').closed.some((c) => c.why.includes('to wait before picking'))).toBe(true);
    const later = seasonOf(
      withWhatIf(seasonFacts(NOW, [facts], { hours: dry(), garden: { ...LARKFOLD, country: 'US' } }), { kind: 'picking-later', plantingId: soon.id, days: 30 }),
    );
    expect(days(later, 'm').length).toBeGreaterThan(days(s, 'm').length);
  });
  test('what nobody has foretold is about sundown and said to be unknown; without any weather all of it is', () => {
    const s = seasonOf(seasonFacts(NOW, [bt()], { hours: [] }));
    expect(course(s, 'bt').rounds.every((r) => r.sure === 'unknown')).toBe(true);
    const some = seasonOf(seasonFacts(NOW, [bt()], { hours: hoursFrom('2026-06-12T18:00:00.000Z', 6) }));
    expect(course(some, 'bt').rounds.at(-1)?.sure).toBe('unknown');
  });
  test('hours that are known to be closed stay closed where the forecast ends in the middle of an evening', () => {
    // gales to 21:00 by the clock, and nobody tells of what comes after
    const gale = hoursFrom('2026-06-12T18:00:00.000Z', 4, () => ({ windMs: 12 })).filter((h) => h.at < '2026-06-15T20:00:00.000Z');
    const scab = courseFacts({ id: 'x', planting: apples, trouble: 'apple-scab', control: 'sulfur-spray', done: [] });
    const s = seasonOf(seasonFacts(NOW, [scab], { hours: gale }));
    const ends = Date.parse('2026-06-15T20:00:00.000Z');
    for (const c of s.model.courses) expect(c.open[0]).toEqual([]);
    for (const r of course(s, 'x').rounds) expect(r.from).toBeGreaterThanOrEqual(ends);
    for (const q of s.model.courses[0]?.open[1] ?? []) expect(dayStart('2026-06-15', ZONE) + q.from * 900_000).toBeGreaterThanOrEqual(ends);
  });
  test('other work in one closed place keeps to another evening, one mix does not', () => {
    const inside = (id: string, hostId: string) =>
      plantingOf(id, hostId, { name: id, site: 'tunnel', place: 'Tunnel', pickFrom: '2026-09-01', pickUntil: '2026-09-30' });
    const white = (id: string, planting = inside(id, 'tomato'), control = 'soap-spray') =>
      courseFacts({ id, planting, trouble: 'glasshouse-whitefly', control, done: [] });
    const one = seasonOf(seasonFacts(NOW, [white('a'), white('b')], { hours: dry() }));
    expect(one.model.apart).toEqual([]);
    const two = seasonOf(seasonFacts(NOW, [white('a'), white('b', inside('b', 'tomato'), 'neem-spray')], { hours: dry() }));
    expect(two.model.apart.map((x) => [x.first, x.then].join()).sort()).toEqual(['a,b', 'b,a']);
    const apartHouses = seasonOf(seasonFacts(NOW, [white('a'), white('b', { ...inside('b', 'tomato'), place: 'House' }, 'neem-spray')], { hours: dry() }));
    expect(apartHouses.model.apart).toEqual([]);
  });
  test('a day that the wind closes is none, and a label that is used up allows none', () => {
    const windy = hoursFrom('2026-06-04T00:00:00.000Z', 18, () => ({ windMs: 9 }));
    const s = seasonOf(seasonFacts(NOW, [bt()], { hours: windy }));
    expect(course(s, 'bt').rounds.every((r) => r.sure === 'unknown')).toBe(true);
    expect(course(s, 'bt').closed.some((c) => c.why.startsWith('No hour of that day is fit'))).toBe(true);
  });
});

describe('what is said of it', () => {
  test('why a round is then: due, following on, who is out anyway, and what was closed before', () => {
    const white = courseFacts({ id: 'white', planting: cabbages, trouble: 'cabbage-white', control: 'bt-spray', done: ['2026-06-12T20:30:00.000Z'] });
    const s = seasonOf(seasonFacts(NOW, [bt(), white], { hours: dry() }));
    const [first, second] = course(s, 'bt').rounds;
    expect(first?.why).toBe('It is due then. It has worn off; not sooner than 5 days after the last. Out that evening anyway: Cabbages.');
    expect(second?.why).toMatch(/^It follows on the round before\. Out that evening anyway: Cabbages\.$/);
    const late = seasonOf(seasonFacts(NOW, [bt({ done: ['2026-06-02T20:00:00.000Z'] })], { hours: dry() }));
    expect(course(late, 'bt').rounds[0]?.why).toMatch(/^Due since \S+ \d+ Jun\./);
    const away = seasonFacts(NOW, [bt()], { hours: dry(), garden: { ...LARKFOLD, away: [{ from: '2026-06-17', to: '2026-06-18' }] } });
    expect(course(seasonOf(away), 'bt').rounds[0]?.why).toBe('Due on Wed 17 Jun. Wed 17 Jun: You are away.');
  });
  test('what stands against a day, and what would free it', () => {
    const soon = plantingOf('p-tomatoes', 'tomato', { name: 'Tomatoes', pickFrom: '2026-06-25', pickUntil: '2026-07-05' });
    const facts = seasonFacts(
      NOW,
      [courseFacts({ id: 'm', planting: soon, trouble: 'early-blight', control: 'mancozeb-spray', done: ['2026-06-05T20:00:00.000Z'] })],
      {
        hours: dry(),
        garden: { ...LARKFOLD, country: 'US' },
      },
    );
    const s = seasonOf(facts);
    const last = course(s, 'm').closed.at(-1);
    expect(last?.frees).toMatch(/^Pick from .* instead$/);
  });
  test('what brings a round nearer is what wears it: rain and sun for Bt, growth too for what guards, nothing for work by hand', () => {
    const of = (control: string, trouble: string, planting = apples) =>
      course(seasonOf(seasonFacts(NOW, [courseFacts({ id: 'x', planting, trouble, control, done: [] })], { hours: dry() })), 'x').nearer;
    expect(of('bt-spray', 'leek-moth', leeks)).toEqual(['rain', 'sun']);
    expect(of('sulfur-spray', 'apple-scab')).toEqual(['rain', 'growth']);
    expect(of('sulfur-spray', 'apple-scab', { ...apples, site: 'glasshouse' })).toEqual(['rain']);
    expect(of('hand-pick', 'codling-moth')).toEqual([]);
  });
  test('a round lies whole within the hours that are open', () => {
    const s = seasonOf(seasonFacts(NOW, [bt()], { hours: dry() }));
    for (const c of s.model.courses)
      for (const spans of c.open) for (const q of spans) expect([q.from >= 0, q.to <= 96, q.from < q.to]).toEqual([true, true, true]);
    expect(s.evenings.every((e) => e.to > e.from && e.to - e.from <= 4 * 3_600_000)).toBe(true);
  });
});

describe('all courses of a garden', () => {
  const three = () => [
    bt(),
    courseFacts({ id: 'white', planting: cabbages, trouble: 'cabbage-white', control: 'bt-spray', done: ['2026-06-12T20:30:00.000Z'] }),
    courseFacts({ id: 'scab', planting: apples, trouble: 'apple-scab', control: 'sulfur-spray', done: ['2026-06-10T20:00:00.000Z'] }),
  ];
  const facts = (of: Partial<SeasonFacts> = {}) => seasonFacts(NOW, three(), { hours: dry(), ...of });

  test('rounds fall together where they can, one mix for two, and no limit is broken', () => {
    const s = seasonOf(facts());
    const rounds = planned(s);
    expect(rounds.length).toBeGreaterThan(3);
    expect(s.evenings.length).toBeLessThan(rounds.length);
    expect(s.evenings.some((e) => e.mixes.some((m) => m.caseIds.length > 1))).toBe(true);
    expect(brokenLimits(s.model, rounds)).toEqual([]);
    expect(s.evenings.reduce((n, e) => n + e.rounds.length, 0)).toBe(rounds.length);
  });
  test('away for ten days: nothing is planned then, what can be done before is, and it is laid beside', () => {
    const now = seasonOf(facts());
    const what = { kind: 'away', from: '2026-06-16', to: '2026-06-25' } as const;
    const then = seasonOf(withWhatIf(facts(), what));
    for (const c of then.courses) for (const r of c.rounds) expect(r.day < what.from || r.day > what.to).toBe(true);
    const { costs, moved } = beside(now, then);
    expect(costs[0]).toMatch(/without protection/);
    expect(moved.length).toBeGreaterThan(0);
    expect(course(then, 'bt').closed.find((c) => c.day === '2026-06-20')?.why).toBe('You are away.');
  });
  test('no more of one thing ends its courses and no other', () => {
    const then = seasonOf(withWhatIf(facts(), { kind: 'without', controlId: 'bt-spray' }));
    expect([days(then, 'bt'), days(then, 'white')]).toEqual([[], []]);
    expect(days(then, 'scab').length).toBeGreaterThan(0);
  });
  test('a round that is moved by hand stays, the rest gives way, and what can not be says why', () => {
    const now = seasonOf(facts());
    const [first] = days(now, 'scab');
    if (first === undefined) throw new Error('no round');
    const to = addDays(first, 1);
    const move = moveRound(facts(), now, 'scab', first, to);
    expect(move.can).toBe(true);
    if (move.can) {
      expect(days(move.season, 'scab')).toContain(to);
      expect(brokenLimits(move.season.model, planned(move.season))).toEqual([]);
    }
    const no = moveRound(facts(), now, 'bt', days(now, 'bt')[0] ?? '', '2026-06-14');
    expect(no).toMatchObject({ can: false, why: 'Used on Fri 12 Jun: 5 days must pass between treatments.' });
  });
  test('a day set by hand that has closed since is let go, and said', () => {
    const set = [bt({ change: { course: { state: 'on', saidAt: NOW, fixed: ['2026-06-15'] } } })];
    const s = seasonOf(seasonFacts(NOW, set, { hours: dry() }));
    expect(s.stuck).toEqual([{ caseId: 'bt', day: '2026-06-15', why: 'Used on Fri 12 Jun: 5 days must pass between treatments.' }]);
  });
  test('two things on one planting are not sprayed on one evening, and what burns together not within its days', () => {
    const both = [
      courseFacts({ id: 'sulfur', planting: apples, trouble: 'apple-scab', control: 'sulfur-spray', done: ['2026-06-07T20:00:00.000Z'] }),
      courseFacts({ id: 'soap', planting: apples, trouble: 'woolly-aphid', control: 'soap-spray', done: [] }),
    ];
    const s = seasonOf(seasonFacts(NOW, both, { hours: dry() }));
    expect(days(s, 'sulfur').filter((d) => days(s, 'soap').includes(d))).toEqual([]);
    expect(s.model.apart.length).toBe(2);
  });
  test('what was put on beside it in one tunnel keeps everybody out, and the round waits', () => {
    const tomatoes = plantingOf('p-tom', 'tomato', { name: 'Tomatoes', site: 'tunnel', place: 'Tunnel' });
    const vine = [courseFacts({ id: 'v', planting: tomatoes, trouble: 'glasshouse-whitefly', control: 'soap-spray', done: [] })];
    const clock = {
      enclosed: true,
      treatmentId: 't',
      plantingId: 'other',
      plantingName: 'Peppers',
      place: 'Tunnel',
      controlName: 'Sulfur vapour',
      caseId: null,
      from: NOW,
      until: '2026-06-16T12:00:00.000Z',
    };
    const before = seasonOf(seasonFacts(NOW, vine, { hours: dry() }));
    const kept = seasonOf(seasonFacts(NOW, vine, { hours: dry(), keepOut: [clock] }));
    expect((days(before, 'v')[0] ?? '') < '2026-06-16').toBe(true);
    expect((days(kept, 'v')[0] ?? '') >= '2026-06-16').toBe(true);
    expect(course(kept, 'v').closed.find((c) => c.day === '2026-06-15')?.why).toBe('Nobody goes in before Tue 16 Jun 13:00: Sulfur vapour on Peppers.');
    const elsewhere = seasonOf(seasonFacts(NOW, vine, { hours: dry(), keepOut: [{ ...clock, place: 'House' }] }));
    expect(days(elsewhere, 'v')).toEqual(days(before, 'v'));
  });
  test('a warning of what a course guards against is answered before it comes', () => {
    const warning: Warning = {
      key: 'w',
      plantingId: apples.id,
      troubleId: 'apple-scab',
      model: { id: 'm', name: '', needs: '', source: '' },
      is: 'coming',
      at: '2026-06-19T02:00:00.000Z',
      sure: 'forecast',
      saw: '',
      act: '',
      by: '2026-06-19T02:00:00.000Z',
      guardedUntil: null,
      guardedBy: null,
      hushed: null,
    };
    const s = seasonOf(facts({ warnings: [warning] }));
    expect(s.aims.unanswered).toBe(0);
    expect(days(s, 'scab').some((d) => d <= '2026-06-19' && d >= '2026-06-17')).toBe(true);
    const quiet = seasonOf(facts({ warnings: [{ ...warning, hushed: { until: null } }] }));
    expect(quiet.model.courses.flatMap((c) => c.warnings)).toEqual([]);
  });
  test('a shed that does not hold enough is said, and no round is left out for it', () => {
    const with_ = three();
    const first = with_[0];
    if (!first) throw new Error('none');
    const treatments = first.treatments.map((t) => ({ ...t, amount: 10 }));
    const sheetId = treatments[0]?.sheet?.id ?? '';
    const s = seasonOf(
      seasonFacts(NOW, [{ ...first, treatments }], { hours: dry(), shed: [{ sheetId, amount: 12, unit: treatments[0]?.sheet?.lines[0]?.rate.unit ?? 'g' }] }),
    );
    expect(course(s, 'bt').lacks).toBe(`The shed holds enough for 1 of the next ${String(days(s, 'bt').length)}.`);
  });
});

test('a flight that warmth brings draws the round to its day; one that is long past asks for nothing', () => {
  const moth = courseFacts({ id: 'm', planting: apples, trouble: 'codling-moth', control: 'bt-spray', done: ['2026-06-12T20:00:00.000Z'] });
  const hatch = (at: string, of: Partial<Warning> = {}): Warning => ({
    key: `hatch ${at}`,
    plantingId: apples.id,
    troubleId: 'codling-moth',
    model: { id: 'codling-hatch', name: '', needs: '', source: '' },
    is: 'due',
    at,
    sure: 'reckoned',
    saw: '',
    act: '',
    by: at,
    guardedUntil: null,
    guardedBy: null,
    hushed: null,
    ...of,
  });
  const asked = (w: Warning) => seasonOf(seasonFacts(NOW, [moth], { hours: dry(), warnings: [w] })).model.courses[0]?.warnings.map((x) => [x.from, x.to]);
  // the seventeenth at Newcastle: three days on
  expect(asked(hatch('2026-06-16T23:00:00.000Z'))).toEqual([[2, 6]]);
  expect(asked(hatch('2026-06-09T23:00:00.000Z'))).toEqual([]);
  expect(asked(hatch('2026-06-16T23:00:00.000Z', { is: 'came' }))).toEqual([]);
  expect(asked(hatch('2026-06-16T23:00:00.000Z', { guardedUntil: '2026-06-20T00:00:00.000Z' }))).toEqual([]);
  // a round within its days has met it, whether it guards or not: it is not asked for again each evening
  const after = (done: readonly string[]) =>
    seasonOf(
      seasonFacts(NOW, [courseFacts({ id: 's', planting: apples, trouble: 'codling-moth', control: 'bt-spray', done })], {
        hours: dry(),
        warnings: [hatch('2026-06-13T23:00:00.000Z')],
      }),
    ).model.courses[0]?.warnings.length;
  expect([after(['2026-06-08T20:00:00.000Z']), after(['2026-06-13T20:00:00.000Z'])]).toEqual([1, 0]);
  const s = seasonOf(seasonFacts(NOW, [moth], { hours: dry(), warnings: [hatch('2026-06-19T23:00:00.000Z')] }));
  expect(s.aims.unanswered).toBe(0);
  expect(days(s, 'm').some((d) => d >= '2026-06-19' && d <= '2026-06-23')).toBe(true);
});

describe('figures of the programme', () => {
  const laid = (courses: ReturnType<typeof bt>[], of: Partial<SeasonFacts> = {}, now = NOW) => seasonOf(seasonFacts(now, courses, { hours: dry(), ...of }));

  test('rounds are counted on from those that were done', () => {
    const s = laid([bt({ done: ['2026-06-05T20:00:00.000Z', '2026-06-12T20:00:00.000Z'] })]);
    const { rounds } = course(s, 'bt');
    expect(rounds.length).toBeGreaterThan(1);
    expect(rounds.map((r) => r.number)).toEqual(rounds.map((_, i) => 3 + i));
  });

  test('where nobody tells of the weather it is an hour and a quarter before sundown to a quarter after it', () => {
    // sundown at Newcastle on 14 June: 21:46 by British summer time (HM Nautical Almanac Office, to the minute)
    const control = findControl('bt-spray');
    if (!control) throw new Error('none');
    const { from, to } = usualHours(control, findSheet('bt-kurstaki-wp') ?? null, '2026-06-14', LARKFOLD);
    expect(new Date(from).toISOString()).toBe('2026-06-14T19:30:00.000Z');
    expect(new Date(to).toISOString()).toBe('2026-06-14T21:00:00.000Z');
    // what asks for no hour is done by day
    const hands = findControl('hand-pick');
    if (!hands) throw new Error('none');
    expect(new Date(usualHours(hands, null, '2026-06-14', LARKFOLD).from).toISOString()).toBe('2026-06-14T08:00:00.000Z');
  });

  test('an evening of which less than half an hour is left is none', () => {
    const at = (now: string) => laid([bt({ done: [] })], { hours: [] }, now).model.courses[0]?.open[0] ?? [];
    expect(at('2026-06-14T20:20:00.000Z').length).toBe(1);
    expect(at('2026-06-14T20:40:00.000Z')).toEqual([]);
  });

  test('that it stops for the picking is said only where the picking is near, and where its label waits for it', () => {
    const why = (of: object) => course(laid([bt({ planting: { ...leeks, ...of } })]), 'bt').why;
    expect(why({})).toBeNull();
    expect(why({ pickFrom: null, pickUntil: null })).toBeNull();
    const mancozeb = (pickFrom: string | null) =>
      course(
        laid([
          courseFacts({
            id: 'm',
            planting: { ...apples, pickFrom, pickUntil: pickFrom && '2026-10-20' },
            trouble: 'apple-scab',
            control: 'mancozeb-spray',
            done: [],
          }),
        ]),
        'm',
      ).why;
    expect(mancozeb('2026-09-20')).not.toMatch(/picking/);
    expect(mancozeb(null) ?? '').not.toMatch(/picking/);
  });

  test('the last day away is a day away, the one after is not', () => {
    const s = laid([bt()], { garden: { ...LARKFOLD, away: [{ from: '2026-06-16', to: '2026-06-18' }] } });
    const why = (day: string) => course(s, 'bt').closed.find((c) => c.day === day)?.why;
    expect([why('2026-06-16'), why('2026-06-18')]).toEqual(['You are away.', 'You are away.']);
    expect(why('2026-06-19')).not.toBe('You are away.');
    expect(why('2026-06-15')).not.toBe('You are away.');
  });

  test('in growth new leaves are bare sooner than on a plant that rests', () => {
    const held = (stage: 'growing' | 'flowering' | 'fruiting') =>
      laid([courseFacts({ id: 's', planting: { ...apples, stage }, trouble: 'apple-scab', control: 'sulfur-spray', done: [] })]).model.courses[0]?.holds[2] ??
      0;
    expect(held('growing')).toBeLessThanOrEqual(held('fruiting'));
    expect(held('flowering')).toBe(held('growing'));
    // thirty millimetres tomorrow leave two fifths: new leaves take the rest, on a plant that has some
    const washed = (stage: 'growing' | 'flowering' | 'fruiting') =>
      laid([courseFacts({ id: 'm', planting: { ...apples, stage }, trouble: 'apple-scab', control: 'sulfur-spray', done: [] })], {
        hours: dry(on('2026-06-16', 30)),
      }).model.courses[0]?.holds[0] ?? 0;
    expect(washed('growing')).toBeLessThan(washed('fruiting'));
    expect(washed('flowering')).toBe(washed('growing'));
    const mancozeb = (stage: 'growing' | 'fruiting') =>
      laid([courseFacts({ id: 'm', planting: { ...apples, stage }, trouble: 'apple-scab', control: 'mancozeb-spray', done: [] })]).model.courses[0]?.holds ??
      [];
    expect(Math.max(...mancozeb('growing'))).toBeLessThanOrEqual(Math.max(...mancozeb('fruiting')));
  });

  test('one product on one planting has one total, whatever it is put on against; on another planting it has its own', () => {
    const scab = courseFacts({ id: 'scab', planting: apples, trouble: 'apple-scab', control: 'sulfur-spray', done: [] });
    const mildew = courseFacts({ id: 'mildew', planting: apples, trouble: 'powdery-mildew', control: 'sulfur-spray', done: [] });
    const pears = courseFacts({
      id: 'pears',
      planting: { ...apples, id: 'p-pears', hostId: 'pear', name: 'Pears' },
      trouble: 'pear-scab',
      control: 'sulfur-spray',
      done: [],
    });
    const alone = laid([scab, pears]);
    expect(alone.model.totals).toEqual([]);
    const two = laid([scab, mildew, pears]);
    const takes = (id: string) => two.model.courses.find((c) => c.id === id)?.takes.map((t) => t.total) ?? [];
    expect(two.model.totals).toHaveLength(1);
    expect(takes('scab')).toEqual([two.model.totals[0]?.id]);
    expect(takes('mildew')).toEqual(takes('scab'));
    expect(takes('pears')).toEqual([]);
  });

  test('what burns with any of the groups of a product is kept from it, and nobody goes in among what keeps people out', () => {
    const of = (control: string, trouble: string, id: string) => courseFacts({ id, planting: apples, trouble, control, done: [] });
    const gap = (a: ReturnType<typeof of>, b: ReturnType<typeof of>) => laid([a, b]).model.apart.map((x) => x.days);
    const both = findSheet('copper-octanoate');
    const named = both?.groups ?? [];
    expect(named.length).toBe(2);
    for (const other of SHEETS.filter((x) => x.gaps.some((g) => named.includes(g.group))))
      expect(burnDays(other, both as never)).toBe(
        Math.max(
          ...other.gaps.filter((g) => named.includes(g.group)).map((g) => g.days),
          ...(both?.gaps ?? []).filter((g) => other.groups.includes(g.group)).map((g) => g.days),
        ),
      );
    // hours that keep people out are a day between it and work by hand on the same plants
    const hand = gap(of('sulfur-spray', 'apple-scab', 'sulfur'), of('hand-pick', 'codling-moth', 'hand'));
    expect(hand).toEqual([1]);
    // four hours are a day too: nobody picks by hand among it on the same evening
    expect(gap(of('copper-soap-spray', 'apple-scab', 'copper'), of('hand-pick', 'codling-moth', 'hand'))).toEqual([1]);
  });
});

// A garden walked through from May to November, a day at a time: what is due is done on its day, and nothing else.
test('two hundred days of one garden: every round is done when it is due, and no label is ever broken', () => {
  // in the short form so many of them running
  const days = numbered(200, 80);
  let now = Date.parse('2026-05-01T16:00:00.000Z') + ((days[0] ?? 1) - 1) * 86_400_000;
  const end = now + days.length * 86_400_000;
  const beds = [
    { id: 'bt', planting: leeks, trouble: 'leek-moth', control: 'bt-spray' },
    { id: 'white', planting: cabbages, trouble: 'cabbage-white', control: 'bt-spray' },
    { id: 'scab', planting: { ...apples, stage: 'growing' as const }, trouble: 'apple-scab', control: 'sulfur-spray' },
  ];
  const done = new Map<string, string[]>(beds.map((b) => [b.id, []]));
  let gone = 0;
  for (; now < end; now += 86_400_000) {
    const iso = new Date(now).toISOString();
    const hours = hoursFrom(new Date(now - 10 * 86_400_000).toISOString().slice(0, 11) + '00:00:00.000Z', 16, (at) => ({
      rainMm: at.getUTCDate() % 9 === 0 && at.getUTCHours() < 5 ? 4 : 0,
      windMs: at.getUTCDate() % 5 === 0 ? 8 : 2,
      temperatureC: 12 + 5 * Math.sin(((at.getUTCHours() - 9) / 24) * 2 * Math.PI),
    }));
    const s = seasonOf(
      seasonFacts(
        iso,
        beds.map((b) => courseFacts({ ...b, done: done.get(b.id) ?? [] })),
        { hours },
      ),
    );
    expect([iso, brokenLimits(s.model, planned(s))]).toEqual([iso, []]);
    for (const c of s.courses) {
      const today = c.rounds.find((r) => r.day === s.today);
      if (!today) continue;
      const before = done.get(c.caseId)?.at(-1);
      const least =
        courseFacts({ ...(beds.find((b) => b.id === c.caseId) as (typeof beds)[number]), done: [iso] }).treatments[0]?.sheet?.lines[0]?.intervalDays ?? 0;
      if (before !== undefined) expect((today.from - Date.parse(before)) / 86_400_000).toBeGreaterThanOrEqual(least);
      done.get(c.caseId)?.push(new Date(today.to).toISOString());
      gone++;
    }
    expect(s.today).toBe(dayOf(instant(now), ZONE));
  }
  expect(gone).toBeGreaterThan(days.length / 25);
}, 240_000);
