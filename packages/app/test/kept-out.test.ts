import type { Planting, RunningClock } from '@sleetbrook/core/api';
import { keptOutOf } from '../src/screens/decide/deciding-task';

const planting = (change: Partial<Planting>): Planting => ({
  id: 'a',
  revision: 1,
  name: 'Tomatoes',
  hostId: 'tomato',
  place: 'Glasshouse',
  site: 'tunnel',
  stage: 'growing',
  edible: true,
  dense: false,
  tolerance: 'usual',
  areaM2: 4,
  heightM: null,
  trunkCm: null,
  about: [],
  noFlowerOn: null,
  stageOn: null,
  pickFrom: null,
  pickUntil: null,
  ...change,
});
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
    expect(keptOutOf(planting({}), [clock({})])).toEqual({ until: Date.parse('2026-05-25T18:00:00.000Z'), by: 'Wettable sulfur on Vine' }));
  test('the planting itself, wherever it stands', () =>
    expect(keptOutOf(planting({ site: 'outdoors', place: '' }), [clock({ plantingId: 'a', enclosed: false, place: '' })])).not.toBeNull());
  test.each<[string, Partial<Planting>, Partial<RunningClock>]>([
    ['another bed in the open', { site: 'outdoors', place: 'Bed 1' }, { enclosed: false, place: 'Bed 1' }],
    ['another house', { place: 'Tunnel' }, {}],
    ['a place without a name', { place: '' }, { place: '' }],
    ['a clock without an end', {}, { until: null }],
  ])('not %s', (_what, p, c) => expect(keptOutOf(planting(p), [clock(c)])).toBeNull());
  test('the longest counts', () =>
    expect(keptOutOf(planting({}), [clock({}), clock({ until: '2026-05-26T18:00:00.000Z' })])?.until).toBe(Date.parse('2026-05-26T18:00:00.000Z')));
});
