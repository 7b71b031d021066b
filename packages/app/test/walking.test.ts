import type { Walk } from '@sleetbrook/core/api';
import { sayEnough, sayTrend } from '../src/screens/look/say-count';
import { addToTally, joined, unsentWalks, useWalking } from '../src/state/walking';

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

describe('two on one round', () => {
  beforeEach(() => useWalking.setState({ walk: null, unsent: 0, sending: null, outbox: [], refused: null, together: false }));
  const theirs: Walk = {
    ...walk,
    revision: 4,
    stops: [
      walk.stops[0] as Walk['stops'][number],
      { plantingId: 'b', state: 'found', at: walk.startedAt, tallies: [{ troubleId: 'slugs', affected: 2, looked: 9 }], note: '' },
    ],
  };

  test('are told, each has what the other counted, and nothing of its own is less', () => {
    const w = useWalking.getState();
    w.begin({ ...walk, revision: 1 });
    expect(useWalking.getState().together).toBe(false);
    w.tally('a', 'slugs', 1, 3);
    w.met(theirs);
    const now = useWalking.getState();
    expect(now.together).toBe(true);
    expect(now.walk).toMatchObject({
      revision: 4,
      stops: [{ tallies: [{ affected: 1, looked: 4 }] }, { state: 'found', tallies: [{ affected: 2, looked: 9 }] }],
    });
    // it is still to be sent
    expect(now.unsent).toBe(1);
    w.begin({ ...walk, id: `${walk.id.slice(0, -1)}b` });
    expect(useWalking.getState().together).toBe(false);
  });

  test('at one planting: who saw more of it is kept, over all that was counted there', () => {
    const of = (...tallies: readonly (readonly [string, number])[]): Walk => ({
      ...walk,
      stops: [
        { plantingId: 'a', state: 'found', at: walk.startedAt, tallies: tallies.map(([troubleId, looked]) => ({ troubleId, affected: 1, looked })), note: '' },
      ],
    });
    const sawMore = of(['slugs', 4], ['rust', 5]);
    const sawLess = of(['slugs', 8]);
    expect(joined(sawLess, sawMore, null).stops[0]?.tallies).toHaveLength(2);
    expect(joined(sawMore, sawLess, null).stops[0]?.tallies).toHaveLength(2);
    // as much on both sides: one's own
    expect(joined(of(['slugs', 8]), of(['rust', 8]), null).stops[0]?.tallies[0]?.troubleId).toBe('slugs');
  });

  test('whose own answer was lost are not taken for two', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.tally('a', 'slugs', 1, 3);
    const sent = useWalking.getState().walk as Walk;
    w.send(sent);
    w.met({ ...sent, revision: 1 });
    expect(useWalking.getState()).toMatchObject({ together: false, walk: { revision: 1 } });
  });
});

describe('a walk under way', () => {
  beforeEach(() => useWalking.setState({ walk: null, unsent: 0, sending: null, outbox: [], refused: null, together: false }));
  test('taps made while a save is on its way are still unsent afterwards', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.tally('a', 'slugs', 1, 0);
    const sending = useWalking.getState().unsent;
    w.tally('a', 'slugs', 0, 1);
    w.sent(walk.id, 1, sending);
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

describe('out of reach', () => {
  const at = walk.startedAt;
  const clear = (w: Walk, id: string): Walk => ({ ...w, stops: w.stops.map((s) => (s.plantingId === id ? { ...s, state: 'clear', at } : s)) });
  beforeEach(() => useWalking.setState({ walk: null, unsent: 0, sending: null, outbox: [], refused: null, together: false }));

  test('a finished walk that has not arrived waits, whatever is begun or closed after it', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.finish(at);
    w.drop();
    expect(unsentWalks(useWalking.getState())).toBe(1);
    const second = { ...walk, id: '0197a000-0000-7000-8000-0000000000ab' };
    w.begin(second);
    w.changeStop('a', { state: 'found', at });
    expect(unsentWalks(useWalking.getState())).toBe(2);
    expect(useWalking.getState().outbox).toMatchObject([{ id: walk.id, finishedAt: at }]);
    // the older one arrives; the one under way is untouched
    w.send(useWalking.getState().outbox[0] as Walk);
    w.sent(walk.id, 3, 0);
    expect(useWalking.getState()).toMatchObject({ outbox: [], walk: { id: second.id, revision: 0, stops: [{ state: 'found' }, {}] } });
    w.sent(second.id, 1, useWalking.getState().unsent);
    expect(unsentWalks(useWalking.getState())).toBe(0);
  });

  test('an answer to what was sent before it was finished does not take the finished one away', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.send(useWalking.getState().walk as Walk);
    w.finish(at);
    w.drop();
    w.sent(walk.id, 1, 1);
    expect(useWalking.getState().outbox).toMatchObject([{ id: walk.id, revision: 1, finishedAt: at }]);
  });

  test('one that waits and is taken up again is the one on this device, not the server’s', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.tally('a', 'slugs', 2, 3);
    w.drop();
    w.begin({ ...walk, revision: 4 });
    expect(useWalking.getState()).toMatchObject({ outbox: [], unsent: 1, walk: { stops: [{ tallies: [{ affected: 2, looked: 5 }] }, {}] } });
  });

  test('after a lost answer it goes on from what the server has, and nothing tapped since is lost', () => {
    const w = useWalking.getState();
    w.begin(walk);
    w.changeStop('a', { state: 'clear', at });
    const onItsWay = useWalking.getState().walk as Walk;
    w.send(onItsWay);
    w.changeStop('b', { state: 'clear', at });
    // keys in another order, as the server writes them: still our own
    const { stops, ...rest } = onItsWay;
    w.met({ stops, ...rest, revision: 7 });
    const now = useWalking.getState();
    expect(now.walk).toMatchObject({ revision: 7, stops: [{ state: 'clear' }, { state: 'clear' }] });
    expect(unsentWalks(now)).toBe(1);
  });

  test('a tally taken back after a lost answer stays taken back', () => {
    const sending: Walk = { ...walk, stops: walk.stops.map((s) => ({ ...s, tallies: [{ troubleId: 'slugs', affected: 1, looked: 3 }] })) };
    const ours: Walk = { ...walk, stops: walk.stops.map((s) => ({ ...s, tallies: [{ troubleId: 'slugs', affected: 0, looked: 2 }] })) };
    expect(joined(ours, { ...sending, revision: 3 }, sending).stops[0]?.tallies[0]).toMatchObject({ affected: 0, looked: 2 });
  });

  test('another device’s copy is joined stop by stop: what either saw stays', () => {
    const both = joined(clear(walk, 'a'), { ...clear(walk, 'b'), revision: 9 }, null);
    expect(both).toMatchObject({ revision: 9, stops: [{ state: 'clear' }, { state: 'clear' }] });
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
