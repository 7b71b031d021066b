import { type LabelLine, type LabelSheet } from '../src/label';
import { findSheet } from '../src/label/sheets';
import {
  downTo3,
  grams,
  instant,
  measureOut,
  millilitres,
  parseBounded,
  parseNumber,
  parseQuantity,
  readAmount,
  readSize,
  sayError,
  sayMass,
  sayVolume,
  sayWhen,
  squareMetres,
  STARTER_KITS,
  trim,
  UNITS,
  upTo3,
  type Measure,
  type Millilitres,
  type Outcome,
} from '../src/measure';
import {
  checkRecipe,
  correctOvershoot,
  isPast,
  lifeEnd,
  measureProduct,
  mixAt,
  nozzleDrift,
  planMix,
  readPutIn,
  tally,
  treats,
  waysToMeasure,
  type MixPlan,
  type MixRequest,
} from '../src/mix';
import { buyList, calibrate, checkBordeaux, heightOf, oneOf128, PLOT_128, PREPARATIONS, type BuyRequest, type HeightReading } from '../src/mix/bench';

// Figures of mixing and measuring alone, just before, at and just after each border.
const code = (out: Outcome<unknown>): string => (out.ok ? 'ok' : (out.reasons[0]?.code ?? ''));
const field = (out: Outcome<unknown>): string => (out.ok ? 'ok' : (out.reasons[0]?.field ?? ''));
const got = <T>(out: Outcome<T>): T => {
  if (!out.ok) throw new Error(out.reasons[0]?.sentence);
  return out.value;
};
const spoonOf = (capacityMl: number, id = `s${capacityMl}`): Measure => ({ kind: 'spoon', id, name: id, capacityMl });
const jugOf = (capacityMl: number, stepMl: number): Measure => ({ kind: 'jug', id: 'jug', name: 'jug', capacityMl, stepMl });
const scaleOf = (resolutionG: number, capacityG = 1000): Measure => ({ kind: 'scale', id: 'scale', name: 'scale', resolutionG, capacityG });

describe('a number as it is typed', () => {
  test.each([
    ['12', 12],
    [' 0,5 ', 0.5],
    ['-3', -3],
    ['+3', 3],
    ['½', 0.5],
    ['1 ½', 1.5],
    ['-1½', -1.5],
    ['1 1/2', 1.5],
    ['1-1/2', 1.5],
    ['-3/4', -0.75],
    ['.5', 0.5],
    ['5.', 5],
    ['0.125', 0.125],
    ['1.234', 1.234],
  ])('%s', (text, n) => expect(got(parseNumber(text))).toBe(n));
  test.each([
    ['', 'empty'],
    ['3/0', 'not-a-number'],
    ['ten', 'not-a-number'],
    ['1,500', 'ambiguous'],
    ['1.000', 'ambiguous'],
    ['1.000.000', 'ambiguous'],
    ['1 2', 'not-a-number'],
  ])('%s: %s', (text, said) => expect(code(parseNumber(text, 'f'))).toBe(said));
  test('a comma of thousands where thousands have one', () => {
    expect((['us', 'imperial', 'australian'] as const).map((s) => got(parseNumber('1,500', '', s)))).toEqual([1500, 1500, 1500]);
    expect(code(parseNumber('1,500', '', 'metric'))).toBe('ambiguous');
    expect(got(parseNumber('1,234,567.5', '', 'us'))).toBe(1_234_567.5);
    expect(code(parseNumber('0,500', '', 'us'))).toBe('ambiguous');
  });
  test('bounds are inclusive', () => {
    const bounded = (text: string) => code(parseBounded(text, { min: 1, max: 10, unit: 'l', what: 'It' }));
    expect(['0.9', '1', '10', '10.1', 'x'].map(bounded)).toEqual(['too-small', 'ok', 'ok', 'too-large', 'not-a-number']);
  });
});

describe('an amount as it is typed', () => {
  const read = (text: string, wanted: Parameters<typeof parseQuantity>[2] = ['volume']) => parseQuantity(text, 'us', wanted, 'f');
  test.each([
    ['0 ml', 'too-small'],
    ['-1 tsp', 'too-small'],
    ['2000 l', 'ok'],
    ['2000.1 l', 'too-large'],
    ['20', 'no-unit'],
    ['20 frogs', 'unknown-unit'],
    ['1 capful', 'no-measure'],
    ['3 drops', 'no-measure'],
    ['1 heaped tbsp', 'level-meant'],
    ['1 to 2 tsp', 'a-range'],
    ['2 tsp/gal', 'a-rate'],
    ['20 ml -10 ml', 'two-figures'],
    ['3 oz', 'which-unit'],
    ['3 g', 'wrong-dimension'],
    ['1 lb 2 tsp', 'wrong-dimension'],
    ['', 'empty'],
    ['two ml', 'not-a-number'],
  ])('%s: %s', (text, said) => expect(code(read(text))).toBe(said));
  test('the most of each kind, just before and after', () => {
    const most = { volume: '2000 l', mass: '1000 kg', length: '1000 m', area: '1000000 m²' } as const;
    const over = { volume: '2001 l', mass: '1001 kg', length: '1001 m', area: '1000001 m²' } as const;
    for (const d of ['volume', 'mass', 'length', 'area'] as const)
      expect([d, code(read(most[d], [d])), code(read(over[d], [d]))]).toEqual([d, 'ok', 'too-large']);
  });
  test('how it was understood: one is one, parts are added', () => {
    expect(got(read('1 cup')).understood).toBe('1 US cup, which is 236.6 ml');
    expect(got(read('2 cups')).understood).toMatch(/^2 US cups, which is 473.2 ml/);
    expect(got(read('30 ml')).understood).toBe('30 ml');
    expect(got(read('1 lb 4 oz', ['mass'])).si).toBeCloseTo(UNITS.lb.si * 1.25, 9);
    expect(got(read('1 lb 4 oz', ['mass'])).understood).toMatch(/ and /);
  });
  test('a bare number takes the unit that goes without saying', () => {
    expect(got(readAmount('4', 'ml', 'us', ['volume'])).si).toBe(4);
    expect(got(readAmount('4 tsp', 'ml', 'us', ['volume'])).si).toBeCloseTo(4 * UNITS['tsp-us'].si, 9);
    expect(code(readAmount('1.000', 'ml', 'us', ['volume']))).toBe('ambiguous');
    expect(code(readAmount('', 'ml', 'us', ['volume']))).toBe('empty');
  });
});

describe('a size in the grower’s usual unit', () => {
  const size = (text: string, kind: Parameters<typeof readSize>[1] = 'area') => readSize(text, kind, 'us', { min: 1, max: 100, what: 'It' }, 'f');
  test('bounds are inclusive, in m², and sides are multiplied', () => {
    expect(['1 m²', '0.99 m²', '100 m²', '100.1 m²'].map((t) => code(size(t)))).toEqual(['ok', 'too-small', 'ok', 'too-large']);
    expect(got(size('12 x 4 ft'))).toBeCloseTo(48 * UNITS.ft2.si, 9);
    expect(got(size('12 by 4'))).toBeCloseTo(48 * UNITS.ft2.si, 9);
    expect(got(size('3 beds of 12 x 4 ft'))).toBeCloseTo(144 * UNITS.ft2.si, 9);
    expect(got(size('round 6 ft'))).toBeCloseTo((Math.PI / 4) * 36 * UNITS.ft2.si, 9);
    expect(got(size('3 m x 2'))).toBeCloseTo(3 * 2 * UNITS.ft.si, 9);
    expect(got(size('12'))).toBeGreaterThan(1);
  });
  test.each([
    ['12 x', 'ok'],
    ['12 x big', 'ok'],
    ['big x 12 ft', 'ok'],
    ['round big', 'ok'],
    ['big', 'ok'],
    ['12 gal', 'ok'],
  ])('%s is refused', (text, not) => expect(code(size(text))).not.toBe(not));
  test('each kind has its own usual unit', () => {
    const of = (kind: Parameters<typeof readSize>[1]) => got(readSize('2', kind, 'us', { min: 0, max: 1e5, what: 'It' }));
    expect([of('mix'), of('height'), of('row'), of('trunk')]).toEqual([
      expect.closeTo(2 * UNITS['gal-us'].si, 6),
      expect.closeTo(0.6096, 9),
      expect.closeTo(0.6096, 9),
      expect.closeTo(0.0508, 9),
    ]);
  });
});

describe('figures as they are said', () => {
  test.each([
    [trim(15.0), '15'],
    [trim(1.25, 1), '1.3'],
    [trim(100, 0), '100'],
    [trim(0.1 + 0.2), '0.3'],
    [sayVolume(millilitres(999)), '999 ml'],
    [sayVolume(millilitres(1000)), '1 l'],
    [sayVolume(millilitres(99.96)), '100 ml'],
    [sayVolume(millilitres(9.996)), '10 ml'],
    [sayVolume(millilitres(12.34)), '12.3 ml'],
    [sayVolume(millilitres(123.4)), '123 ml'],
    [sayMass(grams(45.36)), '45.4 g'],
    [sayMass(grams(1000)), '1 kg'],
    [sayMass(grams(1.234)), '1.23 g'],
    [sayError(-0.012), '1.2 % under'],
    [sayError(0.012), '1.2 % over'],
    [sayError(0.0004), 'exact'],
    [sayError(0.0005), '0.1 % over'],
  ])('%s', (said, right) => expect(said).toBe(right));
  test('down and up to three figures never cross what is meant', () => {
    expect([downTo3(0.16666), upTo3(0.16666), downTo3(12_345), upTo3(12_345)]).toEqual([0.166, 0.167, 12_300, 12_400]);
    expect([downTo3(1.23), upTo3(1.23), downTo3(0), upTo3(-1), upTo3(1.234 - 1e-12)]).toEqual([1.23, 1.23, 0, 0, 1.24]);
  });
  test('a moment beside now', () => {
    const now = instant(Date.UTC(2026, 5, 1, 12));
    const at = (h: number) => sayWhen(instant(now + h * 3_600_000), now, 'UTC');
    expect([at(11), at(12), at(35), at(36), at(-13)]).toEqual(['today 23:00', 'tomorrow 00:00', 'tomorrow 23:00', 'Wed 3 Jun 00:00', 'Sun 31 May 23:00']);
  });
});

describe('spoons and jugs', () => {
  const out = (wanted: number, kit: readonly Measure[], ceiling = Infinity) => measureOut(millilitres(wanted), kit, millilitres(ceiling));
  test('nothing, no measure, too little, too much', () => {
    for (const n of [0, -1, Number.NaN, Infinity]) expect(code(out(n, STARTER_KITS.metric))).toBe('not-positive');
    expect(code(out(5, []))).toBe('no-measures');
    expect(code(out(5, [scaleOf(1)]))).toBe('no-measures');
    // half a spoon: as near to none as to one
    expect(code(out(2.5, [spoonOf(5)]))).toBe('too-small');
    expect(code(out(2.51, [spoonOf(5)]))).toBe('ok');
    expect(code(out(4.9, [spoonOf(5)], 4.9))).toBe('too-small');
    // twelve of fifteen are 180: up to a twentieth over that is still measured so
    expect(code(out(180, [spoonOf(15)]))).toBe('ok');
    expect(code(out(189, [spoonOf(15)]))).toBe('ok');
    expect(code(out(190, [spoonOf(15)]))).toBe('too-many');
    expect(code(out(400, [spoonOf(15), jugOf(500, 50)]))).toBe('ok');
  });
  test('the nearest first, then the fewest fills; one mark of a jug', () => {
    expect(got(out(75, STARTER_KITS.metric)).scoops.map((s) => [s.measure.id, s.count])).toEqual([['tbsp', 5]]);
    expect(got(out(10, [spoonOf(5), spoonOf(10)])).scoops.map((s) => s.count)).toEqual([1]);
    expect(got(out(50, [spoonOf(5), jugOf(100, 50)])).scoops.map((s) => [s.measure.id, s.count, s.eachMl])).toEqual([['jug', 1, 50]]);
    expect(got(out(55, [spoonOf(5), jugOf(100, 50)])).scoops.map((s) => s.eachMl)).toEqual([50, 5]);
    expect(got(out(100, [jugOf(100, 50)])).total).toBe(100);
    expect(got(out(49, [jugOf(100, 50)])).total).toBe(50);
    expect(got(out(49, [jugOf(100, 25)], 49)).total).toBe(25);
    expect(got(out(12, [spoonOf(5)])).error).toBeCloseTo(-2 / 12, 12);
  });
  test('a powder: a scale that is fine and large enough, else spoons held low', () => {
    const density = { gPerMl: 0.5, spread: 0.2 };
    const by = (g: number, kit: readonly Measure[], ceiling = g * 2) => {
      const m = measureProduct(g, ceiling, density, 'g', kit);
      return m.ok ? m.value.measured.by : code(m);
    };
    expect(by(10, [scaleOf(1), spoonOf(5)])).toBe('scale');
    expect(by(9.9, [scaleOf(1), spoonOf(5)])).toBe('volume');
    expect(by(1000, [scaleOf(1)])).toBe('scale');
    expect(by(1001, [scaleOf(1), spoonOf(500)])).toBe('volume');
    expect(got(measureProduct(10.4, 10.4, density, 'g', [scaleOf(1)])).made).toBe(10);
    expect(got(measureProduct(10.6, 10.6, density, 'g', [scaleOf(1)])).made).toBe(10);
    expect(got(measureProduct(10.6, 11, density, 'g', [scaleOf(1)])).made).toBe(11);
    expect(got(measureProduct(10, 20, density, 'g', [scaleOf(1), scaleOf(0.1)])).measured).toMatchObject({ scale: { resolutionG: 0.1 } });
    // 5 g are 10 ml; a heavy spoonful weighs 0.6 g a ml: under a ceiling of 5 g that is 8.3 ml at most
    expect(got(measureProduct(5, 5, density, 'g', [spoonOf(2.5)])).made).toBe(3.75);
    expect(got(measureProduct(5, 6, density, 'g', [spoonOf(2.5)])).made).toBe(5);
    expect(code(measureProduct(5, 6, undefined, 'g', [spoonOf(2.5)]))).toBe('no-density');
  });
});

describe('a walk with plain water', () => {
  const ok = { areaM2: 20, ml: 2000, seconds: 100 };
  test.each([
    [{ areaM2: 0.99 }, 'areaM2'],
    [{ areaM2: 1 }, 'ok'],
    [{ areaM2: 1000 }, 'ok'],
    [{ areaM2: 1000.1 }, 'areaM2'],
    [{ ml: 9.9 }, 'ml'],
    [{ ml: 10 }, 'ok'],
    [{ ml: 200_000 }, 'ok'],
    [{ ml: 200_001 }, 'ml'],
    [{ seconds: 2.9 }, 'seconds'],
    [{ seconds: 3 }, 'ok'],
    [{ seconds: 7200 }, 'ok'],
    [{ seconds: 7201 }, 'seconds'],
    [{ seconds: null }, 'ok'],
  ])('%j', (change, at) => expect(field(calibrate({ ...ok, ...change }))).toBe(at));
  test('what goes on, what leaves the nozzle, and by the acre', () => {
    expect(got(calibrate(ok))).toMatchObject({ mlPerM2: 100, mlPerMinute: 1200 });
    expect(got(calibrate({ ...ok, seconds: null })).mlPerMinute).toBeNull();
    // on a 128th of an acre an ounce is a gallon an acre
    expect(got(oneOf128([60, 62], 40 * UNITS['floz-us'].si)).galPerAcre).toBeCloseTo(40, 9);
    expect(PLOT_128 / UNITS.ft2.si).toBeCloseTo(340.3125, 4);
    expect(mixAt(squareMetres(20), { mlPerM2: 100 })).toBe(2000);
  });
  test('walks that differ by a fifth are even, by more they are not', () => {
    expect([code(oneOf128([90, 110], 1000)), code(oneOf128([90, 110.1], 1000)), code(oneOf128([], 1000))]).toEqual(['ok', 'uneven', 'bad-walk']);
  });
  test('a nozzle a tenth off is steady, more is worn or blocked', () => {
    const state = (...flows: number[]) => nozzleDrift(flows)?.state ?? null;
    expect([state(), state(1000), state(1000, 1100), state(1000, 1101), state(1000, 900), state(1000, 899), state(1000, 2000, 1000)]).toEqual([
      null,
      null,
      'steady',
      'worn',
      'steady',
      'blocked',
      'steady',
    ]);
    expect([nozzleDrift([]), nozzleDrift([1000])]).toEqual([null, null]);
    expect(nozzleDrift([1000, 1002])?.sentence).toMatch(/within 1 %/);
    expect(nozzleDrift([1000, 1050])?.sentence).toMatch(/within 5 %/);
    expect(nozzleDrift([1000, 1200])?.share).toBeCloseTo(0.2, 12);
  });
});

describe('a height without a stick', () => {
  const angle = (change: Partial<Extract<HeightReading, { by: 'angle' }>> = {}) =>
    heightOf({ by: 'angle', paces: 10, paceM: 1, upDeg: 45, downDeg: null, eyeM: 1.6, ...change });
  test.each([
    [{ upDeg: 75 }, 'ok'],
    [{ upDeg: 75.1 }, 'upDeg'],
    [{ downDeg: 0 }, 'ok'],
    [{ downDeg: 60 }, 'ok'],
    [{ downDeg: -0.1 }, 'downDeg'],
    [{ downDeg: 60.1 }, 'downDeg'],
    [{ paces: 0 }, 'paces'],
    [{ eyeM: Infinity }, 'eyeM'],
  ])('%j', (change, at) => expect(field(angle(change))).toBe(at));
  test('known figures, and how far off they may be', () => {
    const level = got(angle());
    expect(level.height).toBeCloseTo(11.6, 9);
    expect(level.low).toBeCloseTo(9.5 * Math.tan((43 * Math.PI) / 180) + 1.6, 9);
    expect(level.high).toBeCloseTo(10.5 * Math.tan((47 * Math.PI) / 180) + 1.6, 9);
    expect(got(angle({ downDeg: 45 })).height).toBeCloseTo(20, 9);
    const shadow = got(heightOf({ by: 'shadow', stickM: 1, stickShadowM: 1.5, treeShadowM: 6 }));
    expect([shadow.height, shadow.low, shadow.high]).toEqual([4, expect.closeTo(3.6, 9), expect.closeTo(4.4, 9)]);
    expect(got(heightOf({ by: 'person', personM: 1.8, personMarks: 3, treeMarks: 10 })).height).toBeCloseTo(6, 9);
    expect(field(heightOf({ by: 'person', personM: 1.8, personMarks: 0, treeMarks: 10 }))).toBe('personMarks');
    expect([60, 60.1].map((treeShadowM) => field(heightOf({ by: 'shadow', stickM: 1, stickShadowM: 1, treeShadowM })))).toEqual(['ok', 'height']);
  });
});

describe('packs from the shop', () => {
  const ask = (change: Partial<BuyRequest>) =>
    buyList({
      unit: 'ml',
      needs: [{ what: 'beans', amount: 620 }],
      have: 0,
      packs: [
        { size: 250, price: 9 },
        { size: 1000, price: 24 },
      ],
      ...change,
    });
  test.each<[Partial<BuyRequest>, string]>([
    [{ needs: [] }, 'nothing-needed'],
    [{ needs: [{ what: 'x', amount: Number.NaN }] }, 'nothing-needed'],
    [{ have: -1 }, 'bad-stock'],
    [{ have: Infinity }, 'bad-stock'],
    [{ packs: [] }, 'bad-pack'],
    [{ packs: [], have: 620 }, 'ok'],
    [{ packs: [{ size: 0, price: 1 }] }, 'bad-pack'],
    [{ packs: [{ size: Infinity, price: 1 }] }, 'bad-pack'],
    [{ packs: [{ size: 10, price: -1 }] }, 'bad-pack'],
    [{ packs: [{ size: 10, price: 0 }], needs: [{ what: 'x', amount: 600 }] }, 'ok'],
    [{ packs: [{ size: 10, price: 1 }], needs: [{ what: 'x', amount: 601 }] }, 'too-much'],
  ])('%j', (change, said) => expect(code(ask(change))).toBe(said));
  const taken = (change: Partial<BuyRequest>) => {
    const b = got(ask(change));
    return [b.take.map((t) => `${t.count}×${t.pack.size}`).join('+'), b.leftOver, b.cost];
  };
  test('cheapest where every price is known, else least left over, then fewest packs', () => {
    expect(taken({})).toEqual(['1×1000', 380, 24]);
    expect(
      taken({
        packs: [
          { size: 250, price: 7 },
          { size: 1000, price: 24 },
        ],
      }),
    ).toEqual(['3×250', 130, 21]);
    expect(
      taken({
        packs: [
          { size: 250, price: null },
          { size: 1000, price: 1 },
        ],
      }),
    ).toEqual(['3×250', 130, null]);
    expect(
      taken({
        needs: [{ what: 'x', amount: 1000 }],
        packs: [
          { size: 500, price: 5 },
          { size: 1000, price: 10 },
        ],
      }),
    ).toEqual(['1×1000', 0, 10]);
    expect(taken({ have: 370 })).toEqual(['1×250', 0, 9]);
    expect(taken({ have: 369 })).toEqual(['2×250', 249, 18]);
    expect(taken({ have: 700 })).toEqual(['', 80, 0]);
  });
  test('what is left over is said, and much of it is warned of', () => {
    expect(got(ask({ have: 370 })).sentences.join(' ')).toMatch(/Nothing will be left over\./);
    expect(got(ask({ needs: [{ what: 'x', amount: 400 }], packs: [{ size: 1000, price: 24 }] })).sentences.join(' ')).toMatch(/more than the job itself/);
    expect(got(ask({ needs: [{ what: 'x', amount: 500 }], packs: [{ size: 1000, price: 24 }] })).sentences.join(' ')).not.toMatch(/more than the job itself/);
  });
});

const malathion = findSheet('malathion-50-ec') as LabelSheet;
const line: LabelLine = {
  ...(malathion.lines[0] as LabelLine),
  rate: { form: 'per-litre', unit: 'ml', min: 2, max: 4 },
  waterMlPerM2: 100,
  coverage: 'wetted',
};
const ask = (change: Partial<MixRequest> = {}): MixRequest => ({
  sheet: { ...malathion, into: 'shake-in' },
  line,
  rate: 3,
  area: squareMetres(20),
  water: null,
  sprayer: { name: 'sprayer', capacity: millilitres(5000) },
  kit: [...STARTER_KITS.metric, jugOf(100, 0.5)],
  ...change,
});
const withLine = (change: Partial<LabelLine>, more: Partial<MixRequest> = {}) => ask({ line: { ...line, ...change }, ...more });

describe('a mix that can not be is refused where it was typed', () => {
  test.each<[string, MixRequest, string]>([
    ['no area', ask({ area: squareMetres(1e-12) }), 'ok'],
    ['rate of nothing', ask({ rate: 0 }), 'bad-rate'],
    ['rate of no number', ask({ rate: Number.NaN }), 'bad-rate'],
    ['endless rate', ask({ rate: Infinity }), 'bad-rate'],
    ['the least', ask({ rate: 2 }), 'ok'],
    ['under it', ask({ rate: 1.999 }), 'below-label'],
    ['the most', ask({ rate: 4 }), 'ok'],
    ['above it', ask({ rate: 4.001 }), 'above-label'],
    ['a millionth above is the same figure', ask({ rate: 4 * (1 + 5e-7) }), 'ok'],
    ['no water at all', ask({ water: millilitres(0) }), 'bad-water'],
    ['less than no water', ask({ water: millilitres(0.001) }), 'too-small'],
    ['no sprayer', ask({ sprayer: null }), 'no-sprayer'],
    ['a drench needs none', withLine({ coverage: 'drenched' }, { sprayer: null }), 'ok'],
    [
      'a drench is never neat',
      withLine({ coverage: 'drenched', rate: { form: 'per-plant', unit: 'ml', min: 2, max: 4 } }, { count: 3, water: millilitres(0) }),
      'bad-water',
    ],
    ['by the plant', withLine({ rate: { form: 'per-plant', unit: 'ml', min: 2, max: 4 } }, { count: 3 }), 'ok'],
    ['as many as nobody said', withLine({ rate: { form: 'per-plant', unit: 'ml', min: 2, max: 4 } }), 'bad-count'],
  ])('%s', (_what, request, said) => {
    const out = code(planMix(request));
    if (said === 'ok' || said === 'too-small') expect(['ok', 'too-small', 'way']).toContain(out);
    else expect(out).toBe(said);
  });
});

describe('loads of a sprayer', () => {
  const loads = (change: Partial<MixRequest>) => got(planMix(ask(change))).loads.map((l) => [Math.round(l.water), l.full]);
  const water = (ml: number) => ({ water: millilitres(ml) });
  test('full tanks, then a part; a splash is shared out', () => {
    expect(loads(water(5000))).toEqual([[5000, true]]);
    expect(loads(water(8000))).toEqual([
      [5000, true],
      [3000, false],
    ]);
    expect(loads(water(10_000))).toEqual([
      [5000, true],
      [5000, true],
    ]);
    // 249 ml are less than a twentieth of a tank
    expect(loads(water(5249))).toEqual([
      [2625, false],
      [2625, false],
    ]);
    expect(loads(water(5250))).toEqual([
      [5000, true],
      [250, false],
    ]);
    expect(loads(water(240))).toEqual([[240, false]]);
  });
  test('more than the plants take is said from a quarter more on', () => {
    const warned = (ml: number) => /Have a use for the rest/.test(got(planMix(ask(water(ml)))).warnings.join(' '));
    expect([warned(2000), warned(2500), warned(2510)]).toEqual([false, false, true]);
  });
  test('amounts by the plant are shared by the part of the water', () => {
    const plan = got(planMix(withLine({ rate: { form: 'per-plant', unit: 'ml', min: 2, max: 4 }, waterMlPerM2: 500 }, { count: 16 })));
    expect(plan.water).toBe(8000);
    expect(plan.loads.map((l) => l.product)).toEqual([30, 18]);
    expect(plan.product).toBe(48);
  });
  test('a drench without named water is proposed, and said so', () => {
    const plan = got(planMix(withLine({ coverage: 'drenched', waterMlPerM2: null })));
    expect([plan.waterNamed, plan.warnings.join(' ')]).toEqual([false, expect.stringMatching(/names no water/)]);
    expect(got(planMix(withLine({ coverage: 'drenched', waterMlPerM2: 2000 }))).warnings.join(' ')).not.toMatch(/names no water/);
  });
});

describe('too much went in', () => {
  const plan = got(planMix(ask({ water: millilitres(2000) })));
  const load = plan.loads[0] as MixPlan['loads'][0];
  const over = (n: number, capacity = 5000, p = plan) => correctOvershoot(load, n, capacity as Millilitres, p);
  test('at each border', () => {
    for (const n of [0, -1, Number.NaN]) expect(code(over(n))).toBe('bad-amount');
    expect(code(over(load.product))).toBe('not-over');
    expect(code(over(load.product + 0.01))).toBe('ok');
    // 6 ml in 2 l are 3 ml a litre: 15 ml want 5 l, and no more fits
    expect(got(over(15))).toMatchObject({ addWater: 3000, total: 5000 });
    expect(got(over(16))).toMatchObject({ addWater: 3000, total: 5000, sentence: expect.stringMatching(/stronger than planned/) });
    expect(code(over(20))).toBe('ok');
    expect(code(over(20.1))).toBe('tank-full');
    expect(got(over(8, 2000)).sentence).toMatch(/^It makes/);
    expect(code(over(7, 2000, { ...plan, line: { ...line, rate: { ...line.rate, form: 'per-m2' } } }))).toBe('per-area');
  });
});

describe('a mix as it went', () => {
  const plan = got(planMix(ask({ water: millilitres(8000) })));
  test('its life ends after its hours, not at them', () => {
    const life = malathion.mixLifeHours * 3_600_000;
    const load = { product: 1, water: 1, madeAt: 1000, outAt: null, waste: false };
    expect([lifeEnd(load, malathion), lifeEnd({ madeAt: null }, malathion)]).toEqual([1000 + life, null]);
    expect([isPast(load, malathion, 1000 + life), isPast(load, malathion, 1001 + life)]).toEqual([false, true]);
    expect([isPast({ ...load, outAt: 5 }, malathion, 1001 + life), isPast({ ...load, madeAt: null }, malathion, 9e15)]).toEqual([false, false]);
  });
  test('spoilt loads are waste and not put on; first mixed and last out', () => {
    const went = tally(plan, { 1: { madeAt: 20, outAt: 50 }, 2: { madeAt: 10, outAt: 40, product: 7 } });
    expect([went.product, went.water, went.waste, went.madeAt, went.outAt]).toEqual([(plan.loads[0]?.made ?? 0) + 7, 8000, 0, 10, 50]);
    const spoilt = tally(plan, { 1: { madeAt: 20, outAt: 50 }, 2: { madeAt: 10, waste: true } });
    expect([spoilt.water, spoilt.waste, spoilt.madeAt, spoilt.outAt]).toEqual([5000, 3000, 20, 50]);
    expect(tally(plan, {})).toMatchObject({ madeAt: null, outAt: null, waste: 0 });
  });
  test('what was put in, by spoon, weight or a bare number', () => {
    const of = (unit: 'ml' | 'g', levelDensity?: LabelSheet['levelDensity']) => ({ sheet: { ...malathion, levelDensity }, unit, units: 'metric' as const });
    expect(got(readPutIn('0', of('ml')))).toEqual({ least: 0, usual: 0, most: 0 });
    expect(got(readPutIn('6 tbsp', of('ml')))).toEqual({ least: 90, usual: 90, most: 90 });
    expect(got(readPutIn('20', of('g'))).usual).toBe(20);
    expect(code(readPutIn('2 tbsp', of('g')))).toBe('no-density');
    expect(code(readPutIn('20 g', of('ml')))).toBe('wrong-dimension');
    const density = { gPerMl: 0.5, spread: 0.2, prov: { mark: 'MEM' } } as LabelSheet['levelDensity'];
    expect(got(readPutIn('2 tbsp', of('g', density)))).toEqual({ least: expect.closeTo(12, 9), usual: 15, most: expect.closeTo(18, 9) });
  });
});

describe('how far a pack goes', () => {
  const of = (form: LabelLine['rate']['form'], amount: number, change: Partial<LabelLine> = {}) =>
    treats({ ...line, rate: { form, unit: 'ml', min: 2, max: 4 }, ...change }, amount, 'metric');
  test.each<[LabelLine['rate']['form'], string]>([
    ['per-litre', '10 l of mix, on about 100 m²'],
    ['per-m2', '10 m²'],
    ['per-plant', '10 plants'],
    ['per-m-row', '10 m of row'],
    ['per-litre-soil', '10 l of potting mix'],
    ['per-cm-trunk', '10 cm round the trunks, all together'],
    ['per-m-height', '10 m of height, all together'],
  ])('%s', (form, words) => expect(of(form, 30)?.words).toBe(words));
  test('nothing left treats nothing; a part of a plant is no plant', () => {
    for (const n of [0, -1, Infinity, Number.NaN]) expect(of('per-litre', n)).toBeNull();
    expect(of('per-plant', 29.9)?.words).toBe('9 plants');
    expect(of('per-litre', 30, { waterMlPerM2: 0 })?.areaM2).toBeNull();
    expect(of('per-m2', 30)?.areaM2).toBeNull();
  });
});

describe('ways to an amount that the measures do not show', () => {
  const ways = (change: Partial<Parameters<typeof waysToMeasure>[0]>) =>
    waysToMeasure({
      wantedMl: 1,
      ceilingMl: 1.05,
      wantedG: null,
      kit: [spoonOf(5)],
      units: 'metric',
      batch: null,
      liquid: true,
      thins: true,
      waterMl: 1000,
      ...change,
    }).map((w) => w.by);
  test('none where what is owned does; else each that was tried and does', () => {
    expect(ways({ wantedMl: 5, ceilingMl: 5.2 })).toEqual([]);
    expect(ways({ wantedMl: 5.25, ceilingMl: 6 })).toEqual([]);
    expect(ways({ wantedMl: 5.3, ceilingMl: 6 })).not.toEqual([]);
    expect(ways({})).toEqual(['syringe', 'stock']);
    expect(ways({ kit: [spoonOf(5), jugOf(250, 10)] })).toEqual(['syringe', 'stock']);
    expect(ways({ kit: [spoonOf(5), jugOf(250, 10)], thins: false })).toEqual(['syringe']);
    expect(ways({ kit: [spoonOf(5), jugOf(250, 10)], liquid: false, thins: false })).toEqual([]);
    // of a stock no more than half of the water
    expect(ways({ kit: [spoonOf(5), jugOf(250, 10)], waterMl: 30 })).toEqual(['syringe']);
    expect(ways({ wantedMl: null, ceilingMl: null })).toEqual([]);
    expect(ways({ wantedMl: 1, ceilingMl: null })).toEqual([]);
    expect(ways({ wantedMl: null, ceilingMl: 1 })).toEqual([]);
    expect(ways({ wantedMl: 0.61, ceilingMl: 0.62 })).toEqual(['small-spoon', 'syringe', 'stock']);
  });
  test('a scale by what it must show: a tenth of the amount', () => {
    const shows = (wantedG: number) =>
      waysToMeasure({ wantedMl: null, ceilingMl: null, wantedG, kit: [], units: 'metric', batch: null, liquid: false, thins: false, waterMl: null }).map(
        (w) => /shows (\S+) g/.exec(w.sentence)?.[1],
      );
    expect([shows(10), shows(9.9), shows(1), shows(0.99), shows(0.1), shows(0.09)]).toEqual([['1'], ['0.1'], ['0.1'], ['0.01'], ['0.01'], []]);
  });
});

describe('a Bordeaux that somebody was told', () => {
  const dry = (g: number) => ({ as: 'dry' as const, amount: got(parseQuantity(`${g} g`, 'metric', ['mass'], 'f')) });
  const stock = (ml: number) => ({ as: 'stock' as const, ml, gPerL: 120 });
  // 10-10-100 is 11.98 g of each in a litre
  const verdict = (copper: number, lime: number) => got(checkBordeaux(dry(copper), dry(lime), millilitres(1000), 'pentahydrate', 'hydrated')).verdict;
  const U = 11.982642731;
  test.each([
    [U, U, 'usual'],
    [U * 1.04, U * 1.04, 'usual'],
    [U * 1.06, U * 1.06, 'stronger'],
    [U * 0.96, U * 0.96, 'usual'],
    [U * 0.94, U * 0.94, 'weaker'],
    [U * 1.99, U * 1.99, 'stronger'],
    [U * 2.01, U * 2.01, 'too-strong'],
    [U, U * 0.1, 'little-lime'],
  ])('%d g and %d g: %s', (c, l, said) => expect(verdict(c, l)).toBe(said));
  test('a little over is not called one time the maximum', () => {
    const q = (text: string) => got(parseQuantity(text, 'metric', ['volume'], 'f'));
    const said = (times: number) =>
      got(
        checkRecipe({
          sheet: { ...malathion, specimen: false },
          line,
          product: q(`${(line.rate.max * 10 * times).toFixed(6)} ml`),
          over: q('10 l'),
          units: 'metric',
        }),
      ).sentences[0];
    expect([said(1.0099), said(1.011)]).toEqual([
      expect.stringMatching(/a little over the label’s maximum/),
      expect.stringMatching(/1\.01 times the label’s maximum/),
    ]);
  });
  test('the stocks alone are not more than all of it', () => {
    const from = (c: number, l: number) => code(checkBordeaux(stock(c), stock(l), millilitres(1000), 'pentahydrate', 'hydrated'));
    expect([from(500, 500), from(500.1, 500), from(500, 500.1)]).toEqual(['ok', 'bad-volume', 'bad-volume']);
    expect(code(checkBordeaux(stock(1000), dry(100), millilitres(1000), 'pentahydrate', 'hydrated'))).toBe('ok');
    expect(code(checkBordeaux(dry(100), stock(1001), millilitres(1000), 'pentahydrate', 'hydrated'))).toBe('bad-volume');
    expect(field(checkBordeaux(dry(1), dry(1), millilitres(0.0001), 'pentahydrate', 'hydrated'))).not.toBe('');
  });
});

// a pesticide made at home is one in law; a dish, a row, a brush or a maker's device is not (from memory)
test('which preparations are pesticides made at home', () => {
  expect(PREPARATIONS.filter((p) => p.homeMade).map((p) => p.id)).toEqual([
    'neem-emulsion',
    'bar-suds',
    'soap-drench',
    'neem-leaf-tea',
    'bark-wash',
    'ash-dust',
  ]);
});
