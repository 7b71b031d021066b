import fc from 'fast-check';
import { findHost, findTrouble, HOSTS, type Host } from '../src/catalogue';
import { enough, hostWeight, inSeasonAt, thresholdFor, trendOf, usualness, watchList, wilson } from '../src/scout';

const host = (id: string): Host => {
  const h = findHost(id);
  if (!h) throw new Error(id);
  return h;
};
const trouble = (id: string) => {
  const t = findTrouble(id);
  if (!t) throw new Error(id);
  return t;
};

describe('a share with its interval', () => {
  // Wilson 1927; 9 of 20 worked by hand from the formula
  test('9 of 20', () => {
    const s = wilson(9, 20);
    expect(s.low).toBeCloseTo(0.2582, 3);
    expect(s.high).toBeCloseTo(0.6579, 3);
  });
});

describe('enough looking', () => {
  /*
   * Wald 1945: stop at ln((1-b)/a) above and ln(b/(1-a)) below; a = b = 0.1 gives 2.1972.
   * Threshold 0.2: p0 = 0.1, p1 = 0.3; a clean one counts ln(0.7/0.9) = -0.2513, one with it ln 3 = 1.0986.
   */
  test('nine clean ones in a row settle it for leaving at a threshold of 0.2', () => {
    expect(enough(0, 8, 0.2)).toEqual({ state: 'more', cleanMore: 1, affectedMore: 4 });
    expect(enough(0, 9, 0.2)).toEqual({ state: 'leave', looked: 9 });
  });
  test('two with it in a row settle it for acting', () => expect(enough(2, 2, 0.2)).toEqual({ state: 'treat', looked: 2 }));
  test('nothing looked at settles nothing', () => expect(enough(0, 0, 0.1).state).toBe('more'));
  test('a hundred looked at is enough either way', () => {
    expect(enough(20, 100, 0.2).state).not.toBe('more');
    expect(enough(19, 100, 0.2).state).not.toBe('more');
  });
  test('never more affected ones needed than clean, and what it asks for does settle it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), fc.double({ min: 0.005, max: 0.9, noNaN: true }), (a, clean, threshold) => {
        const e = enough(a, a + clean, threshold);
        if (e.state !== 'more') return;
        expect(e.cleanMore).toBeGreaterThan(0);
        expect(enough(a + e.affectedMore, a + clean + e.affectedMore, threshold).state).toBe('treat');
        if (a + clean + e.cleanMore < 100) expect(enough(a, a + clean + e.cleanMore, threshold).state).toBe('leave');
      }),
    );
  });
  test('more damage borne, a higher threshold; what must go at the first sign is not moved', () => {
    expect(thresholdFor(0.1, 'easy-going')).toBe(0.2);
    expect(thresholdFor(0.1, 'spotless')).toBe(0.05);
    expect(thresholdFor(0.01, 'easy-going')).toBe(0.01);
  });
});

describe('a trend', () => {
  test('beyond chance only', () => {
    expect(trendOf({ affected: 1, looked: 20 }, null)).toBe('first');
    expect(trendOf({ affected: 1, looked: 20 }, { affected: 12, looked: 20 })).toBe('down');
    expect(trendOf({ affected: 12, looked: 20 }, { affected: 1, looked: 20 })).toBe('up');
    expect(trendOf({ affected: 2, looked: 20 }, { affected: 3, looked: 20 })).toBe('level');
  });
});

describe('how usual', () => {
  const around = { host: host('broad-bean'), month: 6, recent: [] as ('dry' | 'warm')[] };
  test('in season more than out of it, after its weather more than against it', () => {
    const aphid = trouble('black-bean-aphid');
    expect(usualness(aphid, around)).toBeGreaterThan(usualness(aphid, { ...around, month: 1 }));
    expect(usualness(aphid, { ...around, recent: ['dry', 'warm'] })).toBeGreaterThan(usualness(aphid, around));
  });
  test('the season is longer toward the equator and indoors', () => {
    expect(inSeasonAt([5, 6], { month: 4, latitude: 55 })).toBe(false);
    expect(inSeasonAt([5, 6], { month: 4, latitude: 34 })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 12, latitude: 34 })).toBe(false);
    expect(inSeasonAt([5, 6], { month: 12, latitude: 10 })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 12, latitude: 55, site: 'indoors' })).toBe(true);
  });
  test('a rare plant is judged by its kin, an unknown one by everything', () => {
    const rust = trouble('rust');
    expect(hostWeight(rust, host('kin-fabaceae'))).toBeGreaterThan(0);
    expect(hostWeight(trouble('apple-scab'), host('kin-rosaceae'))).toBeGreaterThan(0);
    expect(hostWeight(trouble('apple-scab'), host('leek'))).toBe(0);
    expect(hostWeight(trouble('apple-scab'), host('unknown-plant'))).toBeGreaterThan(0);
  });
});

describe('what to look for now', () => {
  const around = { host: host('broad-bean'), month: 5, recent: [] };
  test('five lines, each sign once, on parts this plant has', () => {
    for (const h of HOSTS) {
      const list = watchList({ host: h, month: 6, recent: [] }, []);
      expect(list.length).toBeLessThanOrEqual(5);
      expect(new Set(list.map((w) => w.sign.id)).size).toBe(list.length);
      for (const w of list) expect(w.sign.parts.some((p) => h.parts.includes(p))).toBe(true);
    }
  });
  test('the usual one of bean and month is on it', () => expect(watchList(around, []).map((w) => w.trouble.id)).toContain('black-bean-aphid'));
  test('what was found before comes first', () => {
    const [first] = watchList(around, ['chocolate-spot']);
    expect(first).toMatchObject({ why: 'found-before' });
    expect(first?.trouble.id).toBe('chocolate-spot');
  });
});
