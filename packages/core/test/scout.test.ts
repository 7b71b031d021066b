import fc from 'fast-check';
import { findHost, findTrouble, FRIENDS, HOSTS, SIGNS, TROUBLES, type Host } from '../src/catalogue';
import {
  climateOf,
  enough,
  hostWeight,
  inSeasonAt,
  likeMonths,
  thresholdFor,
  trendOf,
  usualness,
  warmthMonths,
  watchList,
  wilson,
  type Climate,
} from '../src/scout';

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
  test('what shows on no part that a plant is looked at by is no suspect there', () => {
    for (const entry of [...TROUBLES, ...FRIENDS]) {
      for (const on of HOSTS) {
        const shown = SIGNS.some((s) => (entry.signs[s.id] ?? 'never') !== 'never' && s.parts.some((p) => on.parts.includes(p)));
        if (!shown) expect(usualness(entry, { host: on, month: 7, recent: [] })).toBe(0);
      }
    }
    const bees = FRIENDS.find((f) => f.id === 'bees');
    const flowerless = HOSTS.find((h) => !h.parts.includes('flower'));
    if (!bees || !flowerless) throw new Error('no bees, or flowers everywhere');
    expect(usualness(bees, { host: flowerless, month: 7, recent: [] })).toBe(0);
    expect(usualness(bees, around)).toBeGreaterThan(0);
  });
  test('a month stands for those that are like it', () => {
    const where = (latitude: number, longitude: number, country: string | null = null) => ({ where: { latitude, longitude, country } });
    const ALNWICK = where(55.2, -1.9, 'GB');
    expect(inSeasonAt([5, 6], { month: 4, ...ALNWICK })).toBe(false);
    expect(inSeasonAt([5, 6], { month: 4, ...where(40.4, -3.7, 'ES') })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 12, ...where(40.4, -3.7, 'ES') })).toBe(false);
    expect(inSeasonAt([5, 6], { month: 12, ...where(28.6, 77.2, 'IN') })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 12, ...where(10, 8) })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 12, ...ALNWICK, site: 'indoors' })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 4, ...ALNWICK, site: 'glasshouse' })).toBe(true);
    // the garden's own warmth counts on top, and never takes a season away
    expect(inSeasonAt([5, 6], { month: 4, ...ALNWICK, meanC: 13 })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 4, ...ALNWICK, meanC: 9 })).toBe(false);
    // a warm week wakes nothing two months early where winters rest, and does where they do not
    expect(inSeasonAt([5, 6], { month: 2, ...ALNWICK, meanC: 14 })).toBe(false);
    expect(inSeasonAt([5, 6], { month: 1, ...where(37.4, -6, 'ES'), meanC: 14 })).toBe(true);
    expect(inSeasonAt([5, 6], { month: 6, ...ALNWICK, meanC: 7 })).toBe(true);
  });
  // kinds after Peel et al. 2007 (Köppen-Geiger), coarse
  test.each<[string, number, number, string | null, Climate]>([
    ['London', 51.5, -0.1, 'GB', 'temperate'],
    ['Madrid', 40.4, -3.7, 'ES', 'mediterranean'],
    ['A Coruña', 43.4, -8.4, 'ES', 'temperate'],
    ['Rome', 41.9, 12.5, 'IT', 'mediterranean'],
    ['Milan', 45.5, 9.2, 'IT', 'temperate'],
    ['Athens', 38, 23.7, null, 'mediterranean'],
    ['New York', 40.7, -74, 'US', 'continental'],
    ['Seattle', 47.6, -122.3, 'US', 'temperate'],
    ['Sacramento', 38.6, -121.5, 'US', 'mediterranean'],
    ['Houston', 29.8, -95.4, 'US', 'subtropical'],
    ['Atlanta', 33.7, -84.4, 'US', 'subtropical'],
    ['Delhi', 28.6, 77.2, 'IN', 'subtropical'],
    ['Mumbai', 19.1, 72.9, 'IN', 'tropical'],
    ['Tokyo', 35.7, 139.7, 'JP', 'continental'],
    ['Warsaw', 52.2, 21, 'PL', 'continental'],
    ['Helsinki', 60.2, 24.9, 'FI', 'cold'],
    ['Edmonton', 53.5, -113.5, 'CA', 'cold'],
    ['Cape Town', -33.9, 18.4, 'ZA', 'mediterranean'],
    ['Perth', -31.9, 115.9, 'AU', 'mediterranean'],
    ['Sydney', -33.9, 151.2, 'AU', 'subtropical'],
    ['Hobart', -42.9, 147.3, 'AU', 'temperate'],
    ['Buenos Aires', -34.6, -58.4, 'AR', 'subtropical'],
    ['Ouagadougou', 12.4, -1.5, 'BF', 'tropical'],
  ])('%s', (_town, latitude, longitude, country, kind) => expect(climateOf({ latitude, longitude, country })).toBe(kind));
  test('as warm as it is, and nothing below growing', () => {
    expect(warmthMonths(16)).toEqual([6, 9]);
    expect(warmthMonths(30)).toEqual([7, 8]);
    expect(warmthMonths(7.9)).toEqual([]);
    expect(likeMonths('tropical', 1, null)).toBeNull();
    expect(likeMonths('temperate', 1, null)).toEqual([1]);
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
