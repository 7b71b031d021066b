import { CONTROLS, FRIENDS, HOSTS, SIGNS, TROUBLES } from '@sleetbrook/core/catalogue';
import { almanacEntry, almanacList, type AlmanacQuery } from '../src/workers/almanac';
import { tasks } from '../src/workers/tasks';

const ask = (change: Partial<AlmanacQuery>) => almanacList({ text: '', section: 'all', hostId: null, part: null, month: null, ...change });

describe('search', () => {
  test.each([
    ['blakfly', 'black-bean-aphid'],
    ['greenfly', 'greenfly'],
    ['powdry mildew', 'powdery-mildew'],
    ['pigeon', 'birds'],
    ['stink bug', 'fruit-shield-bug'],
    ['cuckoo spit', 'froghopper'],
    ['june drop', 'june-drop'],
    ['ladybug larvae', 'ladybird-larva'],
    ['lantern fly', 'trunk-planthopper'],
  ])('%s finds %s among the first three', (text, id) =>
    expect(
      ask({ text })
        .slice(0, 3)
        .map((i) => i.id),
    ).toContain(id),
  );
  test('nonsense finds nothing', () => expect(ask({ text: 'qqzzxxyyww' })).toEqual([]));
});

describe('filters', () => {
  test('by kind', () => {
    expect(ask({ section: 'helper' }).every((i) => i.section === 'helper')).toBe(true);
    expect(ask({ section: 'sign' })).toHaveLength(SIGNS.length);
  });
  test('by plant: scab is on apples, not on leeks', () => {
    const ids = (hostId: string) => ask({ hostId, section: 'trouble' }).map((i) => i.id);
    expect(ids('apple')).toContain('apple-scab');
    expect(ids('leek')).not.toContain('apple-scab');
  });
  test('by part and by season', () => {
    expect(ask({ part: 'root', section: 'trouble' }).map((i) => i.id)).toContain('club-root');
    expect(ask({ month: 1, section: 'trouble' }).map((i) => i.id)).not.toContain('black-bean-aphid');
    expect(ask({ month: 6, section: 'trouble' }).map((i) => i.id)).toContain('black-bean-aphid');
  });
});

describe('pages', () => {
  const ids = [...TROUBLES.map((t) => t.id), ...FRIENDS.map((f) => f.id), ...SIGNS.map((s) => `sign-${s.id}`), ...CONTROLS.map((c) => `control-${c.id}`)];
  test('every entry has one, and every link on it leads somewhere', () => {
    for (const id of ids) {
      const page = almanacEntry(id);
      if (!page) throw new Error(id);
      const links = [...page.apart, ...page.enemies, ...page.causes, ...page.carries, ...page.shownBy].map((l) => l.id);
      for (const link of [...links, ...page.controls.map((c) => `control-${c.id}`), ...page.signs.map((s) => `sign-${s.sign.id}`)])
        expect([id, link, almanacEntry(link) !== null]).toEqual([id, link, true]);
    }
  });
  test('a trouble is told by rung, gentlest first', () => {
    const rungs = almanacEntry('black-bean-aphid')?.controls.map((c) => c.rung) ?? [];
    expect(rungs.length).toBeGreaterThan(5);
    expect(rungs).toEqual([...rungs].sort((a, b) => a - b));
  });
  test('no such page', () => expect([almanacEntry('triffid'), almanacEntry('sign-triffid'), almanacEntry('control-triffid')]).toEqual([null, null, null]));
});

describe('the worker', () => {
  const around = {
    hostId: 'broad-bean',
    site: 'outdoors' as const,
    month: 5,
    where: { latitude: 55 },
    recent: [],
    refused: [],
    stage: 'growing' as const,
    before: [],
  };
  test('gives each plant its own signs, the usual first', () => {
    const signs = tasks.signsOn(around);
    expect(signs.slice(0, 25).map((s) => s.id)).toContain('dark-crowd');
    expect(signs.every((s) => s.parts.some((p) => HOSTS.find((h) => h.id === 'broad-bean')?.parts.includes(p)))).toBe(true);
  });
  test('names with the words the screen needs', () => {
    const naming = tasks.name({ ...around, answers: [{ signId: 'spiky-larva', seen: true }], skipped: [], part: 'tip' });
    expect(naming.suspects[0]).toMatchObject({ id: 'ladybird-larva', sizeMm: 10, advice: expect.stringMatching(/Friend: leave it/) as string });
  });
  test('an unknown host is no crash', () => {
    expect(tasks.name({ ...around, hostId: 'triffid', answers: [], skipped: [], part: null }).finding).toEqual({ state: 'no-signs' });
    expect(tasks.signsOn({ ...around, hostId: 'triffid' })).toEqual([]);
  });
});
