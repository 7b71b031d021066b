import type { Walk } from '@sleetbrook/core/api';
import { sayEnough, sayTrend } from '../src/screens/walk/say-count';
import { addToTally, useWalking } from '../src/state/walking';

const walk: Walk = {
  id: '0197a000-0000-7000-8000-0000000000aa',
  revision: 0,
  startedAt: '2026-05-24T18:10:00.000Z',
  finishedAt: null,
  stops: [
    { plantingId: 'a', state: 'to-do', at: null, tallies: [], note: '' },
    { plantingId: 'b', state: 'to-do', at: null, tallies: [], note: '' },
  ],
};

describe('a tally', () => {
  test('counts clean ones and those with it apart', () => {
    const once = addToTally([], 'slugs', 0, 1);
    expect(once).toEqual([{ troubleId: 'slugs', affected: 0, looked: 1 }]);
    expect(addToTally(once, 'slugs', 1, 0)).toEqual([{ troubleId: 'slugs', affected: 1, looked: 2 }]);
  });
  test('never goes below nothing, and taken back to nothing it is gone', () => {
    expect(addToTally([], 'slugs', -1, 0)).toEqual([]);
    expect(addToTally([{ troubleId: 'slugs', affected: 1, looked: 1 }], 'slugs', -1, 0)).toEqual([]);
    expect(addToTally([{ troubleId: 'slugs', affected: 1, looked: 1 }], 'slugs', 0, -1)).toEqual([{ troubleId: 'slugs', affected: 1, looked: 1 }]);
  });
});

describe('a walk under way', () => {
  beforeEach(() => useWalking.getState().drop());
  test('taps made while a save is on its way are still unsent afterwards', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.tally('a', 'slugs', 1, 0);
    const sending = useWalking.getState().unsent;
    w.tally('a', 'slugs', 0, 1);
    w.sent(1, sending);
    const now = useWalking.getState();
    expect(now.unsent).toBe(1);
    expect(now.walk).toMatchObject({ revision: 1, stops: [{ tallies: [{ troubleId: 'slugs', affected: 1, looked: 2 }] }, { tallies: [] }] });
  });
  test('finishing keeps what was found', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.changeStop('b', { state: 'clear', at: walk.startedAt });
    w.finish('2026-05-24T18:30:00.000Z');
    expect(useWalking.getState().walk).toMatchObject({ finishedAt: '2026-05-24T18:30:00.000Z', stops: [{ state: 'to-do' }, { state: 'clear' }] });
  });
  test('nothing is tallied when no walk is under way', () => {
    useWalking.getState().tally('a', 'slugs', 1, 0);
    expect(useWalking.getState()).toMatchObject({ walk: null, unsent: 0 });
  });
});

describe('what a count says', () => {
  test('how many more would settle it, then that it is enough', () => {
    expect(sayEnough(0, 0, 0.2, 'leaves')).toMatchObject({ state: 'more' });
    expect(sayEnough(0, 8, 0.2, 'leaves').text).toBe('0 of 8. 1 more clean leaves would settle it for leaving, 4 more with it for acting.');
    expect(sayEnough(0, 9, 0.2, 'leaves')).toEqual({ text: 'Enough: 0 of 9, under 20 in 100. Leave it.', state: 'leave' });
    expect(sayEnough(2, 2, 0.2, 'leaves')).toEqual({ text: 'Enough: 2 of 2, over 20 in 100. Act.', state: 'treat' });
  });
  test('against the time before', () => {
    expect(sayTrend({ affected: 1, looked: 20 }, null)).toBe('first count');
    expect(sayTrend({ affected: 1, looked: 20 }, { affected: 12, looked: 20 })).toBe('less than last time');
  });
});
