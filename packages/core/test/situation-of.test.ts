import type { Planting, RunningClock } from '../src/api';
import { instant } from '../src/measure';
import { seasonOf } from '../src/season';
import { situationOf } from '../src/season/situation';
import { keptOutOf, pastOf, shareNow, signsNow, situationFacts } from '../src/situation';
import { plantingOf } from './planting-of';
import { courseFacts, LARKFOLD, seasonFacts, treated } from './season-of';

const planting = (change: Partial<Planting>): Planting => plantingOf('a', 'tomato', { name: 'Tomatoes', place: 'Glasshouse', site: 'tunnel', ...change });
const NOW = instant(Date.parse('2026-05-24T20:00:00.000Z'));
const clock = (change: Partial<RunningClock>): RunningClock => ({
  treatmentId: 't',
  plantingId: 'b',
  plantingName: 'Vine',
  place: 'Glasshouse',
  enclosed: true,
  controlName: 'Wettable sulfur',
  caseId: null,
  from: '2026-05-24T18:00:00.000Z',
  until: '2026-05-25T18:00:00.000Z',
  ...change,
});

describe('who is kept out', () => {
  test('all that stands in the same glasshouse', () =>
    expect(keptOutOf(planting({}), [clock({})], NOW)).toEqual({ until: Date.parse('2026-05-25T18:00:00.000Z'), by: 'Wettable sulfur on Vine' }));
  test('the planting itself, wherever it stands', () =>
    expect(keptOutOf(planting({ site: 'outdoors', place: '' }), [clock({ plantingId: 'a', enclosed: false, place: '' })], NOW)).not.toBeNull());
  test.each<[string, Partial<Planting>, Partial<RunningClock>]>([
    ['another bed in the open', { site: 'outdoors', place: 'Bed 1' }, { enclosed: false, place: 'Bed 1' }],
    ['another house', { place: 'Tunnel' }, {}],
    ['a place without a name', { place: '' }, { place: '' }],
    ['a clock without an end', {}, { until: null }],
    ['a clock that ran out', {}, { until: '2026-05-24T20:00:00.000Z' }],
  ])('not %s', (_what, p, c) => expect(keptOutOf(planting(p), [clock(c)], NOW)).toBeNull());
  test('the longest counts', () =>
    expect(keptOutOf(planting({}), [clock({}), clock({ until: '2026-05-26T18:00:00.000Z' })], NOW)?.until).toBe(Date.parse('2026-05-26T18:00:00.000Z')));
});

test('a look that found nothing any more leaves nothing of an earlier one; a count asks for no signs', () => {
  const look = (...answers: [signId: string, seen: boolean][]) => ({ answers: answers.map(([signId, seen]) => ({ signId, seen })) });
  const grubs = look(['red-hump-grubs', true], ['egg-rafts', false]);
  expect(signsNow([grubs, look()])).toEqual(['red-hump-grubs']);
  expect(signsNow([grubs, look(['red-hump-grubs', false])])).toEqual([]);
  expect(signsNow([])).toEqual([]);
});

test('the share is that of the last look that counted', () => {
  expect(shareNow([{ count: { looked: 20, affected: 9 } }, { count: { looked: 10, affected: 1 } }, { count: null }])).toBe(0.1);
  expect(shareNow([{ count: null }])).toBeNull();
});

test('a record that was struck out counts for nothing', () => {
  const bed = planting({ id: 'b', site: 'outdoors' });
  const kept = treated({ id: 'r1', caseId: 'c', planting: bed, control: 'sulfur-spray', at: '2026-05-01T18:00:00.000Z' });
  const struck = { ...kept, id: 'r2', struck: { at: '2026-05-02T08:00:00.000Z', reason: 'The wrong bed' } };
  expect(pastOf([kept, struck]).map((p) => p.at)).toEqual([Date.parse(kept.finishedAt)]);
});

describe('ladder and season', () => {
  const vine = planting({ id: 'v', name: 'Vine', hostId: 'grape' });
  const course = courseFacts({ id: 'k', planting: vine, trouble: 'powdery-mildew', control: 'sulfur-spray', done: ['2026-05-20T18:00:00.000Z'] });
  const season = seasonFacts(new Date(NOW).toISOString(), [course], {
    keepOut: [clock({}), clock({ plantingId: 'v', enclosed: false, until: '2026-05-24T21:00:00.000Z' })],
    confirmations: [{ sheetId: 'wettable-sulfur', version: 1 }],
  });

  test('judge the same situation', () => {
    const found = course.case;
    const known = situationFacts(
      { found, planting: vine, treatments: course.treatments, seenSigns: [], share: null },
      { now: NOW, garden: LARKFOLD, sheets: [], confirmations: season.confirmations, clocks: season.keepOut },
    );
    const { host: _h, trouble: _t, conditions: _c, ...inSeason } = situationOf(course, season, [])({ id: found.troubleId } as never);
    expect(inSeason).toEqual(known);
    expect(known).toMatchObject({ allowedHere: ['wettable-sulfur 1'], keptOut: { until: Date.parse('2026-05-25T18:00:00.000Z') } });
  });

  test('a plant that is not in the book takes no other course from the season', () => {
    const lost = courseFacts({ id: 'x', planting: planting({ id: 'x', hostId: 'no-such-plant' }), trouble: 'powdery-mildew', control: 'sulfur-spray' });
    const both = seasonOf({ ...season, courses: [lost, course] });
    expect(both.courses.map((c) => c.caseId)).toEqual(['k']);
  });
});
