import fc from 'fast-check';
import { findHost, HOSTS, SIGNS } from '../src/catalogue';
import { nextLook, rankSuspects, recentWords, seasonalMonth, settle, type Answer } from '../src/diagnose';

const host = findHost('broad-bean');
if (!host) throw new Error('no host');
const context = { host, month: 5, recent: [] };
const seen = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: true }));
const not = (...ids: string[]): Answer[] => ids.map((signId) => ({ signId, seen: false }));
const place = (answers: Answer[], id: string) => rankSuspects(context, answers).findIndex((s) => s.id === id);
const chance = (answers: Answer[], id: string) => rankSuspects(context, answers).find((s) => s.id === id)?.probability ?? 0;

describe('naming', () => {
  test('dark crowds, ants and sticky leaves on broad beans: black bean aphid, with the evidence', () => {
    const answers = seen('dark-crowd', 'ants', 'sticky');
    const [first] = rankSuspects(context, answers);
    expect(first).toMatchObject({ id: 'black-bean-aphid', kind: 'trouble' });
    expect(first?.evidence.map((e) => e.sentence)).toContain('Ants running up: often there with black bean aphid.');
    expect(settle(context, rankSuspects(context, answers), answers).state).toBe('settled');
  });

  test('webbing in place of ants moves spider mite up, and says why', () => {
    const before = seen('dark-crowd', 'ants', 'sticky');
    const after = [...seen('dark-crowd', 'sticky', 'webbing'), ...not('ants')];
    expect(chance(after, 'spider-mite')).toBeGreaterThan(10 * chance(before, 'spider-mite'));
    expect(place(after, 'spider-mite')).toBeLessThan(place(before, 'spider-mite'));
    const mite = rankSuspects(context, after).find((s) => s.id === 'spider-mite');
    expect(mite?.evidence.filter((e) => e.direction === 'for').map((e) => e.sentence)).toContain('Fine webbing: often there with two-spotted spider mite.');
  });

  test('friends and look-alikes come out as such', () => {
    expect(rankSuspects(context, seen('spiky-larva'))[0]).toMatchObject({ id: 'ladybird-larva', kind: 'helper' });
    const courgette = findHost('courgette');
    if (!courgette) throw new Error('no host');
    expect(rankSuspects({ ...context, host: courgette }, [...seen('vein-marbling'), ...not('powder')])[0]).toMatchObject({
      id: 'squash-marbling',
      kind: 'look-alike',
    });
  });

  test('nothing seen settles nothing', () => {
    const none = not(...SIGNS.map((s) => s.id));
    expect(settle(context, rankSuspects(context, none), none).state).toBe('not-settled');
    expect(settle(context, rankSuspects(context, []), []).state).toBe('no-signs');
  });

  test('everything at once is not settled', () => {
    const all = seen('dark-crowd', 'webbing', 'powder', 'pustules', 'slime', 'egg-rafts');
    expect(settle(context, rankSuspects(context, all), all).state).toBe('not-settled');
  });

  test('the next look tells most, is never asked twice and stays on the plant', () => {
    const asked = new Set<string>();
    let answers: Answer[] = seen('dark-crowd');
    for (let look = nextLook(context, answers); look; look = nextLook(context, answers)) {
      expect(asked.has(look.sign.id)).toBe(false);
      expect(look.sign.parts.some((p) => host.parts.includes(p))).toBe(true);
      expect(look.gain).toBeGreaterThan(0);
      asked.add(look.sign.id);
      answers = [...answers, { signId: look.sign.id, seen: false }];
    }
    expect(asked.size).toBeGreaterThan(0);
  });

  test('any answers on any host: each chance is one, and with two at once they add to more than one, never to less', () => {
    const answer = fc.record({ signId: fc.constantFrom(...SIGNS.map((s) => s.id), 'no-such-sign'), seen: fc.boolean() });
    fc.assert(
      fc.property(
        fc.constantFrom(...HOSTS),
        fc.integer({ min: 1, max: 12 }),
        fc.uniqueArray(answer, { selector: (a) => a.signId, maxLength: 20 }),
        (h, month, answers) => {
          const suspects = rankSuspects({ host: h, month, recent: ['wet', 'cool'] }, answers);
          const sum = suspects.reduce((s, x) => s + x.probability, 0);
          expect(sum).toBeGreaterThanOrEqual(1 - 1e-9);
          expect(sum).toBeLessThanOrEqual(2 + 1e-9);
          for (const s of suspects) expect(s.probability >= 0 && s.probability <= 1).toBe(true);
          // who saw no more than one thing has no two
          if (answers.filter((a) => a.seen).length < 2) expect(sum).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  test('a typical sign never makes its trouble less likely', () => {
    fc.assert(
      fc.property(fc.constantFrom('dark-crowd', 'ants', 'sticky'), fc.subarray(['dark-crowd', 'ants', 'sticky']), (extra, base) => {
        const answers = seen(...base.filter((b) => b !== extra));
        expect(chance([...answers, ...seen(extra)], 'black-bean-aphid')).toBeGreaterThanOrEqual(chance(answers, 'black-bean-aphid'));
      }),
    );
  });

  test('seasons are turned round in the south', () => {
    expect(seasonalMonth(11, -42)).toBe(5);
    expect(seasonalMonth(6, -42)).toBe(12);
    expect(seasonalMonth(5, 55)).toBe(5);
  });

  test('the last fortnight in words', () => {
    const hour = { at: '2026-05-01T00:00:00.000Z', temperatureC: 18, humidityPct: 60, windMs: 2, rainMm: 0, cloud: 0 };
    expect(recentWords(Array.from({ length: 336 }, () => hour))).toEqual(['dry', 'warm']);
    expect(recentWords(Array.from({ length: 336 }, () => ({ ...hour, temperatureC: 8, rainMm: 0.3 })))).toEqual(['wet', 'cool']);
    expect(recentWords([])).toEqual([]);
  });
});
